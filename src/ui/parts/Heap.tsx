import Link from "next/link";
import type { ReactNode } from "react";
import { ownColour } from "./colour";
import { TILE } from "./tile";

const LOOK = `group flex min-h-20 flex-col items-center justify-start px-1 py-1 leading-tight ${TILE}`;

interface HeapProps {
  readonly name: string;
  readonly colour: readonly [number, number, number];
  /** What a press does, or where it leads. */
  readonly onPress?: () => void;
  readonly href?: string;
  /** Of a heap that is pressed in and out. */
  readonly pressed?: boolean;
  readonly children?: ReactNode;
}

/** A powder as a heap in its own colour, to press. */
export function Heap({ name, colour, onPress, href, pressed, children }: HeapProps) {
  const body = (
    <>
      <svg viewBox="0 0 60 34" className="h-9 w-16" aria-hidden>
        <path
          d="M3 32C12 30 22 6 30 4C38 6 48 30 57 32Z"
          style={{ fill: ownColour(colour) }}
          className="stroke-ink stroke-[1.4]"
        />
      </svg>
      <span className="group-aria-pressed:font-semibold">{name}</span>
      {children}
    </>
  );
  return href ? (
    <Link href={href} className={LOOK} draggable={false}>
      {body}
    </Link>
  ) : (
    <button type="button" aria-pressed={pressed} onClick={onPress} className={LOOK}>
      {body}
    </button>
  );
}
