"use client";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { Sheet } from "../parts/Sheet";

const KEYS: readonly (readonly [string, string, string])[] = [
  ["t", "/", "Today"],
  ["b", "/blend", "a new blend"],
  ["s", "/shelf", "the Shelf"],
  ["h", "/heads", "Heads"],
  ["l", "/log", "the Log"],
];
const THEME_COOKIE = "infusing_theme";

/** Letters belong to a field that takes text; a checkbox does not. */
const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.matches("[contenteditable], textarea, select, input:not([type=checkbox], [type=radio])");

function switchTheme() {
  const root = document.documentElement;
  const now = root.dataset.theme ?? (matchMedia("(prefers-color-scheme: dark)").matches ? "dim" : "light");
  const next = now === "dim" ? "light" : "dim";
  root.dataset.theme = next;
  document.cookie = `${THEME_COOKIE}=${next}; path=/; max-age=31536000; samesite=strict`;
}

/** Shortcuts and the light, under "?". */
export function Keys() {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (event.key === "?") return setOpen(true);
      if (event.key === "d") return switchTheme();
      const found = KEYS.find(([key]) => key === event.key);
      // What is typed while something opens was meant for it.
      if (found && !document.querySelector("[role=dialog], [aria-haspopup=dialog][aria-expanded=true]"))
        router.push(found[1]);
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [router]);
  return (
    <Sheet
      title="Shortcuts and light"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button
          type="button"
          aria-label="Shortcuts and light"
          className="min-h-11 min-w-11 font-say text-lg text-press hover:underline"
        >
          ?
        </button>
      }
    >
      <dl className="grid grid-cols-[2.5rem_1fr] gap-y-1">
        {KEYS.map(([key, , name]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="font-semibold">{key}</kbd>
            </dt>
            <dd>{name}</dd>
          </div>
        ))}
        <dt>
          <kbd className="font-semibold">d</kbd>
        </dt>
        <dd>dim or light</dd>
        <dt>
          <kbd className="font-semibold">?</kbd>
        </dt>
        <dd>this</dd>
      </dl>
      <button type="button" className="pressable mt-2 min-h-11" onClick={switchTheme}>
        dim or light
      </button>
    </Sheet>
  );
}
