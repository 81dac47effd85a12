import { METHODS, type Settings } from "@/core/making";
import { findMaterial } from "@/core/material";
import { METHOD_WORDS } from ".";

const lateOf = (method: string, things: readonly [string, number][], settings: Settings, step: "cool" | "strain") => {
  const made = METHODS.find(({ id }) => id === method)!.make(
    things.map(([id, massG]) => ({ material: findMaterial(id)!, massG })),
    settings,
    21,
  );
  if (!made.ok) throw new Error(method);
  return METHOD_WORDS[method].late?.[step]?.(settings, made.value);
};

test("strained later than its window: a fresh leaf's oil after half an hour, a gel while it runs, a tea", () => {
  const leaf = lateOf(
    "oil",
    [
      ["sesame-oil", 100],
      ["hibiscus-leaf-fresh", 30],
    ],
    { way: "lowestFlame" },
    "cool",
  );
  expect(leaf).toMatchObject({ afterMin: 45, text: expect.stringContaining("steam has fallen back") });
  expect(
    lateOf(
      "oil",
      [
        ["sesame-oil", 100],
        ["amla", 6],
      ],
      { way: "waterBath" },
      "cool",
    ),
  ).toBeUndefined();
  const gel = lateOf("brew", [["flax-seed-whole", 25]], { way: "boiled", wantMl: 300 }, "strain")!;
  const tea = lateOf("brew", [["nettle-leaf-whole", 10]], { way: "boiled", wantMl: 300 }, "strain")!;
  expect(gel.text).toContain("it sets as it cools");
  expect(gel.afterMin).toBeLessThan(tea.afterMin);
  // A tea that stands in the cold is not in such a hurry.
  const cold = lateOf("brew", [["nettle-leaf-whole", 10]], { way: "cold", wantMl: 300 }, "strain")!;
  expect(cold.afterMin).toBeGreaterThan(tea.afterMin);
});
