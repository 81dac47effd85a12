import type { Band } from "../figure";
import type { Material, Tag } from "../material";
import { computePaste, type PasteAnswer, type PasteQuestion } from "../paste";
import type { Caution } from "../caution";
import { jarFor, questionOn, type Shelf } from "../shelf";
import { everythingOn } from "../catalogue";

/** Shares of the paste by weight that stain, dry, slip; and the liquid it takes, ml. */
export interface BowlTraits {
  readonly stain: number;
  readonly drying: number;
  readonly slip: number;
  readonly protein: number;
  readonly liquidMl?: number;
  readonly totalG: number;
  readonly restMin: number;
  readonly leaveOnMin: Band;
  readonly cautions: readonly Caution[];
}

export interface Swap {
  /** Undefined: leave it out, the others making up the weight. */
  readonly materialId?: string;
  readonly jarId?: string;
  /** 0–1, how much of what the old one does it does. */
  readonly likeness: number;
  /** Grams of it in the new bowl. */
  readonly massG?: number;
  readonly before: BowlTraits;
  readonly after: BowlTraits;
  readonly question: PasteQuestion;
}

const STAINS: readonly Tag[] = ["dye", "stainsRed", "stainsYellow", "stainsBlue"];

export function traitsOf(
  question: PasteQuestion,
  answer: PasteAnswer,
  materials: readonly (Material | undefined)[],
): BowlTraits {
  const share = (...tags: readonly Tag[]) =>
    answer.lines.reduce(
      (sum, { massG }, i) => (materials[i]?.tags.some((tag) => tags.includes(tag)) ? sum + massG.mid : sum),
      0,
    ) / Math.max(1e-9, answer.totalG.mid);
  return {
    restMin: answer.rest.restMin,
    leaveOnMin: answer.leaveOnMin,
    cautions: answer.cautions,
    stain: share(...STAINS),
    drying: share("drying"),
    slip: share("slip"),
    protein: share("protein"),
    totalG: answer.totalG.mid,
    ...(answer.liquid.state === "unreachable" ? {} : { liquidMl: answer.liquid.ml.mid }),
  };
}

/** How much of what one thing does another does: shared jobs, the same form, and no stain that was not there. */
export function likeness(of: Material, other: Material): number {
  const shared = of.jobs.filter((job) => other.jobs.includes(job)).length;
  if (shared === 0) return 0;
  const jobs = shared / Math.max(of.jobs.length, 1);
  const extra = (other.jobs.length - shared) / Math.max(other.jobs.length, 1);
  const stains = (material: Material) => STAINS.some((tag) => material.tags.includes(tag));
  const sameStain = stains(of) === stains(other) ? 1 : 0.5;
  return (
    jobs * (1 - 0.3 * extra) * (of.form === other.form ? 1 : 0.7) * (of.family === other.family ? 1 : 0.9) * sameStain
  );
}

/** A dye stands in for a dye: it colours, rests for hours, and nobody asked for it. */
const dyesInstead = (of: Material, other: Material): boolean => other.tags.includes("dye") && !of.tags.includes("dye");

const MOST_SWAPS = 6;
const LEAST_LIKENESS = 0.12;

/**
 * What could take a line's place, from the shelf, the likeliest first, with the whole bowl computed anew; and the bowl
 * without it. An alternative goes in by the old one's volume, since spoons are what recipes trade in.
 *
 * @param line index of the line to replace
 * @returns nothing where the bowl as it is has no answer
 */
export function swapsFor(question: PasteQuestion, line: number, shelf: Shelf): Swap[] {
  const { own: _, learnt: __, head, spoons, ...blend } = question;
  /** Before and after are asked of the same shelf, so that what was learnt of its jars counts on both sides. */
  const ask = (lines: PasteQuestion["lines"]) => questionOn({ ...blend, lines }, head, spoons, shelf);
  const asked = ask(question.lines);
  const now = computePaste(asked);
  const materials = everythingOn(shelf);
  const find = (id: string) => materials.find((one) => one.id === id);
  const old = question.lines[line];
  const material = old && find(old.materialId);
  if (!now.ok || !material) return [];
  const before = traitsOf(
    question,
    now.value,
    question.lines.map(({ materialId }) => find(materialId)),
  );
  const compare = (lines: PasteQuestion["lines"], rest: Pick<Swap, "materialId" | "jarId" | "likeness">): Swap[] => {
    const swapped = ask(lines);
    const result = computePaste(swapped);
    if (!result.ok) return [];
    const massG = rest.materialId === undefined ? undefined : result.value.lines[line]?.massG.mid;
    return [
      {
        ...rest,
        ...(massG === undefined ? {} : { massG }),
        before,
        after: traitsOf(
          swapped,
          result.value,
          lines.map(({ materialId }) => find(materialId)),
        ),
        question: swapped,
      },
    ];
  };
  const inStock = new Set(shelf.jars.filter((jar) => jar.leftG > 0).map((jar) => jar.materialId));
  const already = new Set(question.lines.map(({ materialId }) => materialId));
  const candidates = materials
    .filter(({ id }) => inStock.has(id) && !already.has(id))
    .filter((other) => !dyesInstead(material, other))
    .map((other) => ({ other, alike: likeness(material, other) }))
    .filter(({ alike }) => alike >= LEAST_LIKENESS)
    .sort((a, b) => b.alike - a.alike || a.other.id.localeCompare(b.other.id))
    .slice(0, MOST_SWAPS);
  const swaps = candidates.flatMap(({ other, alike }) => {
    const jar = jarFor(shelf, { materialId: other.id });
    const unit =
      old.unit === "piece" || (old.unit === "drop" && other.form === "powder") ? ("tbsp" as const) : old.unit;
    const swapped = {
      materialId: other.id,
      ...(jar ? { jarId: jar.id } : {}),
      role: old.role,
      amount: old.unit === "piece" ? 2 : old.amount,
      unit,
      fill: old.fill,
    };
    return compare(
      question.lines.map((one, i) => (i === line ? swapped : one)),
      { materialId: other.id, ...(jar ? { jarId: jar.id } : {}), likeness: alike },
    );
  });
  return [
    ...swaps,
    ...compare(
      question.lines.filter((_, i) => i !== line),
      { likeness: 0 },
    ),
  ];
}
