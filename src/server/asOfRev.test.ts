import fc from "fast-check";
import { asOfRev } from "./asOfRev";

test("is read once for a rev and anew for another, and never answers with what was read for an older one", async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.record({ id: fc.constantFrom("a", "b"), rev: fc.integer({ min: 0, max: 3 }) }), { maxLength: 30 }),
      async (asked) => {
        let reads = 0;
        const read = asOfRev(async (id) => ({ id, read: ++reads }));
        let before: { key: string; read: number } | undefined;
        for (const house of asked) {
          const found = await read(house);
          const key = `${house.id} ${house.rev}`;
          expect(found.id).toBe(house.id);
          expect(found.read).toBe(before?.key === key ? before.read : reads);
          before = { key, read: found.read };
        }
        expect(reads).toBeLessThanOrEqual(asked.length);
      },
    ),
  );
});

test("many at once share one reading, and one that failed is not remembered", async () => {
  let reads = 0;
  const read = asOfRev(async () => {
    reads += 1;
    if (reads === 1) throw new Error("away");
    return reads;
  });
  const house = { id: "a", rev: 1 };
  const first = await Promise.allSettled([read(house), read(house)]);
  expect(first.map(({ status }) => status)).toEqual(["rejected", "rejected"]);
  expect(await Promise.all([read(house), read(house), read(house)])).toEqual([2, 2, 2]);
  expect(reads).toBe(2);
});
