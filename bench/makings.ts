import { v7 as uuid } from "uuid";
import { blend, jar } from "../checks/onAShelf";
import { makeTestHouse } from "../checks/testHouse";
import { PLAIN_HEAD } from "../src/core/head";
import { METHODS, type Ingredient, type Settings } from "../src/core/making";
import { findMaterial } from "../src/core/material";
import { computePaste } from "../src/core/paste";
import { jarMaterial, madeFigures, questionOn, type Jar } from "../src/core/shelf";
import { shelfOf } from "../src/server/shelf";
import { insertJar } from "../src/store/jars";
import { insertMoves } from "../src/store/stock";
import { inTransaction } from "../src/store/transaction";
import type { Report } from "./bench";

const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
const of = (id: string, massG: number): Ingredient => ({ material: findMaterial(id)!, massG });
const make = (method: string, things: readonly Ingredient[], settings: Settings) => {
  const result = METHODS.find(({ id }) => id === method)!.make(things, settings, 21);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};
const jarOf = (materialId: string, method: string, things: readonly Ingredient[], settings: Settings): Jar =>
  jar(materialId, {
    madeHere: true,
    made: {
      method,
      things: things.map(({ material, massG }) => ({ materialId: material.id, massG })),
      settings: {},
      kitchenTempC: 21,
      figures: madeFigures(make(method, things, settings).material),
    },
  });

/** What is made before the bowl: computed, nested in a blend, and two hundred of it on a shelf. */
export async function making(report: Report) {
  const pot = [of("rosemary-leaf-whole", 15), of("amla-whole", 15)];
  const brews: number[] = [];
  for (let i = 0; i < 400; i++) {
    const began = performance.now();
    make("brew", pot, { way: "boiled", wantMl: 300 + i });
    brews.push(performance.now() - began);
  }
  report("a tea of two herbs along its warmth, with bands and other ways, median", median(brews), 1, "ms");

  const tea = jarOf("rosemary-tea", "brew", pot.slice(0, 1), { way: "boiled", wantMl: 300 });
  const curd = jarOf("strained-curd", "curd", [of("yoghurt", 400)], { hours: 4 });
  // A cream that was cooked with the tea: a making of a making.
  const teaHere = { material: jarMaterial(tea, findMaterial("rosemary-tea")!, "metric"), massG: 100 };
  const cream = jarOf("starch-cream", "starch", [of("cornstarch", 12), teaHere], { waterMl: 150 });
  const question = questionOn(
    {
      ...blend,
      lines: [
        ...blend.lines.slice(0, 2),
        { materialId: "strained-curd", role: "fixed", amount: 60, unit: "g", fill: "level" },
        { materialId: "starch-cream", role: "fixed", amount: 60, unit: "g", fill: "level" },
      ],
      liquid: { materialId: "rosemary-tea", tempC: 30 },
    },
    PLAIN_HEAD,
    "metric",
    { own: [], jars: [tea, curd, cream] },
  );
  const pastes: number[] = [];
  for (let i = 0; i < 1500; i++) {
    const began = performance.now();
    const result = computePaste(question);
    pastes.push(performance.now() - began);
    if (!result.ok) throw new Error(JSON.stringify(result.problems));
  }
  report("a blend that stands on three nested makings, median", median(pastes), 0.5, "ms");

  const { householdId } = await makeTestHouse("A house that made two hundred things");
  await inTransaction(householdId, async (write) => {
    for (let i = 0; i < 200; i++) {
      const id = uuid();
      const { made, materialId } = [tea, curd, cream][i % 3];
      await insertJar(write, { id, materialId, name: `made ${i}`, fullG: 300, madeHere: true, made });
      await insertMoves(write, [{ jarId: id, kind: "came", massG: 300 }]);
    }
  });
  const reads: number[] = [];
  for (let i = 0; i < 15; i++) {
    const began = performance.now();
    await shelfOf(householdId);
    reads.push(performance.now() - began);
  }
  report("a shelf of 200 makings read from the book, median", median(reads), 70, "ms");
}
