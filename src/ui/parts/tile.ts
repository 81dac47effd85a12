/** How a picture looks that one presses: in one's hand when it is pressed in. */
export const TILE =
  "w-full rounded-[3px] border-[1.5px] border-transparent text-center hover:bg-sunk aria-pressed:border-ink" +
  " aria-pressed:bg-sunk";
