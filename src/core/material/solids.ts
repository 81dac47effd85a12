import { fromMemory } from "../figure";

export const WATER_DENSITY_G_PER_ML = 1;
/** @source CRC Handbook range for vegetable oils 0.91–0.93 at 20 °C (from memory) */
export const OIL_DENSITY_G_PER_ML = 0.92;
/** ml that a gram of sugar takes up in water. @source partial specific volume of sucrose ≈ 0.62–0.63 (from memory) */
export const DISSOLVED_ML_PER_G = 0.63;

export const PLANT_SOLIDS = fromMemory(
  1.5,
  1.4,
  1.6,
  "Wood Handbook, USDA Forest Products Laboratory: cell-wall matter about 1.5 g/ml",
);
export const CLAY_SOLIDS = fromMemory(2.6, 2.4, 2.75, "CRC Handbook, density of kaolinite and montmorillonite");
export const STARCH_SOLIDS = fromMemory(1.5, 1.45, 1.6, "CRC Handbook, density of starch 1.5 g/ml");
export const PROTEIN_SOLIDS = fromMemory(
  1.33,
  1.25,
  1.4,
  "dry protein 1.33 g/ml by its partial specific volume of 0.73–0.75 ml/g",
);
