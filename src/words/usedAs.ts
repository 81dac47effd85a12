import type { Material } from "@/core/material";

/** What something that was made can still be, before it is gone. @param days until its best-before */
export function usedAsWords({ form, family }: Pick<Material, "form" | "family">, days: number): string {
  if (days < 0) return "past its day: away with it, unless it is frozen";
  if (family === "oil") return "rubbed into the ends, or into the next mask";
  return form === "liquid" ? "as a rinse, a mist, or the liquid of the next bowl" : "into the next mask";
}
