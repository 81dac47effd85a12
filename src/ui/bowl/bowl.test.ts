import fc from "fast-check";
import { anyQuestion } from "../../../checks/arbitrary";
import { computePaste } from "@/core/paste";
import { areaTo, bowlFor, drawLayers, heightFor, sectionArea, spread } from "./geometry";
import { jugFor, jugHeight, widthAt } from "./jugShape";
import { spoonShape } from "./spoonShape";

const SECTION = { width: 600, depth: 270 };
const shoelace = (points: readonly (readonly [number, number])[]) =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length];
      return sum + x * ny - nx * y;
    }, 0),
  ) / 2;
const pa = (yieldPa: number) => ({ state: "paste", yieldPa, word: "cream", dragRatio: 1 }) as const;

describe("the bowl is a picture of the computation", () => {
  test("each layer's area is its solved volume within 1 %, whatever is in the bowl", () => {
    fc.assert(
      fc.property(anyQuestion, (question) => {
        const result = computePaste({ ...question, sizing: "likely" });
        fc.pre(result.ok);
        const { layers, totalMl } = result.value;
        const capacity = bowlFor(totalMl);
        fc.pre(totalMl <= capacity);
        const mlPerArea = capacity / sectionArea(SECTION);
        for (const { layer, outline } of drawLayers(layers, capacity, SECTION)) {
          // A film thinner than a hundredth of a ml is below any picture.
          if (layer.volumeMl > 0.01)
            expect(Math.abs((shoelace(outline) * mlPerArea) / layer.volumeMl - 1)).toBeLessThan(0.01);
        }
      }),
      { numRuns: 200 },
    );
  });
  test("filling and measuring the section undo each other", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
        const area = share * sectionArea(SECTION);
        expect(areaTo(SECTION, heightFor(SECTION, area)) / sectionArea(SECTION)).toBeCloseTo(share, 6);
      }),
    );
  });
  test("a bowl leaves room to stir", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 11000, noNaN: true }), (ml) => {
        expect(ml / bowlFor(ml)).toBeLessThanOrEqual(0.82);
      }),
    );
  });
  test("labels of any height keep their order and do not touch; too many for the room are not placed", () => {
    const label = fc.record({
      at: fc.double({ min: 0, max: 400, noNaN: true }),
      height: fc.double({ min: 20, max: 90, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(label, { minLength: 1, maxLength: 14 }), (labels) => {
        const wanted = labels.map(({ at }) => at).sort((a, b) => a - b);
        const heights = labels.map(({ height }) => height);
        const placed = spread(wanted, heights, 0, 400);
        expect(placed === undefined).toBe(heights.reduce((sum, height) => sum + height, 0) > 400);
        const edges = (placed ?? []).map((y, i) => ({ from: y - heights[i] / 2, to: y + heights[i] / 2 }));
        edges.forEach(({ from }, i) => expect(from).toBeGreaterThanOrEqual((edges[i - 1]?.to ?? 0) - 1e-9));
        expect(edges.at(-1)?.to ?? 0).toBeLessThanOrEqual(400 + 1e-9);
      }),
    );
  });
});

test("the spoon: a stiffer paste leaves it wider, falls less and stands higher; a dry one shows crumbs", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 800, noNaN: true }),
      fc.double({ min: 1, max: 3, noNaN: true }),
      (yieldPa, by) => {
        const [soft, stiff] = [spoonShape(pa(yieldPa)), spoonShape(pa(yieldPa * by))];
        expect(stiff.ribbonWidth).toBeGreaterThanOrEqual(soft.ribbonWidth);
        expect(stiff.fall).toBeLessThanOrEqual(soft.fall);
        expect(stiff.peak).toBeGreaterThanOrEqual(soft.peak);
      },
    ),
  );
  expect(spoonShape(pa(120)).peak).toBeGreaterThan(spoonShape(pa(20)).peak);
  expect(spoonShape({ state: "dry" }).kind).toBe("crumbs");
});

test("the jug: area is volume, and no jug is overfull", () => {
  const jug = { foot: 118, brim: 140, height: 270 };
  fc.assert(
    fc.property(fc.double({ min: 1, max: 7000, noNaN: true }), (ml) => {
      const capacity = jugFor(ml);
      const height = jugHeight(jug, capacity, ml);
      const area = ((jug.foot + widthAt(jug, height)) / 2) * height;
      expect(area / (((jug.foot + jug.brim) / 2) * jug.height)).toBeCloseTo(ml / capacity, 6);
      expect(height).toBeLessThan(jug.height);
    }),
  );
});
