import { DateTime } from "luxon";
import { dyeOf } from "@/core/colour";
import { LANDMARKS, PLAIN_HEAD, PURPOSE, regrowthMonths, STRAND_COUNTS, type Head } from "@/core/head";
import { checkNumber } from "@/core/checkNumber";
import { LIMITS } from "@/core/limits";
import { findMaterial, type Material } from "@/core/material";
import type { Spoons } from "@/core/measure";
import {
  blendForHead,
  changedSince,
  startingBlend,
  STARTING_BLENDS,
  type StartingBlend,
  type Blend,
  type BlendLine,
  type FigureChange,
} from "@/core/paste";
import { findBatch, madeLast } from "@/store/batches";
import { findBlend, promisedBy } from "@/store/blends";
import { hairOf, listHeads } from "@/store/heads";
import { materialName } from "@/words/names";
import { houseShelf } from "./houseShelf";
import { house } from "./page";
import { tablesFor } from "./tablesFor";

const EMPTY: Omit<Blend, "kitchenTempC"> = {
  purpose: "mask",
  lines: [],
  liquid: { materialId: "water", tempC: 40 },
  target: { word: "cream" },
  sizing: "likely",
};

export interface BlendPage {
  /** The tables' materials that it begins with. */
  readonly tables: readonly Material[];
  readonly heads: readonly { readonly id: string; readonly name: string; readonly hair: Head }[];
  readonly spoons: Spoons;
  /** The next morning at ten, in the household's wall time. */
  readonly tomorrow: string;
  readonly start: {
    readonly blend: Blend;
    readonly name: string;
    readonly headId: string | null;
    readonly head: Head;
    /** When it is to be on the head, in the household's wall time. */
    readonly whenText?: string;
  };
  /** What today's figures say otherwise than it promised when it was saved. */
  readonly figures?: FigureChange;
  /** Where nothing is in the bowl: what this house made last, and pages to write on. */
  readonly made?: readonly { readonly id: string; readonly name: string }[];
  readonly starts?: readonly Pick<StartingBlend, "id" | "name" | "why">[];
  readonly saved?: { readonly id: string; readonly versionId: string; readonly version: number; readonly rev: number };
}

/** What a first visit said: what is at hand, whose hair; or a page to write on. */
export interface FirstWords {
  readonly of?: string;
  readonly longest?: string;
  readonly hair?: string;
  readonly start?: string;
  /** A bowl in grams, "henna-100.lemon-juice-30", °C of its water, when it is on the head, in the house's wall time. */
  readonly bowl?: string;
  readonly pour?: string;
  readonly at?: string;
}

/** The next morning at ten, in a wall time. */
export const tomorrowAtTen = (timeZone: string): string =>
  DateTime.now().setZone(timeZone).plus({ days: 1 }).set({ hour: 10, minute: 0 }).toFormat("yyyy-MM-dd'T'HH:mm");

/** Lines of a bowl in grams; what means nothing is left out. */
function linesIn(bowl: string): BlendLine[] {
  return bowl.split(".").flatMap((one): BlendLine[] => {
    const cut = one.lastIndexOf("-");
    const amount = Number(one.slice(cut + 1));
    const material = findMaterial(one.slice(0, cut));
    return material && amount >= LIMITS.amountG.min && amount <= LIMITS.amountG.max
      ? [{ materialId: material.id, role: "fixed", amount, unit: "g", fill: "level" }]
      : [];
  });
}

/** A blend of what was said, with what nobody said left as usual. Words that mean nothing are left out. */
function begun({ of = "", start, bowl, pour }: FirstWords): {
  readonly blend: Omit<Blend, "kitchenTempC">;
  readonly name: string;
} {
  const page = startingBlend(start);
  if (page) {
    const { name, purpose, word, liquid, lines } = page;
    return { name, blend: { purpose, lines, liquid, target: { word }, sizing: "likely" } };
  }
  const given = linesIn(bowl ?? "").slice(0, MOST_AT_HAND);
  if (given.length > 0) {
    const isPour = checkNumber("pour", Number(pour ?? NaN), "liquidTempC") === undefined;
    const dyes = given.some(({ materialId }) => dyeOf(materialId) !== undefined);
    const purpose = dyes ? "dyePacked" : "mask";
    const name = given.map(({ materialId }) => materialName(materialId)).join(" and ");
    return {
      name: name.slice(0, LIMITS.nameChars.max),
      blend: {
        ...EMPTY,
        purpose: purpose,
        target: { word: PURPOSE[purpose].word },
        lines: given,
        liquid: { ...EMPTY.liquid, ...(isPour ? { tempC: Number(pour) } : {}) },
        sizing: "asGiven",
      },
    };
  }
  const powders = [...new Set(of.split("."))].flatMap((id) => findMaterial(id) ?? []).slice(0, MOST_AT_HAND);
  const purpose = powders.some(({ tags }) => tags.includes("dye")) ? "dyePacked" : "mask";
  const lines = powders.map(({ id }): BlendLine => ({
    materialId: id,
    role: "part",
    amount: 1,
    unit: "tbsp",
    fill: "level",
  }));
  return { name: "", blend: { ...EMPTY, purpose, target: { word: PURPOSE[purpose].word }, lines } };
}
const MOST_AT_HAND = 12;
/** Months of regrowth as the field takes them, to the half. */
const rootMonths = (months: number): number =>
  Math.min(LIMITS.rootMonths.max, Math.max(LIMITS.rootMonths.min, Math.round(2 * months) / 2));

function hairSaid({ longest, hair }: FirstWords): Head {
  const [landmark, strands] = [LANDMARKS.find((one) => one === longest), STRAND_COUNTS.find((one) => one === hair)];
  return {
    ...PLAIN_HEAD,
    ...(landmark ? { longest: { landmark } } : {}),
    ...(strands ? { amount: { strands } } : {}),
  };
}

/** What the blend page starts from: nothing, a saved blend, or a batch to repeat on this or another head. */
export async function blendPageFor({
  blendId,
  copyOf,
  batchId,
  headId,
  from,
}: {
  blendId?: string;
  copyOf?: string;
  batchId?: string;
  headId?: string;
  from?: FirstWords;
}): Promise<BlendPage | undefined> {
  const found = await house();
  if (!found) return undefined;
  const { household, settings } = found;
  const [heads, { shelf }] = await Promise.all([listHeads(household.id), houseShelf(found)]);
  const hairs = heads.map(({ hair }) => hair);
  const common = {
    heads: heads.map((one) => ({ id: one.id, name: one.name, hair: hairOf(one) })),
    spoons: settings.spoons,
    tomorrow: tomorrowAtTen(settings.timeZone),
  };
  const wanted = blendId ?? copyOf;
  if (wanted) {
    const saved = await findBlend(household.id, wanted);
    if (!saved) return undefined;
    const head = heads.find(({ id }) => id === saved.headId);
    const start = {
      blend: saved.blend,
      name: saved.name,
      headId: head?.id ?? null,
      head: head ? hairOf(head) : PLAIN_HEAD,
    };
    const tables = tablesFor([saved.blend], hairs, shelf);
    if (!blendId)
      return { ...common, tables, start: { ...start, name: `${saved.name}, a copy`.slice(0, LIMITS.nameChars.max) } };
    const promised = await promisedBy(household.id, saved.id);
    return {
      ...common,
      tables,
      start,
      ...(promised ? { figures: changedSince(promised) } : {}),
      saved: { id: saved.id, versionId: saved.versionId, version: saved.version, rev: saved.rev },
    };
  }
  const batch = batchId ? await findBatch(household.id, batchId) : undefined;
  if (batch) {
    const { head: then, spoons: _, own: __, learnt: ___, ...blend } = batch.question;
    const head = heads.find(({ id }) => id === (headId ?? batch.headId));
    const hair = head ? hairOf(head) : then;
    const name = head && head.id !== batch.headId ? `${batch.blendName} for ${head.name}` : batch.blendName;
    return {
      ...common,
      tables: tablesFor([blend], [...hairs, then], shelf),
      start: { blend: blendForHead(blend, then, hair), name: name.slice(0, 120), headId: head?.id ?? null, head: hair },
    };
  }
  const { blend, name } = from ? begun(from) : { blend: EMPTY, name: "" };
  // Hair that was just described is not that of a head in the book.
  const head = from?.longest || from?.hair ? undefined : (heads.find(({ id }) => id === headId) ?? heads[0]);
  const regrown = head && regrowthMonths(head.hair, new Date().toISOString().slice(0, 10));
  const isWhen = from?.at !== undefined && DateTime.fromISO(from.at).isValid;
  return {
    ...common,
    tables: tablesFor([blend], hairs, shelf, blend.lines.length === 0),
    ...(blend.lines.length === 0
      ? {
          made: await madeLast(household.id),
          starts: STARTING_BLENDS.map(({ id, name: called, why }) => ({ id, name: called, why })),
        }
      : {}),
    start: {
      blend: {
        ...blend,
        kitchenTempC: settings.kitchenTempC,
        ...(regrown === undefined ? {} : { roots: { months: rootMonths(regrown), share: 1 } }),
      },
      name,
      headId: head?.id ?? null,
      head: head ? hairOf(head) : hairSaid(from ?? {}),
      ...(isWhen ? { whenText: from.at } : {}),
    },
  };
}
