import { checkNumber } from "../checkNumber";
import { practice, type Figure } from "../figure";
import { LIMITS } from "../limits";
import {
  BREWED_DAYS,
  findMaterial,
  keepingOfDays,
  tagsOf,
  type Keeping,
  type Lookup,
  type Material,
} from "../material";
import type { Problem } from "../problem";
import { checkText, foldText } from "../text";
import { mixtureOf } from "../mixture";

/** A thing that only this household has: like something in the tables, or mixed of several things. */
export type OwnThing =
  | {
      readonly id: string;
      readonly name: string;
      readonly kind: "like";
      readonly likeId: string;
      /** Herbs that were drawn into it: what they are not for, and stain, it is and stains as well. */
      readonly drawnFrom?: readonly string[];
      /** Days that it keeps in the fridge, where it is something wet that was made. */
      readonly keepsDays?: number;
      /** What was left of it, wet and soft: it goes into a paste as it is, or ground. */
      readonly soft?: true;
      readonly use?: string;
    }
  | {
      readonly id: string;
      readonly name: string;
      readonly kind: "mixture";
      readonly parts: readonly OwnPart[];
      readonly use?: string;
    };
export interface OwnPart {
  readonly materialId: string;
  /** By weight, 0–1; undefined where nobody knows. */ readonly share?: number;
}

const PREFIX = "own-";
const SLUG_CHARS = 50;
/** The id of a thing of one's own: its name in small letters, any script; never used twice. */
export const ownId = (name: string): string =>
  PREFIX +
  (name
    .normalize("NFC")
    .toLowerCase()
    .replace(/[^\p{L}\p{M}\p{N}]+/gu, "-")
    .replace(/^-+|-+$/g, "")
    .match(/./gsu)
    ?.slice(0, SLUG_CHARS)
    .join("") ?? "");
export const isOwnId = (id: string): boolean => id.startsWith(PREFIX);
const OWN_ID = /^own-[\p{L}\p{M}\p{N}-]{1,50}$/u;
/** What an id of one's own still says where the thing itself is not at hand. */
export const nameInId = (id: string): string => id.slice(PREFIX.length).replace(/-/g, " ");
/** What a thing is called, also where no table has it any more; the id itself where nothing says more. */
export const nameOfThing = (id: string): string => findMaterial(id)?.names[0].text ?? (isOwnId(id) ? nameInId(id) : id);

/** What is only like a thing is less sure than it: its figures' ends lie half as far out again. */
const WIDER = 1.5;
function wider(figure: Figure, of: string): Figure {
  const { value, low, high } = figure;
  return {
    value,
    low: Math.max(0, value - (value - low) * WIDER),
    high: value + (high - value) * WIDER,
    source: { kind: "estimate", name: `taken from ${of}` },
  };
}
const share = (figure: Figure): Figure => ({ ...figure, high: Math.min(1, figure.high) });

/** How long something keeps that was made in the house: as it was said, or as a herb's water does. */
function madeKeeping({ keepsDays, drawnFrom = [] }: LikeThing, like: Material): Keeping | undefined {
  if (keepsDays !== undefined)
    return keepingOfDays(practice(keepsDays, keepsDays / 1.5, keepsDays * 1.4, "as its making says"));
  return drawnFrom.length > 0 && like.family === "water" ? keepingOfDays(BREWED_DAYS) : undefined;
}

type LikeThing = Extract<OwnThing, { kind: "like" }>;
function likeMaterial(thing: LikeThing, like: Material, drawn: readonly Material[]): Material {
  const { id, name, use, soft } = thing;
  const keeping = madeKeeping(thing, like);
  const of = like.names[0].text;
  const { plant: _, notToConfuse: __, inci: ___, ...rest } = like;
  const { holding, soak, pieceG } = like;
  return {
    ...rest,
    id,
    names: [{ text: name, language: "und" }],
    use:
      use ??
      (drawn.length > 0
        ? `drawn in this house from ${drawn.map(({ names }) => names[0].text).join("; ")}`
        : `a thing of this house, like ${of}`),
    contains: [...new Set([like, ...drawn].flatMap((one) => [one.id, ...(one.contains ?? [])]))],
    ...(drawn.length > 0 ? { tags: tagsOf([like, ...drawn]) } : {}),
    ...(keeping ? { keeping } : {}),
    ...(soft ? { form: "soft" as const } : {}),
    water: share(wider(like.water, of)),
    oil: share(wider(like.oil, of)),
    dissolving: share(wider(like.dissolving, of)),
    bulkDensityGPerMl: wider(like.bulkDensityGPerMl, of),
    holding:
      holding.kind === "perGram"
        ? { kind: "perGram", mlPerG: wider(holding.mlPerG, of) }
        : holding.kind === "ownStiffness"
          ? { kind: "ownStiffness", yieldPa: wider(holding.yieldPa, of) }
          : holding,
    ...(soak ? { soak: { firstShare: share(wider(soak.firstShare, of)), timeMin: wider(soak.timeMin, of) } } : {}),
    ...(pieceG ? { pieceG: wider(pieceG, of) } : {}),
  };
}

/** Everything a household has of its own as materials; what contains itself, or is like nothing known, is left out. */
export function ownMaterials(things: readonly OwnThing[], tables: Lookup = findMaterial): Material[] {
  // Never in the place of something in the tables, whose figures and cautions are everybody's.
  const byId = new Map(things.filter(({ id }) => isOwnId(id)).map((thing) => [thing.id, thing]));
  const made = new Map<string, Material | undefined>();
  const find = (id: string, within: readonly string[]): Material | undefined => {
    const thing = byId.get(id);
    if (!thing) return tables(id);
    if (within.includes(id)) return undefined;
    if (made.has(id)) return made.get(id);
    const material = make(thing, [...within, id]);
    made.set(id, material);
    return material;
  };
  const make = (thing: OwnThing, within: readonly string[]): Material | undefined => {
    if (thing.kind === "like") {
      const like = find(thing.likeId, within);
      const drawn = (thing.drawnFrom ?? []).flatMap((of) => find(of, within) ?? []);
      return like && likeMaterial(thing, like, drawn);
    }
    const parts = thing.parts.map(({ materialId, share: by }) => ({ material: find(materialId, within), share: by }));
    if (parts.length === 0 || parts.some(({ material }) => !material)) return undefined;
    return mixtureOf(
      thing,
      parts.map(({ material, share: by }) => ({ material: material!, ...(by === undefined ? {} : { share: by }) })),
    );
  };
  return things.flatMap(({ id }) => (byId.has(id) ? (find(id, []) ?? []) : []));
}

/** True where a thing would come to contain itself, however deep. */
export function containsItself(thing: OwnThing, things: readonly OwnThing[]): boolean {
  const byId = new Map([...things.filter(({ id }) => id !== thing.id), thing].map((one) => [one.id, one]));
  const seen = new Set<string>();
  const reaches = (id: string): boolean => {
    const one = byId.get(id);
    if (!one || seen.has(id)) return false;
    seen.add(id);
    return (
      one.kind === "like" ? [one.likeId, ...(one.drawnFrom ?? [])] : one.parts.map((part) => part.materialId)
    ).some((next) => next === thing.id || reaches(next));
  };
  return reaches(thing.id);
}

/** Every problem with a thing of one's own. */
export function checkOwnThing(thing: OwnThing, things: readonly OwnThing[], tables: Lookup = findMaterial): Problem[] {
  const problems: Problem[] = [
    checkText("name", thing.name, "thingNameChars"),
    thing.use === undefined ? undefined : checkText("use", thing.use, "useChars"),
  ].filter((problem) => problem !== undefined);
  if (problems.length === 0 && (foldText(thing.name).trim() === "" || thing.id === PREFIX))
    problems.push({ field: "name", code: "required" });
  else if (!OWN_ID.test(thing.id)) problems.push({ field: "id", code: "notAnOwnId" });
  if (containsItself(thing, things))
    return [...problems, { field: thing.kind === "like" ? "likeId" : "parts", code: "containsItself" }];
  const known = new Set(ownMaterials(things, tables).map(({ id }) => id));
  const missing = (id: string) => !known.has(id) && !tables(id);
  if (thing.kind === "like") {
    if (missing(thing.likeId)) problems.push({ field: "likeId", code: "unknownMaterial" });
    const days = thing.keepsDays === undefined ? undefined : checkNumber("keepsDays", thing.keepsDays, "keepsDays");
    if (days) problems.push(days);
    if ((thing.drawnFrom ?? []).length > LIMITS.lineCount.max)
      problems.push({ field: "drawnFrom", code: "tooMany", detail: { max: LIMITS.lineCount.max } });
    thing.drawnFrom?.forEach((of, i) => {
      if (missing(of)) problems.push({ field: `drawnFrom.${i}`, code: "unknownMaterial" });
    });
    return problems;
  }
  if (thing.parts.length === 0) problems.push({ field: "parts", code: "required" });
  if (thing.parts.length > LIMITS.lineCount.max)
    problems.push({ field: "parts", code: "tooMany", detail: { max: LIMITS.lineCount.max } });
  thing.parts.forEach(({ materialId, share: by }, i) => {
    if (missing(materialId)) problems.push({ field: `parts.${i}.materialId`, code: "unknownMaterial" });
    if (by !== undefined && !(Number.isFinite(by) && by > 0))
      problems.push({ field: `parts.${i}.share`, code: "notANumber" });
    else if (by !== undefined && by > 1)
      problems.push({ field: `parts.${i}.share`, code: "tooLarge", detail: { max: "100 %" } });
  });
  const said = thing.parts.reduce((sum, part) => sum + (part.share ?? 0), 0);
  const allSaid = thing.parts.every((part) => part.share !== undefined);
  if (said > 1 + 1e-6 || (allSaid && said < 1 - 1e-2))
    problems.push({ field: "parts", code: "sharesDoNotAddUp", detail: { percent: Math.round(said * 100) } });
  return problems;
}
