import { findMaterial } from "@/core/material";
import { CATALOGUE } from "@/core/catalogue";
import type { TypedAmount } from "@/core/measure";
import { readPage, searchIndex, type LineAmount, type ThingLine } from "@/core/search";
import { readCsv } from "./readCsv";

const index = searchIndex(CATALOGUE);
const read = (line: string) => readPage(line, index, findMaterial, "metric");
const amountWords = ({ count, unit, fill }: TypedAmount) =>
  `${Number(count.value.toPrecision(6))} ${fill === "level" ? "" : `${fill} `}${unit}`;
const choices = (amount: LineAmount): string[] => {
  if (amount.kind === "known") return [amountWords(amount.amount)];
  if (amount.kind === "which") return amount.choices.map(amountWords);
  return amount.kind === "asNeeded" ? ["as needed"] : [];
};
const asks = ({ thing, amount }: ThingLine): string[] => [
  ...(thing.kind === "known" ? [] : ["thing"]),
  ...(amount.kind === "missing" ? ["amount"] : amount.kind === "which" ? ["unit"] : []),
];
const outcome = (line: string): "whole" | "ask" | "out" => {
  const things = read(line).filter((one): one is ThingLine => one.kind === "thing");
  if (things.length === 0) return "out";
  return things.every((one) => asks(one).length === 0) ? "whole" : "ask";
};

const rows = readCsv("notebookLines.csv");

// How kitchens write: common practice.
test.each(rows)("“$line” is read as it was meant: $reads $thing $amount $asks", (row) => {
  const things = read(row.line).filter((one): one is ThingLine => one.kind === "thing");
  expect(outcome(row.line)).toBe(row.reads);
  if (row.reads === "out") return;
  if (row.reads === "whole") {
    expect(things.map(({ thing }) => thing.kind === "known" && thing.id).join("+")).toBe(row.thing);
    for (const { amount } of things) expect(choices(amount)).toEqual([row.amount.replace("level ", "")]);
    return;
  }
  const [{ thing, amount }] = things;
  expect(asks(things[0]).join(" ")).toBe(row.asks);
  const ids = thing.kind === "known" ? [thing.id] : thing.ids;
  for (const id of row.thing.split("/").filter(Boolean)) expect(ids).toContain(id);
  for (const one of row.amount.split("/").filter(Boolean)) expect(choices(amount)).toContain(one);
});

test("the share of them that is read whole, asked about and left as words is told", () => {
  const share = (kind: string) => rows.filter(({ line }) => outcome(line) === kind).length;
  const [whole, ask, out] = [share("whole"), share("ask"), share("out")];
  console.info(`notebook lines: ${whole} of ${rows.length} read whole, ${ask} asked about, ${out} left as words`);
  expect(rows.length).toBeGreaterThanOrEqual(150);
  expect(whole + ask + out).toBe(rows.length);
});
