import { ESSENTIAL_OIL_STOP_ML } from "@/core/caution";
import type { Material } from "@/core/material";

/** So much that it is a slip of the pen, or a burn. */
export const isMuchEssentialOil = ({ tags, bulkDensityGPerMl }: Material, massG: number | undefined): boolean =>
  tags.includes("essentialOil") && massG !== undefined && massG / bulkDensityGPerMl.value > ESSENTIAL_OIL_STOP_ML;
