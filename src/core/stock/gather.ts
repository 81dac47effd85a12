import { point, scaleBand, type Band } from "../figure";
import type { Settings, toMake } from "../making";
import { liquidParts, lookupIn, type PasteAnswer, type PasteQuestion } from "../paste";
import { lookupOn, type Shelf } from "../shelf";
import type { Jar } from "../shelf";

/** What is wanted of one thing over all the bowls, against what the shelf has. Grams. */
export interface Gathered {
  readonly materialId: string;
  readonly needG: Band;
  readonly haveG: number;
  /** What the likely amount wants beyond the shelf; 0 where it is there. */
  readonly shortG: number;
  /** True where the likely amount is there and the generous one is not. */
  readonly tight: boolean;
  /** Brewed or poured fresh for the bowl, and so never short: a tea of which no jar stands there. */
  readonly fresh: boolean;
  /** Jars to take down, in the order they are used up, with what each gives. */
  readonly from: readonly { readonly jarId: string; readonly massG: number }[];
  /** Of what the jars give, where their prices are known; undefined where none is. */
  readonly cost?: number;
  readonly costOfG: number;
  /** How it is made, where it is not there and a method makes it: what that takes is wanted as well. */
  readonly make?: {
    readonly method: string;
    readonly things: readonly { readonly materialId: string; readonly massG: number }[];
    readonly settings: Settings;
    readonly ml: number;
  };
}

/** Less than this share of what is wanted is a rounding, and nothing that is missing. */
const SHORT_FROM = 0.02;
export const isShort = ({ shortG, needG }: Pick<Gathered, "shortG" | "needG">): boolean =>
  shortG > SHORT_FROM * needG.mid;

/** A bowl that is to be made. */
export interface WantedBowl {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
}

/** Water from the tap is never gathered, nor short. */
const FROM_THE_TAP = "water";

export const pricePerG = ({ price, fullG }: Pick<Jar, "price" | "fullG">): number | undefined =>
  price === undefined || !(fullG > 0) ? undefined : price / fullG;

/**
 * Everything some bowls want, added up by thing, against the shelf. The likely amounts are drawn; the generous ones are
 * looked at.
 *
 * @param make says how a thing is made that is not there, whose herbs are then wanted as well
 */
export function gather(bowls: readonly WantedBowl[], shelf: Shelf, make?: typeof toMake): Gathered[] {
  const { jars } = shelf;
  const find = lookupOn(shelf);
  const wants = new Map<string, { needG: Band; jarIds: (string | undefined)[] }>();
  const want = (materialId: string, jarId: string | undefined, { low, mid, high }: Band) => {
    if (materialId === FROM_THE_TAP || !(mid > 0)) return;
    const { needG, jarIds } = wants.get(materialId) ?? { needG: { low: 0, mid: 0, high: 0 }, jarIds: [] };
    wants.set(materialId, {
      needG: { low: needG.low + low, mid: needG.mid + mid, high: needG.high + high },
      jarIds: [...jarIds, jarId],
    });
  };
  for (const { question, answer } of bowls) {
    for (const { materialId, jarId, massG } of answer.lines) want(materialId, jarId, massG);
    if (answer.liquid.state === "unreachable") continue;
    const inBowl = lookupIn(question);
    // A liquid is poured in millilitres and stands on the shelf in grams.
    for (const { materialId, jarId, share } of liquidParts(question.liquid))
      want(
        materialId,
        jarId,
        scaleBand(answer.liquid.ml, share * (inBowl(materialId, jarId)?.bulkDensityGPerMl.value ?? 1)),
      );
  }
  // What is not there and can be made is followed down to its leaf.
  const makes = new Map<string, NonNullable<Gathered["make"]>>();
  for (const [materialId, { needG }] of [...wants]) {
    const haveG = jars.reduce((sum, jar) => sum + (jar.materialId === materialId ? Math.max(0, jar.leftG) : 0), 0);
    const missingG = needG.mid - haveG;
    const making = missingG > SHORT_FROM * needG.mid ? make?.(materialId, missingG, find) : undefined;
    if (!making) continue;
    makes.set(materialId, {
      method: making.method,
      things: making.things,
      settings: making.settings,
      ml: Math.round(making.made.amounts.productMl.mid),
    });
    for (const { materialId: id, massG } of making.things) want(id, undefined, point(massG));
  }
  return [...wants]
    .map(([materialId, { needG, jarIds }]): Gathered => {
      // The jars that the bowls name first, then the others of the same thing.
      const named = jars.filter((jar) => jarIds.includes(jar.id));
      const all = [...named, ...jars.filter((jar) => jar.materialId === materialId && !named.includes(jar))];
      const from: { jarId: string; massG: number }[] = [];
      let left = needG.mid,
        cost = 0,
        costOfG = 0;
      for (const jar of all) {
        const massG = Math.min(left, Math.max(0, jar.leftG));
        if (massG <= 0) continue;
        from.push({ jarId: jar.id, massG });
        left -= massG;
        const perG = pricePerG(jar);
        if (perG !== undefined) [cost, costOfG] = [cost + perG * massG, costOfG + massG];
      }
      const haveG = all.reduce((sum, jar) => sum + Math.max(0, jar.leftG), 0);
      const making = makes.get(materialId);
      const fresh = making !== undefined || (all.length === 0 && find(materialId)?.family === "water");
      return {
        materialId,
        needG,
        haveG,
        fresh,
        shortG: fresh ? 0 : Math.max(0, needG.mid - haveG),
        tight: !fresh && haveG >= needG.mid && haveG < needG.high,
        from,
        ...(costOfG > 0 ? { cost } : {}),
        costOfG,
        ...(making ? { make: making } : {}),
      };
    })
    .sort((a, b) => b.shortG / b.needG.mid - a.shortG / a.needG.mid || b.needG.mid - a.needG.mid);
}

/** What some bowls cost, as far as prices are known. */
export function costOf(gathered: readonly Gathered[]): { readonly known: number; readonly unpricedG: number } {
  return {
    known: gathered.reduce((sum, one) => sum + (one.cost ?? 0), 0),
    unpricedG: gathered.reduce((sum, one) => (one.fresh ? sum : sum + one.needG.mid - one.costOfG), 0),
  };
}
