import { checkNumber } from "@/core/checkNumber";
import type { LimitName } from "@/core/limits";
import {
  asItGoes,
  foldMaking,
  madeInto,
  METHODS,
  usualStand,
  type CameTo,
  type Made,
  type MakingPlan,
  type MakingQuestion,
  type Product,
} from "@/core/making";
import type { Problem } from "@/core/problem";
import { dayNumber, dayText, jarFor, madeFigures, ownId, type MadeHere, type OwnThing, type Shelf } from "@/core/shelf";
import { pricePerG } from "@/core/stock";
import type { PutUpInput } from "@/inputs/shelfInput";
import type { Settings } from "@/store/household";
import * as store from "@/store/jars";
import type { StoredMaking } from "@/store/makings";
import { insertMoves } from "@/store/stock";
import type { Write } from "@/store/transaction";
import { keepOnce } from "../keepThing";
import { unusable } from "../refusal";
import { todayIn } from "../today";

/** The id that a product stands under; a thing of the house's own is kept where it is not yet. */
async function keptAs(
  write: Write,
  thingId: string,
  name: string,
  product: Product,
  question: MakingQuestion,
): Promise<string> {
  if (product.isInTables) return product.likeId;
  const named = { id: ownId(name), name: name.trim() };
  const thing: OwnThing = product.mixedOf
    ? { ...named, kind: "mixture", parts: product.mixedOf }
    : { ...named, kind: "like", likeId: product.likeId, ...madeInto(question, product) };
  // Of a mixture that is asked where it is kept.
  if (thing.kind === "like" && question.things.some(({ materialId }) => materialId === thing.id))
    throw unusable([{ field: "name", code: "containsItself" }]);
  await keepOnce(write, thingId, thing);
  return thing.id;
}

/** Numbers that were measured, or problems with them. */
function checkedOut({ outMl, outG, rest }: PutUpInput): Problem[] {
  const check = (field: string, value: number | null | undefined, limit: LimitName) =>
    value === undefined || value === null ? undefined : checkNumber(field, value, limit);
  return [
    check("outMl", outMl, "brewMl"),
    check("outG", outG, "jarG"),
    check("rest.massG", rest?.massG, "jarG"),
  ].filter((problem) => problem !== undefined);
}

/** A spoon or a jug may be a little off; more does not come out than went in. */
const MOST_OUT = 1.08;
const tenths = (grams: number): number => Math.max(0.1, Math.round(grams * 10) / 10);
/** A scale is off by a hundredth, a jug by a twenty-fifth. */
const SCALE_ERROR = 0.01;
const JUG_ERROR = 0.04;
/** What it was found to weigh; undefined where nobody measured it. */
function measuredOut({ outMl, outG }: PutUpInput, { material }: Made): CameTo | undefined {
  if (outG != null) return { massG: outG, errorG: SCALE_ERROR * outG };
  if (outMl == null) return undefined;
  const massG = outMl * material.bulkDensityGPerMl.value;
  return { massG, errorG: JUG_ERROR * massG };
}

/** What is put up: planned and at once made, or begun and followed. */
type ToPutUp = Pick<MakingPlan, "question" | "figures" | "made"> &
  Partial<Pick<StoredMaking, "id" | "startsAtMs" | "events">>;

/**
 * Puts on the shelf what came of a making: it draws on the jars of what went in, and stands there with figures of its
 * own, by what it came to where that was measured; what is left of it as well, where that is wanted. Made again it is
 * the same thing with another jar.
 */
export async function putUp(
  write: Write,
  house: Settings,
  shelf: Shelf,
  input: PutUpInput,
  making: ToPutUp,
  at = new Date(),
): Promise<void> {
  const problems = checkedOut(input);
  const state = foldMaking(making.events ?? []);
  const given = (cameTo?: CameTo) => asItGoes({ startsAtMs: 0, ...making }, state, cameTo).made;
  const planned = given();
  const inG = planned.amounts.inG.mid;
  const cameTo = problems.length === 0 ? measuredOut(input, planned) : undefined;
  const outG = tenths(cameTo?.massG ?? planned.amounts.productG.mid);
  if (problems.length === 0 && outG > inG * MOST_OUT)
    problems.push({
      field: input.outG == null ? "outMl" : "outG",
      code: "moreThanWentIn",
      detail: { g: Math.round(outG), most: Math.round(inG) },
    });
  if (input.rest && !planned.rest) problems.push({ field: "rest", code: "unknownField" });
  if (problems.length > 0) throw unusable(problems);
  const { question, id: makingId } = making;
  const { asFound } = METHODS.find(({ id }) => id === question.method)!;
  const made = given(cameTo);
  const today = todayIn(house, at);
  const drawn = question.things.map((thing) => ({ ...thing, jar: jarFor(shelf, thing) }));
  // What is as dry as what went in keeps as the first of it.
  const bestBefore = ({ keeps }: Product): string | undefined =>
    keeps
      ? dayText(dayNumber(today)! + Math.max(0, Math.floor(keeps[input.stands ?? usualStand(keeps)].value)))
      : drawn.flatMap(({ jar }) => jar?.bestBefore ?? []).sort()[0];
  const cost = drawn.reduce((sum, { jar, massG }) => sum + massG * ((jar && pricePerG(jar)) ?? NaN), 0);
  const madeHere = (product: Product, isRest: boolean): MadeHere => ({
    method: question.method,
    things: question.things.map(({ materialId, massG }) => ({ materialId, massG })),
    settings: cameTo && asFound ? asFound(question.settings, cameTo.massG / inG) : question.settings,
    kitchenTempC: question.kitchenTempC,
    figures: madeFigures(product.material),
    ...(makingId ? { makingId } : {}),
    ...(isRest ? { isRest } : {}),
  });
  const jarOf = async (
    { id, thingId, name }: Pick<PutUpInput, "id" | "thingId" | "name">,
    product: Product,
    fullG: number,
  ): Promise<store.JarDetails> => {
    const until = bestBefore(product);
    return {
      id,
      materialId: await keptAs(write, thingId, name, product, question),
      name: name.trim(),
      fullG,
      madeHere: true,
      boughtOn: today,
      openedOn: today,
      made: madeHere(product, product === made.rest),
      ...(until ? { bestBefore: until } : {}),
      ...(input.place?.trim() ? { place: input.place.trim() } : {}),
    };
  };

  const jars: store.JarDetails[] = [
    {
      ...(await jarOf(input, made, outG)),
      ...(Number.isFinite(cost) ? { price: Math.round(cost * 100) / 100 } : {}),
    },
  ];
  if (input.rest && made.rest)
    jars.push(await jarOf(input.rest, made.rest, tenths(input.rest.massG ?? made.amounts.restG.mid)));
  for (const jar of jars) await store.insertJar(write, jar, at);
  await insertMoves(write, [
    ...jars.map(({ id, fullG }) => ({ jarId: id, kind: "came" as const, massG: fullG, createdAt: at })),
    ...drawn.flatMap(({ jar, massG }) =>
      jar ? [{ jarId: jar.id, kind: "premix" as const, massG: -massG, intoJarId: input.id, createdAt: at }] : [],
    ),
  ]);
}
