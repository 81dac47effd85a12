import fc from "fast-check";
import type { Waiting } from "./outbox";
import { nextSending, NOTHING_TO_SEND, toSend, type Sending, type SendingEvent } from "./sending";

const tapOf = (n: number): Waiting => ({
  id: `tap-${n}`,
  payload: { kind: "noted", text: `${n}` },
  deviceSeq: n,
  revSeen: 0,
  deviceClock: "2026-01-01T10:00:00.000Z",
});

/** What the world does to an outbox: somebody taps, the house answers, a wait ends, somebody decides. */
type Happening =
  { readonly do: "tap" | "wait" | "again" | "drop" } | { readonly do: "answer"; readonly status: number };
const anyHappening: fc.Arbitrary<Happening> = fc.oneof(
  fc.constantFrom<Happening>({ do: "tap" }, { do: "tap" }, { do: "wait" }, { do: "again" }, { do: "drop" }),
  fc
    .constantFrom(200, 200, 200, 0, 400, 401, 422, 500, 500, 503)
    .map((status): Happening => ({ do: "answer", status })),
);

interface World {
  readonly box: Sending;
  readonly tapped: number;
  readonly arrived: readonly string[];
  readonly dropped: readonly string[];
}
const NEW: World = { box: NOTHING_TO_SEND, tapped: 0, arrived: [], dropped: [] };

/** One thing happens, and what can go out goes out. */
function happen(world: World, what: Happening): World {
  const { box, tapped } = world;
  const [first] = box.aside;
  const step = (event: SendingEvent, more: Partial<World> = {}): World => {
    const next = nextSending(box, event);
    const out = toSend(next).map(({ id }) => id);
    return { ...world, ...more, box: out.length > 0 ? nextSending(next, { kind: "sent", ids: out }) : next };
  };
  if (what.do === "answer") {
    if (box.underWay.length === 0) return world;
    if (what.status === 200) return step({ kind: "arrived" }, { arrived: [...world.arrived, ...box.underWay] });
    return step({ kind: "refused", status: what.status, title: "No.", why: "No, because." });
  }
  if (what.do === "tap") return step({ kind: "tapped", tap: tapOf(tapped) }, { tapped: tapped + 1 });
  if (what.do === "wait") return step({ kind: "waited" });
  if (what.do === "again") return first ? step({ kind: "sendAgain", id: first.tap.id }) : world;
  if (!first) return world;
  return step({ kind: "dropped", id: first.tap.id }, { dropped: [...world.dropped, first.tap.id] });
}
const worldAfter = (all: readonly Happening[]) => all.reduce(happen, NEW);
const anyWorld = fc.array(anyHappening, { maxLength: 120 }).map(worldAfter);
const idsOf = ({ box }: World) => [...box.queue.map(({ id }) => id), ...box.aside.map(({ tap }) => tap.id)];

describe("the outbox", () => {
  test("whatever happens, each tap is in one place: waiting, set aside, arrived or dropped", () => {
    fc.assert(
      fc.property(anyWorld, (world) => {
        const all = [...idsOf(world), ...world.arrived, ...world.dropped].sort();
        expect(all).toEqual(Array.from({ length: world.tapped }, (_, i) => tapOf(i).id).sort());
      }),
      { numRuns: 500 },
    );
  });
  test("only what waits is under way, its beginning, in order, and never more than a hundred", () => {
    fc.assert(
      fc.property(anyWorld, ({ box }) => {
        expect(box.queue.slice(0, box.underWay.length).map(({ id }) => id)).toEqual(box.underWay);
        expect(box.underWay.length).toBeLessThanOrEqual(100);
        if (box.underWay.length > 0) expect(toSend(box)).toEqual([]);
      }),
    );
  });
  test("a house that takes everything again gets what waits, in order, whatever was before", () => {
    fc.assert(
      fc.property(anyWorld, (world) => {
        const waiting = world.box.queue.map(({ id }) => id);
        let now = happen(world, { do: "wait" });
        for (let i = 0; i <= waiting.length && now.box.queue.length > 0; i++)
          now = happen(now, { do: "answer", status: 200 });
        expect(now.box.queue).toEqual([]);
        expect(now.arrived.slice(world.arrived.length)).toEqual(waiting);
        expect(now.box.trouble).toBeUndefined();
      }),
    );
  });
  test("one tap that the house never takes keeps none of the others", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 250 }),
        fc.nat({ max: 249 }),
        fc.constantFrom(400, 413, 422, 500),
        (count, at, status) => {
          const bad = tapOf(at % count).id;
          let now: World = { ...worldAfter(Array.from({ length: count }, () => ({ do: "tap" }))) };
          for (let i = 0; i < 3 * count + 10 && now.box.queue.length > 0; i++)
            now = now.box.resting
              ? happen(now, { do: "wait" })
              : happen(now, { do: "answer", status: now.box.underWay.includes(bad) ? status : 200 });
          expect(now.box.queue).toEqual([]);
          expect(now.box.aside).toMatchObject([{ tap: { id: bad }, why: "No, because." }]);
          expect(now.arrived).toHaveLength(count - 1);
        },
      ),
    );
  });
  test("a house that is away, locked or full sets nothing aside, and says why it waits", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 150 }), fc.constantFrom(0, 401, 502, 503, 507), (count, status) => {
        let now = worldAfter(Array.from({ length: count }, () => ({ do: "tap" })));
        for (let i = 0; i < 20; i++) {
          now = happen(now, { do: "answer", status });
          expect(now.box).toMatchObject({ resting: true, trouble: "No.", aside: [], underWay: [] });
          now = happen(now, { do: "wait" });
        }
        expect(now.box.queue).toHaveLength(count);
      }),
    );
  });
  test("what an earlier page left goes first, once", () => {
    const left = [tapOf(1), tapOf(2)];
    const tapped = nextSending(NOTHING_TO_SEND, { kind: "tapped", tap: tapOf(3) });
    const found = nextSending(tapped, { kind: "found", queue: left, aside: [] });
    expect(found.queue).toEqual([...left, tapOf(3)]);
    expect(nextSending(found, { kind: "found", queue: left, aside: [] }).queue).toEqual(found.queue);
  });
  test("an answer to nothing, and a decision about nothing, change nothing that waits", () => {
    fc.assert(
      fc.property(anyWorld, ({ box }) => {
        const idle = { ...box, underWay: [] };
        for (const event of [
          { kind: "arrived" },
          { kind: "refused", status: 422, title: "No.", why: "No." },
          { kind: "sendAgain", id: "none" },
          { kind: "dropped", id: "none" },
        ] as const)
          expect(nextSending(idle, event)).toMatchObject({ queue: box.queue, aside: box.aside });
      }),
    );
  });
});
