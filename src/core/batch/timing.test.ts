import fc from "fast-check";
import { answerTo, MASK } from "../../../checks/mask";
import { asSeen } from "./asMade";
import { aimOf } from "./aim";
import { EVENT_KINDS, MOVES_STOCK, SEARCHED, type BatchEvent, type BatchPayload } from "./eventKinds";
import { foldBatch } from "./fold";
import { doneBy, mixingSteps, reachedBy, stepAtMs, stepNow } from "./timing";
import { worksheetFor } from "./worksheet";

const ANSWER = answerTo(MASK);
const SHEET = worksheetFor(MASK, ANSWER);
const START = 1_770_000_000_000;
const MINUTE = 60_000;
const at = (min: number, reachedMs = {}) => stepAtMs(min, START, SHEET, ANSWER, { reachedMs });
const event = (n: number, payload: BatchPayload): BatchEvent => ({
  id: `e${n}`,
  payload,
  deviceId: "d",
  deviceSeq: n,
  revSeen: 1,
  atMs: START + n * MINUTE,
});

describe("when a step falls", () => {
  test("as planned, until something happened; then what comes after follows it, and what came before stays", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 600 }), fc.integer({ min: -90, max: 600 }), (min, lateMin) => {
        expect(at(min)).toBe(START + min * MINUTE);
        const mixed = START + (SHEET.mixedMin + lateMin) * MINUTE;
        expect(at(min, { mixed }) - at(min)).toBe(min >= SHEET.mixedMin ? lateMin * MINUTE : 0);
      }),
    );
  });
  test("once it is on the head, the rinse is as long after it as the paste stays on", () => {
    const onHead = START + 500 * MINUTE;
    const leaveOnMin = Math.round(ANSWER.leaveOnMin.mid);
    expect(at(SHEET.rinseMin, { mixed: START, onHead })).toBe(onHead + leaveOnMin * MINUTE);
  });
  test("the last step of mixing ends all from the pour on; any other ends itself", () => {
    const mixing = mixingSteps(SHEET);
    expect(doneBy(SHEET, mixing.at(-1)!)).toEqual(mixing.slice(mixing.indexOf("pour")));
    expect(doneBy(SHEET, "rinse")).toEqual(["rinse"]);
  });
  test("a stage is reached by the last event that says so and stands", () => {
    const events = [
      event(1, { kind: "reached", stage: "mixed" }),
      event(2, { kind: "reached", stage: "mixed" }),
      event(3, { kind: "withdrawn", eventId: "e2" }),
    ];
    expect(reachedBy(events, foldBatch(events), "mixed")).toBe("e1");
    expect(reachedBy(events, foldBatch(events), "rinsed")).toBeUndefined();
  });
});

describe("what a bowl in progress is brought to", () => {
  const aim = (...payloads: BatchPayload[]) => {
    const state = foldBatch(payloads.map((payload, i) => event(i, payload)));
    return aimOf(MASK, ANSWER, state, asSeen(MASK, ANSWER, state));
  };
  test("the plan, while nothing went in otherwise", () => {
    expect(aim()).toEqual({ question: MASK, answer: ANSWER, jug: ANSWER.liquid });
    expect(aim({ kind: "poured", ml: 40 }).answer).toBe(ANSWER);
  });
  test("more powder wants more liquid, and a bowl called too thick a later stop", () => {
    const midOf = ({ jug }: ReturnType<typeof aim>) => (jug.state === "unreachable" ? NaN : jug.ml.mid);
    const planned = midOf(aim());
    expect(midOf(aim({ kind: "added", materialId: "amla", amount: 3, unit: "tbsp", fill: "level" }))).toBeGreaterThan(
      planned,
    );
    expect(midOf(aim({ kind: "poured", ml: planned }, { kind: "said", word: "tooThick" }))).toBeGreaterThan(planned);
  });
});

test("each kind of event stands under its own name, and what it declares is what the lists say", () => {
  for (const [id, kind] of Object.entries(EVENT_KINDS)) {
    expect(kind.kind).toBe(id);
    expect(MOVES_STOCK.includes(kind.kind)).toBe(kind.movesStock === true);
    expect(SEARCHED.includes(kind.kind)).toBe(kind.searched === true);
    // What draws on the shelf says so; what changes nothing of the bowl is about another event.
    if (kind.saysIn ?? kind.poursMl) expect(kind.movesStock).toBe(true);
    expect(kind.apply === undefined).toBe(kind.aboutEvent === true);
  }
});
test("what a newer house said of a bowl stands in its history and changes nothing here", () => {
  const known = event(1, { kind: "poured", ml: 30 });
  const strange = event(2, { kind: "sneezed" } as unknown as BatchPayload);
  expect(foldBatch([known, strange])).toEqual(foldBatch([known]));
});

test("the step that is on now is the first that is not done; a stage leaves what was before it behind", () => {
  const steps = SHEET.steps.map(({ id }) => id);
  const state = foldBatch([]);
  const now = (change: Partial<typeof state>) => stepNow(SHEET, { ...state, ...change }).step?.id;
  expect(now({})).toBe(steps[0]);
  expect(stepNow(SHEET, state).next?.id).toBe(steps[1]);
  expect(now({ done: steps.slice(0, steps.indexOf("firstPour")) })).toBe("firstPour");
  expect(now({ done: steps.slice(0, steps.indexOf("firstPour")), pouredMl: 20 })).toBe("pour");
  expect(now({ pouredMl: 20 })).toBe("pour");
  expect(now({ reachedMs: { mixed: START } })).toBe("rest");
  expect(now({ reachedMs: { mixed: START, onHead: START } })).toBe("leaveOn");
  expect(now({ reachedMs: { rinsed: START } })).toBe("clear");
  expect(stepNow(SHEET, { ...state, done: steps })).toEqual({});
});
