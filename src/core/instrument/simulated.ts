import type { InstrumentId, Shown } from "./shown";

/** One thing that can be done to a simulated instrument; with a number where it asks for one. */
export interface Control {
  readonly id: string;
  readonly words: string;
  readonly number?: { readonly unit: string; readonly min: number; readonly max: number; readonly initial: number };
}

/** A simulated instrument: a load that changes at a moment and settles, what it is off by, whether it is plugged. */
export interface SimulatedInstrument {
  readonly now: number;
  readonly before: number;
  readonly changedMs: number;
  readonly zero: number;
  readonly driftPerMin: number;
  readonly driftsSinceMs: number;
  readonly noise: number;
  readonly plugged: boolean;
}

interface Kind {
  readonly name: string;
  readonly controls: readonly Control[];
  /** At the beginning: an empty plate, a probe in the air. */
  readonly rests: number;
  /** Time in which it goes two thirds of the way to another load, ms, and after which it calls itself stable. */
  readonly settlesMs: number;
  readonly stableAfterMs: number;
  /** The smallest step of its display. */
  readonly grain: number;
  /** Trembles by more than this, it never calls itself stable. */
  readonly tremblesFrom: number;
}

const number = (unit: string, min: number, max: number, initial: number) => ({ unit, min, max, initial });
const COMMON: readonly Control[] = [
  { id: "plug", words: "plug in" },
  { id: "unplug", words: "unplug" },
];
/** A row for each; the program, its page and its tests walk them. Figures are those of cheap kitchen ones. */
export const SIMULATED: Readonly<Record<InstrumentId, Kind>> = {
  scale: {
    name: "Simulated kitchen scale",
    rests: 0,
    settlesMs: 180,
    stableAfterMs: 900,
    grain: 0.1,
    tremblesFrom: 0.6,
    controls: [
      { id: "add", words: "put on", number: number("g", 0, 10_000, 250) },
      { id: "remove", words: "take off", number: number("g", 0, 10_000, 80) },
      { id: "set", words: "have on it", number: number("g", 0, 20_000, 800) },
      { id: "tare", words: "set to zero" },
      { id: "drift", words: "drift", number: number("g a minute", -100, 100, 0) },
      { id: "noise", words: "tremble", number: number("g", 0, 50, 0) },
      ...COMMON,
    ],
  },
  probe: {
    name: "Simulated probe thermometer",
    rests: 22,
    settlesMs: 3000,
    stableAfterMs: 12_000,
    grain: 0.1,
    tremblesFrom: 0.4,
    controls: [
      { id: "set", words: "stick into", number: number("°C", -25, 250, 40) },
      { id: "drift", words: "drift", number: number("°C a minute", -20, 20, 0) },
      { id: "noise", words: "tremble", number: number("°C", 0, 10, 0) },
      ...COMMON,
    ],
  },
};

export const simulated = (id: InstrumentId, atMs: number): SimulatedInstrument => ({
  now: SIMULATED[id].rests,
  before: SIMULATED[id].rests,
  changedMs: atMs - 60_000,
  zero: 0,
  driftPerMin: 0,
  driftsSinceMs: atMs,
  noise: 0,
  plugged: true,
});

/** What is on it as it feels it at a moment, without noise. */
function felt(
  id: InstrumentId,
  { now, before, changedMs, driftPerMin, driftsSinceMs }: SimulatedInstrument,
  atMs: number,
) {
  const away = Math.exp(-Math.max(0, atMs - changedMs) / SIMULATED[id].settlesMs);
  return now + (before - now) * away + (driftPerMin * Math.max(0, atMs - driftsSinceMs)) / 60_000;
}

/** Does one thing to it; what it does not know, or a number that it cannot take, changes nothing and is undefined. */
export function act(
  id: InstrumentId,
  one: SimulatedInstrument,
  control: string,
  amount: unknown,
  atMs: number,
): SimulatedInstrument | undefined {
  const known = SIMULATED[id].controls.find((row) => row.id === control);
  if (!known) return undefined;
  const { number: limits } = known;
  const value = limits ? amount : 0;
  if (typeof value !== "number" || !(value >= (limits?.min ?? 0) && value <= (limits?.max ?? 0))) return undefined;
  const loaded = (now: number): SimulatedInstrument => ({
    ...one,
    before: felt(id, { ...one, driftPerMin: 0 }, atMs),
    now,
    changedMs: atMs,
  });
  switch (control) {
    case "add":
      return loaded(one.now + value);
    case "remove":
      return loaded(Math.max(0, one.now - value));
    case "set":
      return loaded(value);
    case "tare":
      // It waits until it stands still, as such scales do.
      return { ...one, zero: felt(id, { ...one, before: one.now }, atMs) };
    case "drift":
      return { ...one, driftPerMin: value, driftsSinceMs: atMs };
    case "noise":
      return { ...one, noise: value };
    case "plug":
      return { ...one, plugged: true };
    case "unplug":
      return { ...one, plugged: false };
  }
}

/** What it shows at a moment; `normal` is one draw of a standard normal. Nothing while it is unplugged. */
export function showing(id: InstrumentId, one: SimulatedInstrument, atMs: number, normal: number): Shown | undefined {
  if (!one.plugged) return undefined;
  const { grain, stableAfterMs, tremblesFrom } = SIMULATED[id];
  const value = felt(id, one, atMs) - one.zero + one.noise * normal;
  return {
    // Nothing is shown as nothing, from whichever side.
    value: Math.round(value / grain) / Math.round(1 / grain) + 0,
    stable: atMs - one.changedMs >= stableAfterMs && one.noise < tremblesFrom,
  };
}
