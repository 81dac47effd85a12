import { readFileSync } from "node:fs";
import Ajv from "ajv/dist/2020.js";
import addFormats from "ajv-formats";
import { expect, test, type APIRequestContext, type APIResponse } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { makeTestHouse } from "../checks/testHouse";
import { seeded } from "../src/core/figure";
import { database } from "../src/store/connection";
import { insertImport } from "../src/store/imports";
import type { BegunInput } from "@/inputs/shelfInput";
import { planOf } from "@/server/makings/asked";
import { shelfOf } from "@/server/shelf";
import { insertJar, insertWeighing } from "@/store/jars";
import { insertMaking } from "@/store/makings";
import { insertOwnThing } from "@/store/ownThings";
import { insertJarReading } from "@/store/readings";
import { inTransaction } from "../src/store/transaction";
import { BLEND_INPUT, BODIES, HEAD_INPUT, HENNA_INPUT, idIn, type Ids } from "./samples";
import { putBookAside } from "./steps";

putBookAside();

/** The document is what the tests walk, so that no route escapes them. */
const openapi = JSON.parse(readFileSync("docs/openapi.json", "utf8"));
interface Op {
  readonly method: "get" | "post" | "put";
  readonly path: string;
  readonly answer: { readonly type: string; readonly schema: object };
}
const OPERATIONS: Op[] = Object.entries<
  Record<string, { responses: { 200: { content: Record<string, { schema: object }> } } }>
>(openapi.paths).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, { responses }]) => {
    const [[type, { schema }]] = Object.entries(responses[200].content);
    return { method: method as Op["method"], path, answer: { type, schema } };
  }),
);

const ajv = new Ajv({ strict: false, allErrors: false });
addFormats(ajv);
ajv.addSchema({ $id: "https://infusing.invalid/api", components: openapi.components });
/** Holds a body to the schema that the document gives it. */
function holds(schema: object, body: unknown, about: string) {
  const check = ajv.compile(JSON.parse(JSON.stringify(schema).replaceAll('"#/', '"https://infusing.invalid/api#/')));
  const good = check(body);
  expect([about, good ? [] : check.errors?.slice(0, 3)]).toEqual([about, []]);
}
const PROBLEM = openapi.paths["/heads"].get.responses.default.content["application/problem+json"].schema;

const ask = (
  request: APIRequestContext,
  { method, path }: Pick<Op, "method" | "path">,
  ids: Ids,
  body?: object,
): Promise<APIResponse> =>
  method === "get"
    ? request.get(`/api/v1${idIn(path, ids)}`)
    : request[method](`/api/v1${idIn(path, ids)}`, { data: body ?? BODIES[`${method} ${path}`](ids) });

async function ownIds(request: APIRequestContext): Promise<Ids> {
  const get = async (path: string) => (await request.get(`/api/v1/${path}`)).json();
  const [{ heads }, { blends }, { batches }, { persons }, { jars, things }, { makings }] = [
    await get("heads"),
    await get("blends"),
    await get("batches"),
    await get("door"),
    await get("shelf"),
    await get("makings"),
  ];
  return {
    headId: heads[0].id,
    blendId: blends[0].id,
    versionId: blends[0].versionId,
    batchId: batches[0].id,
    personId: persons[0].id,
    deviceId: uuid(),
    importId: uuid(),
    jarId: jars[0].id,
    thingId: things[0].rowId,
    weighingId: jars.find(({ weighings }: { weighings: unknown[] }) => weighings.length > 0).weighings[0].id,
    readingId: (await get(`jars/${jars.find(({ materialId }: { materialId: string }) => materialId === "henna").id}`))
      .readings[0].id,
    // One that nothing came of yet.
    makingId: makings.find(({ jarId }: { jarId?: string }) => !jarId).id,
  };
}

test("every operation of the document is served, and every one has a sample to send", () => {
  for (const { method, path } of OPERATIONS)
    if (method !== "get") expect(Object.keys(BODIES)).toContain(`${method} ${path}`);
  expect(OPERATIONS.length).toBeGreaterThan(35);
});

test("the document is served as it stands in docs", async ({ request }) => {
  expect(await (await request.get("/api/v1/openapi")).json()).toEqual(openapi);
});

/** A stream has no end to wait for; what it says is tried in `instruments.spec.ts`. */
const STREAM = "text/event-stream";
for (const op of OPERATIONS.filter(({ answer }) => answer.type === STREAM))
  test(`GET ${op.path} begins to answer`, async ({ baseURL }) => {
    const gone = new AbortController();
    const answer = await fetch(`${baseURL}/api/v1${op.path}`, { signal: gone.signal });
    expect([answer.status, answer.headers.get("content-type")]).toEqual([200, `${STREAM}; charset=utf-8`]);
    gone.abort();
  });

for (const op of OPERATIONS.filter(({ method, answer }) => method === "get" && answer.type !== STREAM)) {
  test(`GET ${op.path} answers what its schema says`, async ({ request }) => {
    const answer = await ask(request, op, await ownIds(request));
    expect(answer.status()).toBe(200);
    expect(answer.headers()["content-type"]).toContain(op.answer.type);
    if (op.answer.type === "application/json" && op.path !== "/openapi")
      holds(op.answer.schema, await answer.json(), op.path);
  });
}

test("writes answer what their schemas say, and refusals are problems", async ({ request }) => {
  const ids = { ...(await ownIds(request)) };
  const of = (method: string, path: string) => OPERATIONS.find((op) => op.method === method && op.path === path)!;
  const sent = async (method: "post" | "put", path: string, at: Ids, body?: object) => {
    const op = of(method, path);
    const answer = await ask(request, op, at, body);
    expect([path, answer.status()]).toEqual([path, 200]);
    const value = await answer.json();
    holds(op.answer.schema, value, `${method} ${path}`);
    return value;
  };
  await sent("post", "/paste", ids);
  await sent("post", "/paste", ids, HENNA_INPUT);
  await sent("post", "/paste/correction", ids);
  const { id: headId, rev } = await sent("post", "/heads", ids);
  const own = { ...ids, headId };
  await sent("put", "/heads/{id}", own, { name: "A sample 2", hair: HEAD_INPUT, baseRev: rev });
  const blend = await sent("post", "/blends", own);
  const made = { ...own, blendId: blend.id, versionId: blend.versionId };
  await sent("put", "/blends/{id}", made, {
    name: "A sample 2",
    versionId: uuid(),
    baseRev: blend.rev,
    blend: BLEND_INPUT,
  });
  const batch = await sent("post", "/batches", made);
  await sent("post", "/batches/{id}/events", { ...made, batchId: batch.id });
  await sent("post", "/batches/{id}/leftover", { ...made, batchId: batch.id });
  await sent("put", "/settings", ids);
  await sent("post", "/imports/preview", ids);
  const book = await (await request.get(`/api/v1/heads/${headId}/book`)).json();
  const imported = await sent("post", "/imports", ids, { id: uuid(), book });
  await sent("put", "/imports/{id}/undone", { ...ids, importId: imported.id });
  await sent("put", "/heads/{id}/removed", own);
  await sent("put", "/blends/{id}/removed", made);
  for (const op of OPERATIONS.filter(({ method }) => method !== "get")) {
    const answer = await ask(request, op, ids, { nonsense: true });
    expect([op.path, answer.status()]).toEqual([op.path, 422]);
    holds(PROBLEM, await answer.json(), `${op.path} refused`);
  }
});

test.describe("ids that are not this household's, on every operation", () => {
  let other: Ids;
  test.beforeAll(async () => {
    const house = await makeTestHouse("Somebody else’s house");
    const importId = uuid();
    await inTransaction(house.householdId, (write) => insertImport(write, { id: importId, name: "theirs", adds: {} }));
    const { person_id: personId } = await database()("head").where({ id: house.headId }).first("person_id");
    await database()("device")
      .where({ id: house.deviceId })
      .update({ token_hash: "b".repeat(64) });
    const [jarId, thingId, weighingId, readingId, makingId] = [uuid(), uuid(), uuid(), uuid(), uuid()];
    await inTransaction(house.householdId, async (write) => {
      await insertOwnThing(write, thingId, { id: "own-theirs", name: "theirs", kind: "like", likeId: "amla" });
      await insertJar(write, { id: jarId, materialId: "amla", name: "theirs", fullG: 100, madeHere: false });
      await insertWeighing(write, jarId, { id: weighingId, count: 1, unit: "tbsp", massG: 8 });
      await insertJarReading(write, {
        id: readingId,
        jarId,
        test: {
          amount: 20,
          unit: "g",
          fill: "level",
          waterMl: 60,
          minutes: 30,
          tempC: 20,
          reading: { by: "ring", heightMm: 50, slumpMm: 20 },
        },
        judged: { learns: false, why: "noJar" },
      });
      const begun = BODIES["post /makings/begun"]({ ...house } as unknown as Ids) as BegunInput;
      const plan = planOf(begun, await shelfOf(house.householdId, write.trx), { spoons: "metric", kitchenTempC: 20 });
      await insertMaking(write, { id: makingId, name: "theirs", ...plan, startsAtMs: Date.now() });
    });
    other = { ...house, personId, importId, jarId, thingId, weighingId, readingId, makingId };
  });
  const unknown = (): Ids => ({
    headId: uuid(),
    blendId: uuid(),
    versionId: uuid(),
    batchId: uuid(),
    deviceId: uuid(),
    personId: uuid(),
    importId: uuid(),
    jarId: uuid(),
    thingId: uuid(),
    weighingId: uuid(),
    readingId: uuid(),
    makingId: uuid(),
  });

  for (const op of OPERATIONS.filter(({ path }) => path.includes("{id}"))) {
    test(`${op.method} ${op.path}: 404 for another's and for nobody's, and nothing is written`, async ({ request }) => {
      const rev = async () => (await (await request.get("/api/v1/now")).json()).rev;
      const before = await rev();
      const { household_id } = await database()("head").where({ id: other.headId }).first("household_id");
      const theirs = async () =>
        JSON.stringify(
          await Promise.all(
            ["head", "blend", "batch", "batch_event", "device", "person", "import", "making"].map((table) =>
              database()(table).where({ household_id }).orderBy("id"),
            ),
          ),
        );
      const untouched = await theirs();
      for (const ids of [other, unknown()]) {
        // A body that is all in order but for the id in the path.
        const own = await ownIds(request);
        const answer = await ask(
          request,
          op,
          ids,
          op.method === "get" ? undefined : BODIES[`${op.method} ${op.path}`](own),
        );
        expect(answer.status()).toBe(404);
        holds(PROBLEM, await answer.json(), op.path);
      }
      expect(await rev()).toBe(before);
      expect(await theirs()).toBe(untouched);
    });
  }
  test("nor inside a body", async ({ request }) => {
    const own = await ownIds(request);
    for (const ids of [other, unknown()]) {
      for (const [path, body] of [
        ["blends", BODIES["post /blends"]({ ...own, headId: ids.headId })],
        ["batches", BODIES["post /batches"]({ ...own, versionId: ids.versionId })],
        ["batches", BODIES["post /batches"]({ ...own, headId: ids.headId })],
      ] as const)
        expect((await request.post(`/api/v1/${path}`, { data: body })).status()).toBe(404);
    }
    for (const page of [
      `/heads/${other.headId}`,
      `/blend/${other.blendId}`,
      `/blend/${other.blendId}/versions`,
      `/blend/${other.blendId}/bowls`,
      `/batches/${other.batchId}`,
    ])
      expect((await request.get(page)).status()).toBe(404);
  });
});

const FUZZED = 10_000;
/** However slow the machine is. */
const FUZZED_LEAST = 2_000;
/** On a machine that needs longer, what was asked by then has to do. */
const FUZZING_MS = 25_000;
test("ten thousand requests of nonsense: refused or answered, never a fault, a hang or a half", async ({
  request,
  baseURL,
}) => {
  test.setTimeout(FUZZING_MS + 120_000);
  const seed = Number(process.env.FUZZ_SEED ?? 20_261_126);
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
  const junk = (depth: number): unknown => {
    const leaf = [
      null,
      true,
      -1,
      0,
      1e308,
      1e-300,
      2 ** 53,
      -0.5,
      "",
      " ",
      "amla",
      "henna",
      "g",
      "🌿",
      "ß",
      "'; --",
      "<b>",
      "\u0000",
      "\ud800",
      "x".repeat(500),
      "🌿".repeat(120),
      uuid(),
      uuid().toUpperCase(),
      "2026-02-31T25:00Z",
      [],
      {},
      [[]],
      [[[]]],
      [null],
      [{}, []],
    ];
    if (depth === 0) return pick(leaf);
    const keys = [
      "id",
      "name",
      "lines",
      "head",
      "hair",
      "blend",
      "liquid",
      "target",
      "events",
      "payload",
      "book",
      "code",
      "password",
      "__proto__",
      "constructor",
    ];
    return random() < 0.4
      ? Object.fromEntries(keys.filter(() => random() < 0.3).map((key) => [key, junk(depth - 1)]))
      : random() < 0.5
        ? [junk(depth - 1), junk(depth - 1)]
        : pick(leaf);
  };
  const ids = { ...(await ownIds(request)), batchId: uuid(), blendId: uuid(), personId: uuid(), headId: uuid() };
  const book = await (await request.get(`/api/v1/batches/${(await ownIds(request)).batchId}/book`)).json();
  const bodies: typeof BODIES = {
    ...BODIES,
    "post /imports": () => ({ id: uuid(), book }),
    "post /imports/preview": () => ({ book }),
  };
  /** One thing replaced by something else, wrapped once more, or said twice. */
  const changed = (value: unknown): unknown =>
    random() < 0.5
      ? junk(2)
      : random() < 0.5
        ? [value]
        : Array.isArray(value)
          ? [...value, ...value, value]
          : { ...(value as object), again: value };
  /** A good body with one thing in it changed. */
  const spoilt = (body: object): unknown => {
    const copy = JSON.parse(JSON.stringify(body));
    for (let place = copy; ;) {
      const key = pick(Object.keys(place));
      if (
        key === undefined ||
        place[key] === null ||
        typeof place[key] !== "object" ||
        Object.keys(place[key]).length === 0 ||
        random() < 0.15
      ) {
        if (key !== undefined) place[key] = changed(place[key]);
        return copy;
      }
      place = place[key];
    }
  };
  // A house locked in passing would turn the rest away.
  const operations = OPERATIONS.filter(
    ({ path, answer }) =>
      path !== "/door/password" &&
      path !== "/book" &&
      path !== "/materials" &&
      path !== "/openapi" &&
      answer.type !== STREAM,
  );
  const PAGES = [
    "/",
    "/blend",
    "/heads",
    "/log",
    "/shelf",
    "/shelf/new",
    "/shelf/labels",
    "/shelf/gathering",
    "/measure",
    "/making",
    "/making/brew",
    "/practice",
    `/blend/${ids.blendId}/versions`,
    "/house",
  ];
  const now = async () => (await (await request.get("/api/v1/now")).json()).rev;
  const before = await now();
  let [written, asked] = [0, 0];
  const query = (): string => {
    const params = new URLSearchParams(
      Array.from({ length: 1 + Math.floor(random() * 3) }, () => [
        pick([
          "after",
          "before",
          "head",
          "text",
          "from",
          "how",
          "material",
          "want",
          "jars",
          "removed",
          "batch",
          "against",
          "of",
        ]),
        String(junk(0)),
      ]),
    );
    return `?${params}`;
  };
  const send = async (method: string, at: string, body?: string) => {
    const answer = await fetch(`${baseURL}${at}`, {
      method,
      redirect: "manual",
      headers: body === undefined ? { accept: pick(["text/html", "*/*"]) } : { "content-type": "application/json" },
      body,
      signal: AbortSignal.timeout(20_000),
    });
    const text = await answer.text();
    expect(
      answer.status,
      `seed ${seed}, request ${asked}: ${method} ${at} ${body?.slice(0, 400)} ${text.slice(0, 300)}`,
    ).toBeLessThan(500);
    return answer;
  };
  const one = async () => {
    asked++;
    if (random() < 0.06) return void (await send("GET", `${pick(PAGES)}${query()}`));
    const { method, path } = pick(random() < 0.8 ? operations.filter((op) => op.method !== "get") : operations);
    const at =
      "/api/v1" +
      (random() < 0.5
        ? idIn(path, ids)
        : path.replace("{id}", encodeURIComponent(String(pick(["x", "%00", "..", "'", uuid(), "🌿"])))));
    if (method === "get") return void (await send("GET", `${at}${query()}`));
    const answer = await send(
      method.toUpperCase(),
      at,
      JSON.stringify(random() < 0.4 ? (junk(3) ?? {}) : spoilt(bodies[`${method} ${path}`](ids))),
    );
    if (answer.ok && !/paste|preview/.test(path)) written++;
  };
  const from = Date.now();
  // Ten at once, and no one waits for the slowest.
  await Promise.all(
    Array.from({ length: 10 }, async () => {
      while (asked < FUZZED_LEAST || (asked < FUZZED && Date.now() - from < FUZZING_MS)) await one();
    }),
  );
  console.log(`  ${asked} requests of nonsense in ${Math.round((Date.now() - from) / 1000)} s, seed ${seed}`);
  // Every rev is one write that was answered with 200.
  expect(await now()).toBe(before + written);
  // The one that would lock the house, only with what is no password.
  for (const password of [
    null,
    7,
    true,
    [],
    [[]],
    {},
    ["long enough"],
    "",
    "short",
    "x".repeat(201),
    "\u0000".repeat(9).slice(0, 3),
  ]) {
    for (const body of [{ password }, { current: password, password }, [{ password }], { password: { password } }])
      expect((await request.put("/api/v1/door/password", { data: body })).status()).toBe(422);
  }
  expect((await (await request.get("/api/v1/door")).json()).locked).toBe(false);
});

test("an address that says one thing twice is refused, and so is every method that is not ours", async ({
  request,
}) => {
  for (const at of [
    "/log?text=a&text=b",
    "/?removed=1&removed=2",
    "/api/v1/batches?head=1&head=2",
    "/api/v1/changes?after=0&after=1",
    "/shelf/labels?jars=1&jars=2",
  ])
    expect([at, (await request.get(at)).status()]).toEqual([at, 400]);
  for (const method of ["TRACE", "OPTIONS", "DELETE", "PATCH", "CONNECT2"])
    for (const at of ["/", "/api/v1/heads", "/api/v1/nowhere"])
      expect([method, (await request.fetch(at, { method })).status()]).toEqual([
        method,
        method === "CONNECT2" ? 400 : 405,
      ]);
});
