import type { Family, Form, Job } from "@/core/material";

export const FAMILY_NAME: Readonly<Record<Family, string>> = {
  leaf: "Leaves", fruit: "Fruits and pods", seed: "Seeds, flours and starches", root: "Roots, bark and wood", flower: "Flowers", clay: "Clays", mixture: "Your own mixtures",
  base: "Wet things", acid: "Sour things", oil: "Oils and butters", essentialOil: "Essential oils", water: "Waters and teas", lotionPart: "Lotion parts, gums and salts",
};
export const FORM_NAME: Readonly<Record<Form, string>> = {
  powder: "powder", whole: "dried, whole or cut", fresh: "fresh", soft: "soft", liquid: "liquid", butter: "butter", flakes: "flakes or pellets", crystals: "crystals",
};
export const JOB_NAME: Readonly<Record<Job, string>> = {
  colour: "colour", scalp: "the scalp", flakes: "flakes and itch", condition: "conditioning", slip: "slip", protein: "protein", moisture: "moisture", wash: "washing", oilControl: "an oily scalp",
  soften: "softness", acid: "sourness", scent: "scent", thicken: "thickness", liquid: "making up", emulsify: "holding oil and water", preserve: "keeping", shine: "shine",
};
