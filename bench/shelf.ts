import { gzipSync } from "node:zlib";
import { build } from "esbuild";
import { v7 as uuid } from "uuid";
import { CATALOGUE } from "../src/core/catalogue";
import { REGIONAL_NAMES } from "../src/core/regional";
import { parseAmount } from "../src/core/measure";
import { search, searchIndex } from "../src/core/search";
import { shelfOf } from "../src/server/shelf";
import { insertJar, insertWeighing } from "../src/store/jars";
import { insertMoves } from "../src/store/stock";
import { inTransaction } from "../src/store/transaction";
import { theHousehold } from "../src/store/household";
import { gathering } from "../src/server/gathering";
import { makeTestHouse } from "../checks/testHouse";
import type { Report } from "./bench";

const base = `http://127.0.0.1:${process.env.PORT}`;
const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
const clocked = async (work: () => Promise<unknown> | unknown): Promise<number> => {
  const began = performance.now();
  await work();
  return performance.now() - began;
};

async function minified(entry: string): Promise<number> {
  const { outputFiles } = await build({
    entryPoints: [entry],
    bundle: true,
    minify: true,
    format: "esm",
    write: false,
    platform: "browser",
    target: "es2022",
  });
  return gzipSync(outputFiles[0].contents, { level: 9 }).length / 1000;
}

/** 500 jars in a house of their own, with a weighing each. */
async function manyJars(): Promise<string> {
  const { householdId } = await makeTestHouse("A house with five hundred jars");
  await inTransaction(householdId, async (write) => {
    for (let i = 0; i < 500; i++) {
      const id = uuid();
      await insertJar(write, {
        id,
        materialId: CATALOGUE[i % CATALOGUE.length].id,
        name: `jar ${i}`,
        fullG: 200,
        madeHere: false,
        boughtOn: "2026-01-01",
        price: 5,
        place: `board ${i % 7}`,
      });
      await insertMoves(write, [{ jarId: id, kind: "came", massG: 200 }]);
      await insertWeighing(write, id, { id: uuid(), count: 2, unit: "tbsp", massG: 14 });
    }
  });
  return householdId;
}

export async function shelving(report: Report) {
  const index = searchIndex(CATALOGUE, REGIONAL_NAMES);
  const queries = [
    "amla",
    "brahmi",
    "bringraj",
    "fenugrek seed powder",
    "for slip",
    "nothing at all like it",
    "मेथी",
    "phyllanthus emblica",
  ];
  // One after the other, and not awaited: a wait would measure the others as well.
  const slowest = queries.map((query) =>
    median(
      Array.from({ length: 60 }, () => {
        const began = performance.now();
        search(index, query);
        return performance.now() - began;
      }),
    ),
  );
  report(
    `search of ${CATALOGUE.length} materials, slowest of ${queries.length} queries`,
    Math.max(...slowest),
    5,
    "ms",
  );
  const amounts = [
    "2 tbsp",
    "1 heaped tsp",
    "1 1/2 c",
    "8-12 drops",
    "half a lemon",
    "a handful of curry leaves",
    "2 fl oz",
    "3 t",
  ];
  report(
    "a typed amount read",
    median(
      amounts.map((text) => {
        const began = performance.now();
        for (let i = 0; i < 500; i++) parseAmount(text);
        return (performance.now() - began) / 500;
      }),
    ),
    0.2,
    "ms",
  );
  report(
    "the catalogue as the browser gets it, gzipped",
    (await minified("src/core/catalogue/index.ts")) - (await minified("src/core/material/index.ts")),
    40,
    "kB",
  );

  report("… names in nine languages, after it", await minified("src/core/regional/index.ts"), 12, "kB");

  const many = await manyJars();
  const reads: number[] = [];
  for (let i = 0; i < 15; i++) reads.push(await clocked(() => shelfOf(many)));
  report("a shelf of 500 jars read from the book", median(reads), 100, "ms");
  const { household, settings } = (await theHousehold())!;
  const gathers: number[] = [];
  for (let i = 0; i < 10; i++) gathers.push(await clocked(() => gathering(household, settings.spoons, [])));
  report("what today's shelf can make, the demo's blends", median(gathers), 100, "ms");
  // The page itself, with five hundred jars in the house that answers.
  await inTransaction(household.id, async (write) => {
    for (let i = 0; i < 500; i++) {
      const id = uuid();
      await insertJar(write, {
        id,
        materialId: CATALOGUE[i % CATALOGUE.length].id,
        name: `jar ${i}`,
        fullG: 200,
        madeHere: false,
        place: `board ${i % 7}`,
      });
      await insertMoves(write, [{ jarId: id, kind: "came", massG: 200 }]);
    }
  });
  const page = async () => (await fetch(`${base}/shelf`)).text();
  for (let i = 0; i < 5; i++) await page();
  const pages: number[] = [];
  for (let i = 0; i < 15; i++) pages.push(await clocked(page));
  report("the shelf's page with over 500 jars, whole", median(pages), 100, "ms");
}
