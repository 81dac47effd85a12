import { readFileSync } from "node:fs";
import { createParser } from "eventsource-parser";
import { INSTRUMENTS, readShown } from "@/core/instrument";

const DOC = readFileSync("docs/instruments.md", "utf8");

test("the messages that docs/instruments.md shows are read as it says", () => {
  const shown: unknown[] = [];
  const parser = createParser({ onEvent: ({ data }) => shown.push(readShown("scale", data)) });
  const [, messages] = /```\n(data: [\s\S]*?)```/.exec(DOC)!;
  parser.feed(`: a comment\n\n${messages}\n\n`);
  expect(shown).toEqual([
    { value: 0, stable: true },
    { value: 183.7, stable: false },
    { value: 250, stable: true },
  ]);
});

test("its limits and units are the ones that are read by", () => {
  const { scale, probe } = INSTRUMENTS;
  const spaced = (value: number) => String(Math.abs(value)).replace(/^(\d\d)(\d{3})$/, "$1 $2");
  expect(DOC).toContain(`a scale −${spaced(scale.least)} to ${spaced(scale.most)}`);
  expect(DOC).toContain(`a thermometer −${spaced(probe.least)} to ${spaced(probe.most)}`);
  for (const { unit } of [scale, probe]) expect(DOC).toContain(`\`"${unit}"\``);
});
