import { checkNumber } from "@/core/checkNumber";
import type { Problem } from "@/core/problem";
import { typed } from "../forms/typed";

/** When a bowl is made, as it stands in the form. */
export interface MakePlan {
  readonly when: "now" | "onHead" | "made";
  readonly onHeadAt: string;
  readonly madeAt: string;
  readonly pouredText: string;
  readonly headName: string;
}

/** What is wrong with what was poured of a bowl that was made already. */
export const notPouredIn = ({ pouredText }: MakePlan): Problem | undefined =>
  pouredText.trim() === "" ? undefined : checkNumber("pouredMl", typed(pouredText), "pouredMl");

/** What the server is told of it. */
export const toldOf = ({ when, onHeadAt, madeAt, pouredText }: MakePlan): object => {
  if (when === "onHead") return { onHeadAt };
  return when === "made" ? { madeAt, ...(pouredText.trim() ? { pouredMl: typed(pouredText) } : {}) } : {};
};
