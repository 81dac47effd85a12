import type { ButtonHTMLAttributes } from "react";

type Look = "main" | "plain" | "text";
const LOOK: Readonly<Record<Look, string>> = {
  main: "bg-press text-on-press px-5 py-2.5 font-semibold hover:underline underline-offset-4",
  plain: "border-[1.5px] border-ink px-4 py-2 hover:bg-sunk",
  text: "pressable px-1 py-2",
};

/** Something to press; at least 44 px tall. */
export function Button({
  look = "plain",
  idle = false,
  className = "",
  onClick,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & {
  look?: Look;
  /** Does nothing now, and keeps the focus. */ idle?: boolean;
}) {
  return (
    <button
      type="button"
      className={`min-h-11 rounded-[3px] disabled:opacity-50 aria-disabled:opacity-50 ${LOOK[look]} ${className}`}
      {...rest}
      {...(idle ? { "aria-disabled": true, onClick: (event) => event.preventDefault() } : { onClick })}
    />
  );
}
