import type { Family, Form, Job, Tag } from "../material";
import type { Feel } from "./feel";

/** All that is named must hold. */
export interface FeelRow {
  readonly feel: Feel;
  readonly tag?: Tag;
  readonly form?: Form;
  readonly family?: Family;
  readonly job?: Job;
  /** What a bowl of nothing else would score before it is bent: estimates, set by what makers say of common bowls. */
  readonly perShare: number;
}

/** Data, not branches: of all rows that fit a material, the strongest counts. */
export const FEEL_TABLE: readonly FeelRow[] = [
  { feel: "slip", job: "slip", form: "powder", perShare: 5 },
  { feel: "slip", family: "clay", form: "powder", perShare: 0.8 },
  { feel: "slip", tag: "gum", perShare: 30 },
  { feel: "slip", job: "slip", form: "soft", perShare: 1.6 },
  { feel: "slip", tag: "conditioner", perShare: 4 },
  { feel: "slip", job: "slip", form: "liquid", perShare: 0.5 },
  { feel: "slip", family: "oil", perShare: 2 },
  { feel: "slip", tag: "honey", perShare: 0.6 },
  { feel: "drying", tag: "drying", form: "powder", perShare: 2.4 },
  { feel: "drying", tag: "saponin", perShare: 4 },
  { feel: "drying", tag: "clay", perShare: 2.8 },
  { feel: "drying", tag: "drying", form: "soft", perShare: 0.5 },
  { feel: "drying", tag: "acid", perShare: 0.8 },
  { feel: "grit", family: "leaf", form: "powder", perShare: 1.5 },
  { feel: "grit", family: "root", form: "powder", perShare: 2.2 },
  { feel: "grit", family: "seed", form: "powder", perShare: 1.8 },
  { feel: "grit", family: "fruit", form: "powder", perShare: 1.8 },
  { feel: "grit", family: "flower", form: "powder", perShare: 1.4 },
  { feel: "grit", family: "mixture", form: "powder", perShare: 1.7 },
  { feel: "grit", family: "clay", form: "powder", perShare: 0.3 },
  { feel: "grit", tag: "fruit", form: "soft", perShare: 0.4 },
  { feel: "grit", form: "crystals", perShare: 0.8 },
  { feel: "stain", tag: "dye", perShare: 6 },
  { feel: "stain", tag: "stainsYellow", perShare: 8 },
  { feel: "stain", tag: "stainsRed", perShare: 5 },
  { feel: "stain", tag: "stainsBlue", perShare: 6 },
  { feel: "protein", tag: "protein", form: "powder", perShare: 3 },
  { feel: "protein", tag: "protein", form: "liquid", perShare: 2.5 },
  { feel: "protein", tag: "dairy", perShare: 0.6 },
  { feel: "scent", tag: "essentialOil", perShare: 90 },
  { feel: "scent", tag: "egg", perShare: 2 },
  { feel: "scent", tag: "smells", perShare: 6 },
  { feel: "scent", tag: "dye", form: "powder", perShare: 2 },
  { feel: "scent", form: "powder", perShare: 1.2 },
];
