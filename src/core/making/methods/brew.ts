import { bandOf, estimate, propagate, type Figure, type Uncertain } from "../../figure";
import { LIMITS } from "../../limits";
import type { Material, Tag } from "../../material";
import { ok, refuse } from "../../problem";
import { cutOf, drawingPace, drawnShare, DRAWING } from "../drawing";
import { teaKeeps } from "../keeping";
import {
  checkMaking,
  settled,
  type Ingredient,
  type Made,
  type MakingNote,
  type MakingStep,
  type Method,
  type School,
  type Settings,
} from "../method";
import { teaMaterial, teaOf } from "../product";
import {
  boilingC,
  boilOffGPerH,
  heatingH,
  HEATS,
  NET_W,
  OPEN_AT_90,
  openSurface,
  UNDER_A_LID,
  type Heat,
} from "../steam";
import { course, overLegs, type Leg } from "../warmth";

export const BREW_WAYS = ["boiled", "poured", "closedJar", "cold", "fridge", "reduced"] as const;
export type BrewWay = (typeof BREW_WAYS)[number];

/** Water from the tap, from the kettle when it meets the pot, and in the fridge, °C. */
const TAP_C = 15;
const FROM_KETTLE_C = 95;
const FRIDGE_C = 4;
/** Hours in which half a litre loses 63 % of what separates it from the room: open, covered, and in a fridge. */
const OPEN_TAU_H = estimate(0.6, 0.4, 0.9, "a bowl of half a litre");
const COVERED_TAU_H = estimate(1.1, 0.8, 1.5, "a covered bowl or closed jar of half a litre");
const FRIDGE_TAU_H = estimate(1.2, 0.8, 2, "a jar of half a litre put in the fridge");
/** It is done when so much of what dissolves has been drawn. */
export const DONE_SHARE = 0.9;
/** What a fresh leaf takes along besides its own water, ml/g. */
const CLINGS_MLPERG = 0.1;
/** From so much water on a thing is fresh: it is full already. */
const FRESH_FROM = 0.2;
/** Until the time is found to a quarter of a percent. */
const HALVINGS = 12;
const LONGEST_MIN = LIMITS.brewMin.max;

interface Brew {
  readonly way: BrewWay;
  readonly wantMl: number;
  readonly fromMl: number;
  readonly minutes: number | undefined;
  readonly heat: Heat;
  readonly lid: boolean;
  readonly pressed: boolean;
  readonly potCm: number;
  readonly altitudeM: number;
  readonly roomC: number;
}
const heated = (way: unknown): boolean => way === "boiled" || way === "reduced";

/** One set of the uncertain figures. */
interface Draw {
  readonly netW: number;
  readonly lidShare: number;
  readonly openAt90: number;
  readonly tau500H: number;
  readonly things: readonly {
    readonly massG: number;
    readonly ratePerH: number;
    readonly keptG: number;
    readonly solubleG: number;
  }[];
}

const tauFor = ({ way, lid }: Brew): Figure =>
  way === "fridge" ? FRIDGE_TAU_H : way === "closedJar" || lid ? COVERED_TAU_H : OPEN_TAU_H;

/** The stretches of warmth from the first to the straining. */
function legsOf(brew: Brew, draw: Draw, pourG: number, holdH: number): readonly Leg[] {
  const tauH = draw.tau500H * Math.cbrt(Math.max(50, pourG) / 500);
  const boilC = boilingC(brew.altitudeM);
  switch (brew.way) {
    case "boiled":
    case "reduced":
      return [
        { by: "ramp", fromC: TAP_C, toC: boilC, hours: heatingH(pourG, TAP_C, boilC, draw.netW) },
        { by: "hold", atC: boilC, hours: holdH },
      ];
    case "poured":
    case "closedJar":
      return [{ by: "cool", fromC: Math.min(FROM_KETTLE_C, boilC), roomC: brew.roomC, tauH, hours: holdH }];
    case "cold":
      return [{ by: "hold", atC: brew.roomC, hours: holdH }];
    case "fridge":
      return [{ by: "cool", fromC: brew.roomC, roomC: FRIDGE_C, tauH, hours: holdH }];
  }
}

/** g that leave as steam. At the boil it is the ring's power, whatever the pot; below it the open surface. */
function steamOf(brew: Brew, draw: Draw, legs: readonly Leg[], holdH: number): number {
  if (brew.way === "closedJar" || brew.way === "cold" || brew.way === "fridge") return 0;
  const area = (Math.PI / 4) * brew.potCm ** 2;
  const lidShare = brew.lid ? draw.lidShare : 1;
  const below = heated(brew.way) ? legs.slice(0, 1) : legs;
  const open = overLegs(below, openSurface(brew.roomC, area, draw.openAt90)) * lidShare;
  return open + (heated(brew.way) ? boilOffGPerH(draw.netW, lidShare) * holdH : 0);
}

interface Outcome {
  readonly pourG: number;
  readonly holdH: number;
  readonly steamG: number;
  readonly dissolvedG: number;
  readonly keptG: number;
  /** What runs through the sieve; 0 where the herb drinks all of it. */
  readonly productG: number;
}
const ROUNDS = 12;
const densityOf = (share: number): number => 1 + 0.4 * share;
/** g that have been drawn into the liquid along these stretches. */
function dissolvedIn(draw: Draw, legs: readonly Leg[]): number {
  const boilH = overLegs(legs, drawingPace);
  return draw.things.reduce((sum, { solubleG, ratePerH }) => sum + solubleG * drawnShare(ratePerH, boilH), 0);
}
const keptBy = (draw: Draw): number => draw.things.reduce((sum, { keptG }) => sum + keptG, 0);

/** What comes of a pour, or the pour that brings what is wanted. */
function run(brew: Brew, draw: Draw, minutes: number, pour: number | undefined): Outcome {
  const keptG = keptBy(draw);
  const reduces = brew.way === "reduced";
  let pourG = pour ?? (reduces ? brew.fromMl : brew.wantMl + keptG);
  let holdH = minutes / 60;
  let dissolvedG = 0;
  let steamG = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const legs = legsOf(brew, draw, pourG, holdH);
    dissolvedG = dissolvedIn(draw, legs);
    steamG = steamOf(brew, draw, legs, holdH);
    const wanted = brew.wantMl * densityOf(dissolvedG / Math.max(1, brew.wantMl + keptG));
    if (reduces && pour === undefined) {
      const over = pourG + dissolvedG - keptG - wanted - steamG;
      const perH = boilOffGPerH(draw.netW, brew.lid ? draw.lidShare : 1);
      const next = Math.max(0, holdH + over / perH);
      if (Math.abs(next - holdH) < 1e-5) break;
      holdH = next;
    } else if (pour === undefined) {
      const next = wanted + keptG - dissolvedG + steamG;
      if (Math.abs(next - pourG) < 1e-3) break;
      pourG = next;
    } else break;
  }
  return { pourG, holdH, steamG, dissolvedG, keptG, productG: Math.max(0, pourG + dissolvedG - steamG - keptG) };
}

/** The share drawn of all that would dissolve. */
const drawnOf = (draw: Draw, dissolvedG: number): number => {
  const all = draw.things.reduce((sum, { solubleG }) => sum + solubleG, 0);
  return all > 0 ? dissolvedG / all : 0;
};

/** Minutes until it is done; where it never is, until it has nearly all it will get there. */
function doneMin(brew: Brew, draw: Draw): { readonly minutes: number; readonly reached: number } {
  const pourG = brew.wantMl + keptBy(draw);
  const drawnAt = (minutes: number) => drawnOf(draw, dissolvedIn(draw, legsOf(brew, draw, pourG, minutes / 60)));
  const most = drawnAt(LONGEST_MIN);
  const target = most >= DONE_SHARE ? DONE_SHARE : 0.97 * most;
  let [low, high]: [number, number] = [LIMITS.brewMin.min, LONGEST_MIN];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = Math.sqrt(low * high);
    if (drawnAt(middle) < target) low = middle;
    else high = middle;
  }
  return { minutes: high, reached: target };
}

/** As a clock in a kitchen is read. */
const onAClock = (minutes: number): number =>
  minutes < 20 ? Math.ceil(minutes) : minutes < 120 ? Math.ceil(minutes / 5) * 5 : Math.ceil(minutes / 30) * 30;

function brewOf(settings: Settings, roomC: number): Brew {
  const { way, wantMl, fromMl, minutes, heat, lid, pressed, potCm, altitudeM } = settings;
  return {
    way: way as BrewWay,
    wantMl: wantMl as number,
    fromMl: (fromMl ?? 0) as number,
    minutes: way === "reduced" ? undefined : (minutes as number | undefined),
    heat: heat as Heat,
    lid: lid === true,
    pressed: pressed === true,
    potCm: potCm as number,
    altitudeM: altitudeM as number,
    roomC,
  };
}

/** The uncertain figures of a brew in the order `drawFrom` reads them. */
function figuresOf(brew: Brew, things: readonly Ingredient[]): readonly Uncertain[] {
  return [
    NET_W[brew.heat],
    UNDER_A_LID,
    OPEN_AT_90,
    tauFor(brew),
    ...things.flatMap(({ material }) => {
      const { ratePerH, keptMlPerG, pressedMlPerG } = DRAWING[cutOf(material)];
      return [ratePerH, brew.pressed ? pressedMlPerG : keptMlPerG, material.dissolving];
    }),
  ];
}
function drawFrom(things: readonly Ingredient[], values: ArrayLike<number>): Draw {
  return {
    netW: values[0],
    lidShare: values[1],
    openAt90: values[2],
    tau500H: values[3],
    things: things.map(({ material, massG }, i) => {
      const [ratePerH, kept, soluble] = [values[4 + 3 * i], values[5 + 3 * i], values[6 + 3 * i]];
      const wet = material.water.value;
      const keptG =
        wet < FRESH_FROM ? kept * massG : Math.max(CLINGS_MLPERG * massG, kept * massG * (1 - wet) - wet * massG);
      return { massG, ratePerH, keptG, solubleG: soluble * massG };
    }),
  };
}

/** Every way that needs no second number, and how long it takes to be done. */
function schoolsOf(brew: Brew, draw: Draw): School[] {
  return BREW_WAYS.filter((way) => way !== "reduced").flatMap((way) => {
    const other = { ...brew, way };
    const { minutes, reached } = doneMin(other, { ...draw, tau500H: tauFor(other).value });
    return reached >= DONE_SHARE ? [{ way, minutes: onAClock(minutes) }] : [];
  });
}

function stepsOf(brew: Brew, { pourG, holdH }: Outcome, draw: Draw): MakingStep[] {
  const steps: MakingStep[] = [];
  let clock = 0;
  const add = (id: MakingStep["id"], durationMin: number) => {
    steps.push({ id, startMin: clock, durationMin });
    clock += durationMin;
  };
  add("weigh", 5);
  if (heated(brew.way)) {
    add("heat", Math.ceil(heatingH(pourG, TAP_C, boilingC(brew.altitudeM), draw.netW) * 60));
    add(brew.way === "reduced" ? "reduce" : "boil", Math.round(holdH * 60));
  } else {
    if (brew.way !== "cold" && brew.way !== "fridge") add("pour", 2);
    add("stand", Math.round(holdH * 60));
  }
  add("strain", 5);
  add("keep", 2);
  return steps;
}

/** A tea by any way: boiled, poured over, in a closed jar, cold, in the fridge, or boiled down to a mark. */
export const brew: Method = {
  id: "brew",
  takes: ({ family, form }) =>
    ["leaf", "flower", "fruit", "seed", "root"].includes(family) && ["whole", "fresh", "powder"].includes(form),
  fields: [
    { id: "way", kind: "choice", options: BREW_WAYS, initial: "boiled" },
    { id: "wantMl", kind: "number", limit: "brewMl", unit: "ml", initial: 300 },
    { id: "fromMl", kind: "number", limit: "brewMl", unit: "ml", initial: 500, when: ({ way }) => way === "reduced" },
    { id: "minutes", kind: "number", limit: "brewMin", unit: "min", when: ({ way }) => way !== "reduced" },
    { id: "heat", kind: "choice", options: HEATS, initial: "low", when: ({ way }) => heated(way) },
    { id: "lid", kind: "yes", initial: true, when: ({ way }) => way === "boiled" || way === "poured" },
    { id: "pressed", kind: "yes", initial: false },
    {
      id: "potCm",
      kind: "number",
      limit: "potCm",
      unit: "cm",
      initial: 18,
      when: ({ way }) => heated(way) || way === "poured",
    },
    { id: "altitudeM", kind: "number", limit: "altitudeM", unit: "m", initial: 0, when: ({ way }) => heated(way) },
  ],
  make: (things, given, roomC) => {
    const problems = checkMaking(brew, things, given);
    if (problems.length > 0) return refuse(...problems);
    const full = settled(brew.fields, given);
    const one = brewOf({ ...full, lid: full.way === "reduced" ? false : full.lid }, roomC);
    const inputs = figuresOf(one, things);
    const middle = drawFrom(
      things,
      Float64Array.from(inputs, ({ value }) => value),
    );
    const done = one.minutes === undefined && one.way !== "reduced" ? doneMin(one, middle) : undefined;
    const minutes = one.minutes ?? onAClock(done?.minutes ?? 0);
    const plan = run(one, middle, minutes, undefined);
    if (one.way === "reduced" && one.fromMl < one.wantMl + plan.keptG)
      return refuse({
        field: "settings.fromMl",
        code: "drinksTooMuch",
        detail: { ml: Math.ceil((one.wantMl + plan.keptG) / 10) * 10 },
      });
    if (plan.pourG > LIMITS.brewMl.max)
      return refuse({ field: "settings.minutes", code: "boilsDry", detail: { max: LIMITS.brewMl.max } });
    const held = plan.holdH * 60;
    const [pourMl] = propagate(inputs, 1, (values, out) => {
      out[0] = run(one, drawFrom(things, values), minutes, undefined).pourG;
    });
    const [productG, productMl, restG, steamG, strength, drawn] = propagate(inputs, 6, (values, out) => {
      const draw = drawFrom(things, values);
      const { steamG: steam, dissolvedG, keptG, productG: product } = run(one, draw, held, plan.pourG);
      const share = dissolvedG / Math.max(1e-9, product + keptG);
      const spent = things.reduce((sum, { massG }) => sum + massG, 0) - dissolvedG;
      out.set([product, product / densityOf(share), spent + keptG, steam, share * densityOf(share) * 100]);
      out[5] = drawnOf(draw, dissolvedG);
    });
    const inG = things.reduce((sum, { massG }) => sum + massG, 0) + plan.pourG;
    const { material, likeId, isInTables } = teaMaterial(things, teaOf(things), {
      shareOf: bandOf({ low: strength.low / 100, value: strength.mid / 100, high: strength.high / 100 }),
      drawnOf: ({ material: of, massG }) =>
        massG *
        drawnShare(
          DRAWING[cutOf(of)].ratePerH.value,
          overLegs(legsOf(one, middle, plan.pourG, plan.holdH), drawingPace),
        ),
      liquidG: plan.productG + plan.keptG,
    });
    return ok<Made>({
      amounts: { inG: bandOf({ low: inG, value: inG, high: inG }), pourMl, productG, productMl, restG, steamG },
      strengthGPer100Ml: strength,
      drawn,
      minutes: Math.round(held),
      schools: schoolsOf(one, middle),
      material,
      likeId,
      isInTables,
      keeps: teaKeeps(material.acidity?.value ?? 0),
      steps: stepsOf(one, plan, middle),
      notes: notesOf(one, material, things, plan, drawn.mid),
      course: course(legsOf(one, middle, plan.pourG, plan.holdH)),
    });
  },
};

const SLIMY_SEEDS: readonly string[] = ["flax-seed", "chia", "fenugreek-seed", "okra", "marshmallow-root"];
/** A pot is stirred and boils over from so full. */
const FULL = 0.8;

const STAINS: readonly Tag[] = ["stainsRed", "stainsYellow", "stainsBlue", "stainsBrown"];

function notesOf(
  brewed: Brew,
  product: Material,
  things: readonly Ingredient[],
  { pourG }: Outcome,
  drawn: number,
): MakingNote[] {
  const notes: MakingNote[] = [];
  if (things.some(({ material: { plant = "" } }) => SLIMY_SEEDS.includes(plant))) notes.push({ code: "slimy" });
  if (things.some(({ material: { form } }) => form === "powder")) notes.push({ code: "throughCloth" });
  // As deep as it is wide.
  const potMl = (Math.PI / 4) * brewed.potCm ** 2 * brewed.potCm * 0.6;
  if ((heated(brewed.way) || brewed.way === "poured") && pourG > FULL * potMl)
    notes.push({ code: "potTooFull", detail: { ml: Math.round(pourG), potMl: Math.round(potMl / 50) * 50 } });
  if (drawn < DONE_SHARE - 0.1) notes.push({ code: "weak", detail: { percent: Math.round(drawn * 100) } });
  if (brewed.way !== "cold" && brewed.way !== "fridge") notes.push({ code: "hot" });
  if (product.tags.some((tag) => STAINS.includes(tag))) notes.push({ code: "stains" });
  notes.push({ code: "keepCold" });
  return notes;
}
