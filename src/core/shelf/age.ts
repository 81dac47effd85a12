import { practice, type Figure } from "../figure";
import type { AgeTest, Family, Keeping, Material } from "../material";
import { monthsBetween, monthsOn } from "../day";
import type { Jar } from "./jar";

const months = (value: number, low: number, high: number) => practice(value, low, high, "what shops and makers give");
const of = (closed: Figure, opened: Figure, test: AgeTest): Keeping => ({
  closedMonths: closed,
  openedMonths: opened,
  test,
});
const DRY_DRUG = of(months(24, 18, 36), months(12, 8, 18), "smell");
const FAMILY: Readonly<Record<Family, Keeping>> = {
  leaf: DRY_DRUG,
  fruit: DRY_DRUG,
  root: of(months(30, 24, 36), months(18, 12, 24), "smell"),
  flower: of(months(18, 12, 24), months(10, 6, 14), "fades"),
  seed: of(months(24, 18, 36), months(9, 6, 14), "rancid"),
  clay: of(months(60, 36, 120), months(36, 24, 60), "lumps"),
  base: of(months(3, 1, 6), months(0.17, 0.1, 0.3), "spoiled"),
  acid: of(months(12, 6, 24), months(2, 1, 6), "spoiled"),
  oil: of(months(18, 12, 24), months(9, 6, 12), "rancid"),
  essentialOil: of(months(30, 24, 36), months(15, 12, 24), "rancid"),
  water: of(months(6, 3, 12), months(0.2, 0.15, 0.3), "spoiled"),
  lotionPart: of(months(24, 18, 36), months(12, 9, 24), "lumps"),
  mixture: of(months(18, 12, 24), months(9, 6, 12), "smell"),
};
const DYE = of(months(18, 12, 24), months(6, 3, 12), "dab");
const GUM = of(months(24, 18, 36), months(12, 8, 18), "swell");
const FRESH = of(months(0.25, 0.15, 0.5), months(0.15, 0.1, 0.25), "spoiled");
const LASTS = of(months(36, 24, 60), months(24, 12, 36), "lumps");

/** Its own first; then perishable, dye and gum; then what the family says. */
export function keepingOf({ keeping, family, form, tags, makesUp }: Material): Keeping {
  if (keeping) return keeping;
  if (tags.includes("dye")) return DYE;
  if (tags.includes("honey") || form === "crystals") return LASTS;
  if (
    form === "fresh" ||
    tags.includes("dairy") ||
    tags.includes("egg") ||
    (tags.includes("fruit") && form !== "powder")
  )
    return FRESH;
  if (tags.includes("slip") && form === "powder") return GUM;
  return makesUp && family === "base" ? FRESH : FAMILY[family];
}

export type Freshness =
  | { readonly state: "unknown" | "fresh" }
  /** Past the usual: worth a try before it is used. `since` says by which date. */
  | {
      readonly state: "past";
      readonly by: "bestBefore" | "opened" | "bought";
      readonly test: AgeTest;
      readonly months: number;
    };

/** How a jar stands on a day: past its own best-before, or longer open or bought than such things usually keep. */
export function freshness(
  jar: Pick<Jar, "boughtOn" | "openedOn" | "bestBefore" | "made">,
  material: Material,
  today: string,
): Freshness {
  const { closedMonths, openedMonths, test } = keepingOf(material);
  const past = (by: "bestBefore" | "opened" | "bought", from: string): Freshness => ({
    state: "past",
    by,
    test,
    months: monthsBetween(from, today),
  });
  if (jar.bestBefore && jar.bestBefore < today) return past("bestBefore", jar.bestBefore);
  // What was made here has its day by where it stands: frozen, it is as it was.
  if (jar.made && jar.bestBefore) return { state: "fresh" };
  if (jar.openedOn && monthsBetween(jar.openedOn, today) > openedMonths.value) return past("opened", jar.openedOn);
  if (!jar.bestBefore && jar.boughtOn && monthsBetween(jar.boughtOn, today) > closedMonths.value)
    return past("bought", jar.boughtOn);
  return { state: jar.bestBefore || jar.openedOn || jar.boughtOn ? "fresh" : "unknown" };
}

/** The day by which a jar is best used up: its own, or as long after opening as such things usually keep. */
export const bestUsedBy = (jar: Pick<Jar, "openedOn" | "bestBefore">, material: Material): string | undefined =>
  jar.bestBefore ?? (jar.openedOn && monthsOn(jar.openedOn, keepingOf(material).openedMonths.value));
