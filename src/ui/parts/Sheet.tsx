"use client";
import {
  cloneElement,
  createContext,
  Suspense,
  useContext,
  useId,
  useRef,
  useState,
  type ReactElement,
  type ReactNode,
  type Ref,
} from "react";
import { opened } from "./later";

const SheetBody = opened(() => import("./SheetBody").then((file) => file.SheetBody));

interface TriggerProps {
  readonly ref?: Ref<HTMLButtonElement>;
  readonly onClick?: () => void;
  readonly "aria-haspopup"?: "dialog";
  readonly "aria-expanded"?: boolean;
  readonly "aria-controls"?: string;
}

const Close = createContext<() => void>(() => undefined);

interface SheetProps {
  /** The thing that opens it; one button. */
  readonly trigger: ReactElement<TriggerProps>;
  readonly title: string;
  readonly children: ReactNode;
  readonly open?: boolean;
  readonly onOpenChange?: (open: boolean) => void;
}

/** A small sheet of choices that opens where it was pressed, and closes with Escape. */
export function Sheet({ trigger, title, children, open, onOpenChange }: SheetProps) {
  const [byItself, setByItself] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const id = useId();
  const isOpen = open ?? byItself;
  const change = (to: boolean) => {
    setByItself(to);
    onOpenChange?.(to);
  };
  return (
    <>
      {cloneElement(trigger, {
        ref: button,
        onClick: () => change(!isOpen),
        "aria-haspopup": "dialog",
        "aria-expanded": isOpen,
        "aria-controls": isOpen ? id : undefined,
      })}
      {isOpen && (
        // It opens with all that is in it, so that the focus finds its first field.
        <Suspense fallback={null}>
          <SheetBody id={id} title={title} at={button} onOpenChange={change}>
            <Close.Provider value={() => change(false)}>{children}</Close.Provider>
          </SheetBody>
        </Suspense>
      )}
    </>
  );
}

/** A button in a sheet that closes it as well. */
export function SheetClose({ children }: { readonly children: ReactElement<TriggerProps> }) {
  const close = useContext(Close);
  const { onClick } = children.props;
  return cloneElement(children, {
    onClick: () => {
      onClick?.();
      close();
    },
  });
}
