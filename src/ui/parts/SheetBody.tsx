"use client";
import { Popover } from "radix-ui";
import { useRef, type ReactNode, type RefObject } from "react";
import { useBackCloses } from "./backCloses";

interface SheetBodyProps {
  readonly id: string;
  readonly title: string;
  /** The button that opened it. */
  readonly at: RefObject<HTMLButtonElement | null>;
  readonly children: ReactNode;
  readonly onOpenChange: (open: boolean) => void;
}

/** What a sheet shows once it is open. */
export function SheetBody({ id, title, at, children, onOpenChange }: SheetBodyProps) {
  const pressedElsewhere = useRef(false);
  useBackCloses(true, () => onOpenChange(false));
  return (
    <Popover.Root open onOpenChange={onOpenChange}>
      <Popover.Anchor virtualRef={at as RefObject<HTMLButtonElement>} />
      <Popover.Portal>
        <Popover.Content
          id={id}
          className="sheet"
          sideOffset={6}
          collisionPadding={12}
          aria-label={title}
          onInteractOutside={(event) => {
            // The button itself closes it; were it closed here as well, the press would open it again.
            if (at.current?.contains(event.target as Node)) event.preventDefault();
            else pressedElsewhere.current = true;
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            // Another that opened in its place has the focus already, and would close for losing it.
            const isNowhere = document.activeElement === null || document.activeElement === document.body;
            if (!pressedElsewhere.current && isNowhere) at.current?.focus();
          }}
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
