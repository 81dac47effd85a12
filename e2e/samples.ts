import { v7 as uuid } from "uuid";

/** A head as a client sends it. */
export const HEAD_INPUT = { longest: { landmark: "midBack" }, amount: { strands: "medium" }, shade: "blond" };

export const PASTE_INPUT = {
  head: HEAD_INPUT,
  purpose: "mask",
  kitchenTempC: 24,
  target: { word: "cream" },
  liquid: { materialId: "water", tempC: 40 },
  sizing: "likely",
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp" },
    { materialId: "hibiscus-flower", role: "part", amount: 20, unit: "g" },
    { materialId: "yoghurt", role: "fixed", amount: 4, unit: "tbsp" },
    { materialId: "sesame-oil", role: "fixed", amount: 2, unit: "tsp" },
  ],
};
export const HENNA_INPUT = {
  ...PASTE_INPUT,
  purpose: "dyePacked",
  target: { word: "thickPaste" },
  lines: [
    { materialId: "henna", role: "part", amount: 100, unit: "g" },
    { materialId: "lemon-juice", role: "fixed", amount: 8, unit: "tbsp" },
  ],
};
const { head: _, ...blend } = PASTE_INPUT;
export const BLEND_INPUT = blend;

export const eventInput = () => ({
  id: uuid(),
  payload: { kind: "poured", ml: 30 },
  deviceSeq: 1,
  revSeen: 0,
  deviceClock: new Date().toISOString(),
});

/** Ids of things in one household. */
export interface Ids {
  readonly headId: string;
  readonly blendId: string;
  readonly versionId: string;
  readonly batchId: string;
  readonly deviceId: string;
  readonly personId: string;
  readonly importId: string;
  readonly jarId: string;
  readonly thingId: string;
  readonly weighingId: string;
  readonly readingId: string;
  readonly makingId: string;
}

const ID_OF: Readonly<Record<string, keyof Ids>> = {
  heads: "headId",
  blends: "blendId",
  batches: "batchId",
  devices: "deviceId",
  persons: "personId",
  imports: "importId",
  jars: "jarId",
  things: "thingId",
  weighings: "weighingId",
  readings: "readingId",
  makings: "makingId",
};

/** A path with the id that the word before it stands for. */
export const idIn = (path: string, ids: Ids): string =>
  path.replace(/\/(\w+)\/\{id\}/, (whole, kind: string) => (ID_OF[kind] ? `/${kind}/${ids[ID_OF[kind]]}` : whole));

/**
 * A good body for every operation that takes one, pointing at these ids. A new operation without one fails the tests
 * that walk them all.
 */
export const BODIES: Readonly<Record<string, (ids: Ids) => object>> = {
  "post /paste": () => PASTE_INPUT,
  "post /paste/correction": () => ({ ...PASTE_INPUT, word: "runs", pouredMl: 900, minutesSoaked: 30 }),
  "post /paste/draws": () => PASTE_INPUT,
  "post /paste/feel": () => PASTE_INPUT,
  "post /heads": () => ({ id: uuid(), name: "A sample", hair: HEAD_INPUT }),
  "put /heads/{id}": () => ({ name: "A sample", hair: HEAD_INPUT, baseRev: 1 }),
  "put /heads/{id}/removed": () => ({ removed: true }),
  "post /blends": ({ headId }) => ({ id: uuid(), versionId: uuid(), name: "A sample", headId, blend: BLEND_INPUT }),
  "put /blends/{id}": () => ({ name: "A sample", versionId: uuid(), baseRev: 1, blend: BLEND_INPUT }),
  "put /blends/{id}/figures": () => ({ accepted: true }),
  "put /blends/{id}/removed": () => ({ removed: true }),
  "post /batches": ({ versionId, headId }) => ({ id: uuid(), versionId, headId }),
  "post /batches/{id}/events": () => ({ events: [eventInput()] }),
  "post /batches/{id}/leftover": () => ({
    id: uuid(),
    thingId: uuid(),
    name: `A sample, left over ${uuid().slice(-6)}`,
    leftG: 20,
    stands: "freezer",
  }),
  "put /settings": () => ({ spoons: { set: "metric" } }),
  "post /settings/meanings": () => ({
    things: [{ said: "a sample", materialId: "amla" }],
    units: [{ said: "t a sample", unit: "tsp" }],
  }),
  "post /shelf/jars": () => ({ csv: "material,full_g\r\namla,100\r\n" }),
  "post /things": () => ({
    id: uuid(),
    name: `A sample ${uuid().slice(-6)}`,
    parts: [{ materialId: "amla" }, { materialId: "brahmi" }],
  }),
  "put /things/{id}/removed": () => ({ removed: true }),
  "post /jars": () => ({ id: uuid(), materialId: "amla", name: "A sample", fullG: 100 }),
  "post /jars/premixes": ({ jarId }) => ({
    id: uuid(),
    thingId: uuid(),
    name: `A premix ${uuid().slice(-6)}`,
    parts: [{ jarId, massG: 1 }],
  }),
  "post /makings": () => ({
    id: uuid(),
    thingId: uuid(),
    method: "brew",
    things: [{ materialId: "rosemary-leaf-whole", massG: 10 }],
    settings: [
      { id: "way", choice: "boiled" },
      { id: "wantMl", number: 300 },
      { id: "lid", yes: true },
    ],
    name: "A sample tea",
  }),
  "post /makings/begun": () => ({
    id: uuid(),
    method: "brew",
    things: [{ materialId: "rosemary-leaf-whole", massG: 10 }],
    settings: [{ id: "way", choice: "cold" }],
    name: "A sample tea",
  }),
  "post /makings/{id}/events": () => ({
    events: [
      {
        id: uuid(),
        payload: { kind: "stepDone", step: "weigh", done: true },
        deviceSeq: 1,
        revSeen: 1,
        deviceClock: new Date().toISOString(),
      },
    ],
  }),
  "post /makings/{id}/jar": () => ({ id: uuid(), thingId: uuid(), name: "A sample tea" }),
  "put /jars/{id}": () => ({ materialId: "amla", name: "A sample", fullG: 100, baseRev: 1 }),
  "put /jars/{id}/removed": () => ({ removed: false }),
  "post /jars/{id}/weighings": () => ({ id: uuid(), count: 2, unit: "tbsp", massG: 15 }),
  "post /jars/{id}/readings": () => ({
    id: uuid(),
    amount: 20,
    unit: "g",
    waterMl: 60,
    minutes: 30,
    tempC: 20,
    reading: { by: "ring", heightMm: 50, slumpMm: 20 },
  }),
  "put /readings/{id}/withdrawn": () => ({ withdrawn: true }),
  "put /jars/{id}/good": () => ({ materialId: "amla" }),
  "post /jars/{id}/left": () => ({ id: uuid(), leftG: 80 }),
  "put /weighings/{id}/withdrawn": () => ({ withdrawn: false }),
  "post /imports/preview": () => ({ book: {} }),
  "post /imports": () => ({ id: uuid(), book: {} }),
  "put /imports/{id}/undone": () => ({ undone: true }),
  "put /door/password": () => ({ password: "short" }),
  "post /pairings": ({ personId }) => ({ id: uuid(), code: "ABCDEFGH23", personId }),
  "put /devices/{id}/away": () => ({ sentAway: true }),
  "put /persons/{id}/away": () => ({ sentAway: true }),
  "put /persons/{id}/erased": () => ({ erased: true }),
};
