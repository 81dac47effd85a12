"use client";
import { lazy, Suspense, useCallback, useEffect, useRef, useState, type ComponentType, type ReactNode } from "react";
import { fetched, wanted } from "./wanted";

type Load<P> = () => Promise<ComponentType<P>>;

/** Where a piece of the page could not be fetched, the page says so and goes on. */
function NotHere() {
  return (
    <p role="alert">
      This part could not be fetched.{" "}
      <button type="button" className="pressable min-h-11" onClick={() => window.location.reload()}>
        load the page again
      </button>
    </p>
  );
}
const orSaySo = async <P,>(load: Load<P>): Promise<{ default: ComponentType<P> }> => ({
  default: await fetched(load).catch(() => NotHere),
});

/** What opens at a press: fetched when somebody is there, so that it is at hand by then. It stands in a `Suspense`. */
export function opened<P extends object>(load: Load<P>): ComponentType<P> {
  let part: ComponentType<P> | undefined;
  let loading: ReturnType<typeof orSaySo<P>> | undefined;
  const once = () =>
    (loading ??= orSaySo(load).then((file) => {
      part = file.default;
      return file;
    }));
  if (typeof window !== "undefined") void wanted.then(once);
  const Fetched = lazy(once) as unknown as ComponentType<P>;
  return function Opened(props: P) {
    // What is at hand opens at once; React would let even that wait for a moment.
    const [Body] = useState(() => part ?? Fetched);
    return <Body {...props} />;
  };
}

/**
 * A part below the fold: the server draws it with the page, and what makes it answer comes when somebody is there.
 * Until then it stands as it was drawn; what is pressed meanwhile is pressed again once it answers.
 */
export function later<P extends object>(load: Load<P>) {
  const Body = lazy(() =>
    wanted.then(async () => {
      const { default: Part } = await orSaySo(load);
      return {
        default: function Answering({ onHere, props }: { readonly onHere: () => void; readonly props: P }) {
          useEffect(onHere, [onHere]);
          return <Part {...props} />;
        },
      };
    }),
  );
  return function Later(props: P) {
    const box = useRef<HTMLDivElement>(null);
    const [here, setHere] = useState(false);
    const onHere = useCallback(() => setHere(true), []);
    const draw = () => (
      <Suspense fallback={null}>
        <Body onHere={onHere} props={props} />
      </Suspense>
    );
    // An element that stays the same is not drawn anew, which would throw away what the server drew.
    const asDrawn = useRef<ReactNode>(undefined);
    asDrawn.current ??= draw();
    const pressed = useRef<HTMLElement>(undefined);
    useEffect(() => {
      if (here) {
        pressed.current?.click();
        pressed.current = undefined;
        return;
      }
      // Heard before the framework, which lets nobody hear what it cannot answer yet.
      const keep = ({ target }: Event) => {
        if (target instanceof HTMLElement && box.current?.contains(target)) pressed.current = target;
      };
      window.addEventListener("click", keep, true);
      return () => window.removeEventListener("click", keep, true);
    }, [here]);
    return (
      <div ref={box} className="contents">
        {here ? draw() : asDrawn.current}
      </div>
    );
  };
}
