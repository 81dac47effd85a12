import type { Lookup } from "../../material";
import type { Recipe } from "../method";
import { DONE_SHARE } from "./done";

/** The tables' own teas, each with what it is brewed from. */
export const TEA_FROM: Readonly<Record<string, string>> = {
  "black-tea": "black-tea-leaf",
  "green-tea-brew": "green-tea-whole",
  "coffee-brew": "coffee-grounds",
  "hibiscus-tea": "roselle-whole",
  "chamomile-tea": "chamomile-whole",
  "rosemary-tea": "rosemary-leaf-whole",
  "nettle-tea": "nettle-leaf-whole",
  "fenugreek-water": "fenugreek-seed-whole",
  "rice-water": "rice-grain",
  "sage-tea": "sage-leaf-whole",
  "marshmallow-water": "marshmallow-root-whole",
};
const LEAST_ML = 50;
/** More than this to a ml nobody brews: rice gives its water starch that is no strength of a tea. */
const MOST_G_PER_ML = 0.15;

/** So much of its herb that the tea is as strong as the tables' own. */
function recipe(teaId: string, massG: number, find: Lookup): Recipe | undefined {
  const [tea, herb] = [find(teaId), find(TEA_FROM[teaId])];
  if (!tea || !herb || !(herb.dissolving.value > 0)) return undefined;
  const wantMl = Math.max(LEAST_ML, Math.ceil(massG / 10) * 10);
  const grams = (tea.dissolving.value * wantMl) / (DONE_SHARE * herb.dissolving.value);
  if (grams > MOST_G_PER_ML * wantMl) return undefined;
  return {
    things: [{ materialId: herb.id, massG: Math.max(1, Math.round(grams * 10) / 10) }],
    settings: { way: "boiled", wantMl },
  };
}
export const TEAS = Object.fromEntries(
  Object.keys(TEA_FROM).map((teaId) => [teaId, (massG: number, find: Lookup) => recipe(teaId, massG, find)]),
);
