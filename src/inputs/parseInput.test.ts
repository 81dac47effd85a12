import { PasswordInput } from "./doorInput";
import { EMPTY_SHELF } from "@/core/shelf";
import { NewHeadInput, toHead } from "./headInput";
import { parseInput } from "./parseInput";
import { PasteInput, toQuestion } from "./pasteInput";
import { EventsInput, NewBatchInput, SettingsInput } from "./bookInput";
import { computePaste } from "@/core/paste";
import { problemWords } from "@/words/problems";

const ID = "01a21257-1559-72bd-86dd-abdc06fce906";
const PASTE = {
  head: { longest: { cm: 50 }, amount: { strands: "thick" } },
  purpose: "mask",
  kitchenTempC: 21,
  target: { word: "cream" },
  liquid: { materialId: "water", tempC: 40 },
  lines: [{ materialId: "amla", role: "part", amount: 2, unit: "tbsp" }],
};
const codes = <T extends object>(kind: new () => T, body: unknown) => {
  const result = parseInput(kind, body);
  return result.ok ? [] : result.problems.map(({ field, code }) => `${field} ${code}`);
};

test("a question as a client sends it becomes a question of the core", () => {
  const parsed = parseInput(PasteInput, PASTE);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  const question = toQuestion(parsed.value, "metric", EMPTY_SHELF);
  expect(question).toMatchObject({
    spoons: "metric",
    sizing: "likely",
    head: { longest: { cm: 50 }, strand: "medium", allergies: [] },
    lines: [{ fill: "level" }],
  });
  expect(question).not.toHaveProperty("restMin");
  expect(computePaste(question).ok).toBe(true);
});

test("a measure wins over a word, and what is left out is the middle", () => {
  const parsed = parseInput(NewHeadInput, {
    id: ID,
    name: "x",
    hair: { longest: { cm: 30, landmark: "hip" }, amount: { ponytailCm: 8, strands: "thin" } },
  });
  if (!parsed.ok) throw new Error("refused");
  expect(toHead(parsed.value.hair)).toMatchObject({
    longest: { cm: 30 },
    amount: { ponytailCm: 8 },
    cut: "ordinary",
    greyShare: 0,
  });
});

test.each<[string, unknown, string]>([
  ["nothing", undefined, " required"],
  ["a list", [], " required"],
  ["a word", "hello", " required"],
  ["no lines", { ...PASTE, lines: undefined }, "lines required"],
  ["lines that are no list", { ...PASTE, lines: "amla" }, "lines wrongShape"],
  ["an amount in words", { ...PASTE, lines: [{ ...PASTE.lines[0], amount: "two" }] }, "lines.0.amount notANumber"],
  ["an amount as text", { ...PASTE, lines: [{ ...PASTE.lines[0], amount: "2" }] }, "lines.0.amount notANumber"],
  ["an unknown unit", { ...PASTE, lines: [{ ...PASTE.lines[0], unit: "firkin" }] }, "lines.0.unit unknownChoice"],
  ["an unknown purpose", { ...PASTE, purpose: "soup" }, "purpose unknownChoice"],
  ["a field too many", { ...PASTE, admin: true }, "admin unknownField"],
  ["no head", { ...PASTE, head: undefined }, "head required"],
  ["a head of words", { ...PASTE, head: "long" }, "head wrongShape"],
  ["a nested field too many", { ...PASTE, liquid: { ...PASTE.liquid, x: 1 } }, "liquid.x unknownField"],
])("%s is refused at its field", (_, body, expected) => {
  expect(codes(PasteInput, body)).toContain(expected);
});

test("ids, times and zones are checked by shape", () => {
  expect(codes(NewBatchInput, { id: "1", versionId: ID, headId: ID })).toEqual(["id notFound"]);
  expect(codes(NewBatchInput, { id: ID, versionId: ID, headId: ID, onHeadAt: "ten" })).toEqual(["onHeadAt notText"]);
  expect(codes(NewBatchInput, { id: ID, versionId: ID, headId: ID, onHeadAt: "2026-03-01T10:00" })).toEqual([]);
  expect(codes(SettingsInput, { timeZone: "Mars/Olympus" })).toEqual(["timeZone unknownChoice"]);
  expect(codes(EventsInput, { events: [] })).toEqual(["events tooFew"]);
  expect(codes(NewHeadInput, { id: ID, name: "x".repeat(121), hair: PASTE.head })).toEqual(["name tooLarge"]);
});

test("names of the language itself, and a well without a bottom, are refused at their place", () => {
  for (const key of ["constructor", "__proto__", "prototype"]) {
    const body = JSON.parse(JSON.stringify(PASTE).replace('"liquid":{', `"liquid":{"${key}":{"x":1},`));
    expect(codes(PasteInput, body)).toEqual([`liquid.${key} unknownField`]);
  }
  let well: unknown = 1;
  for (let i = 0; i < 50_000; i++) well = [well];
  expect(codes(PasteInput, { ...PASTE, lines: well })[0]).toMatch(/^lines\.0.* unknownField$/);
});

const says = <T extends object>(kind: new () => T, body: unknown) => {
  const result = parseInput(kind, body);
  return result.ok ? [] : result.problems.map((problem) => `${problem.field}: ${problemWords(problem)}`);
};
test.each<[string, unknown, string]>([
  ["spoons as a word", { ...PASTE, spoons: "metric" }, "spoons: This wants an object with set, own."],
  [
    "a unit that is none",
    { ...PASTE, lines: [{ ...PASTE.lines[0], unit: "firkin" }] },
    "lines.0.unit: This is none of the choices: g, ml, tsp, tbsp, cup, drop, piece.",
  ],
  ["lines that are a word", { ...PASTE, lines: "amla" }, "lines: This wants a list."],
  [
    "lines that are words",
    { ...PASTE, lines: ["amla"] },
    "lines: This wants objects with materialId, jarId, role, amount, unit, fill.",
  ],
  ["a head that is a word", { ...PASTE, head: "long" }, "head: This wants an object with longest, amount"],
  [
    "pregnant as a word",
    { ...PASTE, head: { ...PASTE.head, pregnant: "no" } },
    "head.pregnant: This is none of the choices: true, false.",
  ],
  ["no lines at all", { ...PASTE, lines: undefined }, "lines: This is missing."],
])("%s: it is said what may stand there, and never that it is missing when it is not", (_, body, line) => {
  expect(says(PasteInput, body).join("\n")).toContain(line);
});

test.each<[string, boolean]>([
  ["elevensigns", false],
  ["twelve signs", true],
  ["🌿 ".repeat(32), true],
  ["x".repeat(128), true],
  ["x".repeat(129), false],
])("a password %j is taken: %s, as it is and not cut off", (password, taken) => {
  const parsed = parseInput(PasswordInput, { password });
  expect(parsed.ok).toBe(taken);
  if (parsed.ok) expect(parsed.value.password).toBe(password);
});

test("ten thousand extra keys are refused without listing them all", () => {
  const flood = { ...PASTE, ...Object.fromEntries(Array.from({ length: 10_000 }, (_, i) => [`k${i}`, i])) };
  expect(codes(PasteInput, flood).length).toBeLessThanOrEqual(20);
});
