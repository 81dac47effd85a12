"use client";
import { Popover } from "radix-ui";
import type { ReactElement, ReactNode } from "react";

interface SheetProps {
  /** The thing that opens it; one button. */
  readonly trigger: ReactElement;
  readonly title: string;
  readonly children: ReactNode;
  readonly open?: boolean;
  readonly onOpenChange?: (open: boolean) => void;
}

/** A small sheet of choices that opens where it was pressed, and closes with Escape. */
export function Sheet({ trigger, title, children, open, onOpenChange }: SheetProps) {
  return (
    <Popover.Root open={open} onOpenChange={onOpenChange}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content className="sheet" sideOffset={6} collisionPadding={12} aria-label={title}>
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

export const SheetClose = Popover.Close;
