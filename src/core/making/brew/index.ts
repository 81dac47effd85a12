import { LIMITS } from "../../limits";
import { ok, refuse, type Problem } from "../../problem";
import { checkMaking, settled, type Method } from "../method";
import { HEATS } from "../steam";
import { bandsOf, strengthOf } from "./bands";
import { doneMin, onAClock, schoolsOf } from "./done";
import { figuresOf, middleOf } from "./figures";
import { measuredOf } from "./measured";
import { laterNotes, measuredNotes, notesOf } from "./notes";
import { drawnFrom, run, type Outcome } from "./outcome";
import { teaOf } from "./product";
import { spentOf } from "./spent";
import { TEAS } from "./recipes";
import { BREW_WAYS, brewOf, heated, type Brew } from "./said";
import { stepsOf } from "./steps";

export { drawingPace } from "./drawing";
export { BREW_WAYS } from "./said";

/** A tea by any way: boiled, poured over, in a closed jar, cold, in the fridge, or boiled down to a mark. */
export const brew: Method = {
  id: "brew",
  takes: ({ family, form }) =>
    ["leaf", "flower", "fruit", "seed", "root"].includes(family) && ["whole", "fresh", "powder"].includes(form),
  commonest: [
    "black-tea-leaf",
    "green-tea-whole",
    "rosemary-leaf-whole",
    "nettle-leaf-whole",
    "sage-leaf-whole",
    "roselle-whole",
    "hibiscus-flower-whole",
    "chamomile-whole",
    "rose-petal-whole",
    "fenugreek-seed-whole",
    "marshmallow-root-whole",
    "amla-whole",
    "shikakai-whole",
    "reetha-whole",
  ],
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
  beginsWithG: () => 10,
  makes: TEAS,
  gauges: ["weightG", "levelMm", "tempC"],
  make: (things, given, roomC, { gauged = [], cameTo } = {}) => {
    const problems = checkMaking(brew, things, given);
    if (problems.length > 0) return refuse(...problems);
    const one = brewOf(settled(brew.fields, given), roomC);
    const measured = measuredOf(one, gauged);
    const figures = figuresOf(one, things, measured);
    const middle = middleOf(figures, things);
    const minutes = one.way === "reduced" ? 0 : (one.minutes ?? onAClock(doneMin(one, middle).minutes));
    const plan = run(one, middle, minutes);
    const impossible = inTheWay(one, plan);
    if (impossible) return refuse(impossible);
    const { share, drawn, ...amounts } = bandsOf(one, figures, things, minutes, plan, cameTo);
    const drawnG = drawnFrom(one, things, plan, middle);
    const product = teaOf(things, drawnG, share, plan);
    return ok({
      amounts,
      says: { dissolvedGPer100Ml: strengthOf(share), drawnShare: drawn },
      minutes: Math.round(plan.holdH * 60),
      schools: schoolsOf(one, middle),
      ...product,
      rest: spentOf(things, middle, drawnG),
      steps: stepsOf(one, plan, middle),
      notes: [
        ...notesOf(one, product.material, things, plan, drawn.mid),
        ...laterNotes(one, things, middle, plan),
        ...measuredNotes(measured),
      ],
    });
  },
};

/** Why a pot cannot give what is wanted. */
function inTheWay({ way, wantMl, fromMl, minutes }: Brew, { pourG, keptG }: Outcome): Problem | undefined {
  const least = wantMl + keptG;
  if (way === "reduced" && fromMl < least)
    return { field: "settings.fromMl", code: "drinksTooMuch", detail: { ml: Math.ceil(least / 10) * 10 } };
  const most = LIMITS.brewMl.max;
  if (pourG <= most) return undefined;
  if (heated(way) && minutes !== undefined)
    return { field: "settings.minutes", code: "boilsDry", detail: { max: most } };
  const { min } = LIMITS.brewMl;
  return {
    field: "settings.wantMl",
    code: "tooLarge",
    detail: { min, max: Math.max(min, Math.floor((most - (pourG - wantMl)) / 10) * 10) },
  };
}
