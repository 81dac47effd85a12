/** A material's own colour as CSS. */
export const ownColour = ([l, c, h]: readonly [number, number, number]): string => `oklch(${l} ${c} ${h})`;
