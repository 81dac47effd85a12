"use client";
import { useId, useState, type ReactNode } from "react";

interface FoldProps {
  readonly title: string;
  /** What it comes to, in a line: on a phone it stands on the fold. */
  readonly line: string;
  /** How the section is called by those who listen, where that is not its title. */
  readonly label?: string;
  readonly id?: string;
  /** Open from the first, also on a phone. */
  readonly open?: boolean;
  readonly className?: string;
  readonly children: ReactNode;
}

/** A section of a long page: whole where there is room, and on a phone a line that opens it. On paper it is whole. */
export function Fold({ title, line, label = title, id, open: openAtFirst = false, className, children }: FoldProps) {
  const [pressed, setPressed] = useState<boolean>();
  const open = pressed ?? openAtFirst;
  const body = useId();
  return (
    <section aria-label={label} id={id} className={className}>
      <h2 className="hidden lg:block print:block">{title}</h2>
      <h2 className="border-b border-line lg:hidden print:hidden">
        <button
          type="button"
          className="flex min-h-12 w-full items-baseline justify-between gap-4 py-2 text-left"
          aria-expanded={open}
          aria-controls={body}
          onClick={() => setPressed(!open)}
        >
          <span className="pressable shrink-0">{title}</span>
          <span className="font-sans text-base font-normal text-quiet">{line}</span>
        </button>
      </h2>
      <div id={body} className={`${open ? "pt-1" : "hidden"} lg:block lg:pt-0 print:block`}>
        {children}
      </div>
    </section>
  );
}
