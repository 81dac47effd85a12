import type { DyeId, Tint } from "@/core/colour";
import { DYE_NAME } from "./dyeNames";

const LEAVES: Readonly<Record<Tint, string>> = {
  none: "nothing that one sees",
  breath: "a breath of colour on grey, blond or bleached hair",
  tint: "a tint on grey, blond or bleached hair",
  colour: "colour on grey, blond or bleached hair",
};
/** "The henna in it may leave a tint on grey, blond or bleached hair." */
export const tintWords = ({ dye, tint }: { readonly dye: DyeId; readonly tint: Tint }): string =>
  `The ${DYE_NAME[dye]} in it may leave ${LEAVES[tint]}.`;
