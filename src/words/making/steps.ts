import type { MakingStepId } from "@/core/making";

export const MAKING_STEP_NAME: Readonly<Record<MakingStepId, string>> = {
  weigh: "Weigh",
  heat: "Heat up",
  boil: "Boil",
  reduce: "Boil it down",
  pour: "Pour over",
  stand: "Let it stand",
  strain: "Strain",
  keep: "Put it away",
  draw: "Let it draw",
  cool: "Let it cool",
  settle: "Let it settle",
  hang: "Hang it",
  slurry: "Stir it up cold",
  cook: "Cook it",
  open: "Open the leaf",
  grind: "Grind it",
  press: "Press it out",
  dissolve: "Stir until it is clear",
  mix: "Mix it",
};
