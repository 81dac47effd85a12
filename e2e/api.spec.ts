import http from "node:http";
import { expect, test, type APIRequestContext } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { seeded } from "../src/core/figure";
import { makeTestHouse, type TestHouse } from "../checks/testHouse";

const PASTE = {
  head: { longest: { landmark: "midBack" }, amount: { strands: "medium" }, shade: "blond" }, purpose: "mask", kitchenTempC: 24, target: { word: "cream" },
  liquid: { materialId: "water", tempC: 40 }, sizing: "likely",
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp" }, { materialId: "hibiscus-flower", role: "part", amount: 20, unit: "g" },
    { materialId: "yoghurt", role: "fixed", amount: 4, unit: "tbsp" }, { materialId: "sesame-oil", role: "fixed", amount: 2, unit: "tsp" },
  ],
};
const HENNA = { ...PASTE, purpose: "dyePacked", target: { word: "thickPaste" }, lines: [{ materialId: "henna", role: "part", amount: 100, unit: "g" }, { materialId: "lemon-juice", role: "fixed", amount: 2, unit: "tbsp" }] };
const { head: _, ...BLEND } = PASTE;
const EVENT = () => ({ id: uuid(), payload: { kind: "poured", ml: 30 }, deviceSeq: 1, revSeen: 0, deviceClock: new Date().toISOString() });

const post = (request: APIRequestContext, path: string, data: unknown) => request.post(`/api/v1/${path}`, { data: data as object });

async function problem(response: Awaited<ReturnType<typeof post>>, status: number) {
  expect(response.status()).toBe(status);
  expect(response.headers()["content-type"]).toContain("application/problem+json");
  const body = await response.json();
  expect(body).toMatchObject({ type: "about:blank", status });
  expect(JSON.stringify(body)).not.toMatch(/node_modules|\.ts:|\bat .*\(/);
  return body as { title: string; errors?: { field: string; code: string; message: string }[] };
}

test.describe("POST /api/v1/paste", () => {
  test("answers everything as bands, units in the names", async ({ request }) => {
    const answer = await (await post(request, "paste", PASTE)).json();
    for (const band of [answer.head.pasteG, answer.head.scalpG, answer.head.lengthsG, answer.head.leftInBowlG, answer.liquid.ml, answer.totalG, answer.leaveOnMin, answer.sections.eachG, ...answer.lines.map((l: { massG: object }) => l.massG)]) {
      expect(band.low).toBeLessThanOrEqual(band.mid);
      expect(band.mid).toBeLessThanOrEqual(band.high);
    }
    expect(answer.liquid).toMatchObject({ state: "solved", plan: { step: { unit: expect.stringMatching(/tsp|tbsp/) } } });
    expect(answer.on.mid).toMatchObject({ state: "paste", word: "cream" });
    expect(answer.on.mid.yieldPa).toBeCloseTo(33, 3);
    expect(answer.rest.restMin).toBeGreaterThanOrEqual(30);
    const cautions = answer.cautions.map((c: { id: string }) => c.id);
    for (const id of ["patchTest", "dust", "stainsLightHair", "perishable", "oilOnFloor"]) expect(cautions).toContain(id);
  });
  test("henna has its window with and without acid", async ({ request }) => {
    const { rest, cautions } = await (await post(request, "paste", HENNA)).json();
    expect(rest.dye.school).toBe("acid");
    expect(rest.dye.acid.peakH.mid).toBeGreaterThan(rest.dye.plain.peakH.mid);
    expect(cautions.map((c: { id: string }) => c.id)).toContain("soldAsHenna");
  });
  test("stores nothing", async ({ request }) => {
    const before = (await (await request.get("/api/v1/now")).json()).rev;
    await post(request, "paste", PASTE);
    expect((await (await request.get("/api/v1/now")).json()).rev).toBe(before);
  });
  test("a correction after a word", async ({ request }) => {
    const { add } = await (await post(request, "paste/correction", { ...PASTE, word: "runs", pouredMl: 900, minutesSoaked: 30 })).json();
    expect(add.kind).toBe("powder");
    expect(add.lines.map((l: { line: number }) => l.line)).toEqual([0, 1]);
  });

  const line = (change: object) => ({ ...PASTE, lines: [{ ...PASTE.lines[0], ...change }] });
  for (const [name, body, field, code] of [
    ["no powder", { ...PASTE, lines: PASTE.lines.slice(2) }, "lines", "noPowder"],
    ["oil alone", { ...PASTE, lines: PASTE.lines.slice(3) }, "lines", "oilAlone"],
    ["a negative amount", line({ amount: -1 }), "lines.0.amount", "tooSmall"],
    ["nine kilograms", line({ amount: 9000, unit: "g" }), "lines.0.amount", "tooLarge"],
    ["an amount in words", line({ amount: "lots" }), "lines.0.amount", "notANumber"],
    ["a head of 0 cm", { ...PASTE, head: { ...PASTE.head, longest: { cm: 0 } } }, "head.longest.cm", "tooSmall"],
    ["a head of 3 m", { ...PASTE, head: { ...PASTE.head, longest: { cm: 300 } } }, "head.longest.cm", "tooLarge"],
    ["a head of no length", { ...PASTE, head: { ...PASTE.head, longest: {} } }, "head.longest.landmark", "unknownChoice"],
    ["a kitchen at 90 °C", { ...PASTE, kitchenTempC: 90 }, "kitchenTempC", "tooLarge"],
    ["an unknown herb", line({ materialId: "moondust" }), "lines.0.materialId", "unknownMaterial"],
    ["markup for a herb", line({ materialId: "<img src=x>" }), "lines.0.materialId", "unknownMaterial"],
    ["sixty lines", { ...PASTE, lines: Array.from({ length: 60 }, () => PASTE.lines[0]) }, "lines", "tooMany"],
    ["powder for the liquid", { ...PASTE, liquid: { materialId: "amla", tempC: 20 } }, "liquid.materialId", "notALiquid"],
    ["nothing at all", {}, "purpose", "unknownChoice"],
  ] as const) {
    test(`${name}: 422 at ${field}`, async ({ request }) => {
      const { errors } = await problem(await post(request, "paste", body), 422);
      expect(errors).toEqual(expect.arrayContaining([expect.objectContaining({ field, code, message: expect.stringMatching(/\w+/) })]));
    });
  }
  test("a liquid that never gets there is answered, with the way out", async ({ request }) => {
    const answer = await (await post(request, "paste", { ...PASTE, liquid: { materialId: "yoghurt", tempC: 8 }, target: { word: "drizzle" } })).json();
    expect(answer.liquid).toMatchObject({ state: "unreachable", why: "cannotThin" });
  });
});

test("open formats: the log as CSV, a blend as a recipe, a bowl's times as a calendar", async ({ request }) => {
  const csv = await request.get("/api/v1/log");
  expect(csv.headers()["content-type"]).toContain("text/csv");
  const lines = (await csv.text()).trim().split("\r\n");
  const { batches } = await (await request.get("/api/v1/batches")).json();
  expect(lines[0]).toBe("started,blend,head,purpose,planned_ml,poured_ml,total_g,mixed,on_head,rinsed,closed,soft,slip,grit,shine,again,note");
  expect(lines.length).toBe(batches.length + 1);
  const { blends } = await (await request.get("/api/v1/blends")).json();
  const recipe = await request.get(`/api/v1/blends/${blends[0].id}/recipe`);
  expect(recipe.headers()["content-type"]).toBe("application/ld+json");
  expect(await recipe.json()).toMatchObject({ "@type": "Recipe", name: blends[0].name });
  const times = await (await request.get(`/api/v1/batches/${batches[0].id}/times`)).text();
  expect(times).toMatch(/^BEGIN:VCALENDAR\r\n/);
});

test.describe("what is no request of this house", () => {
  test("5 MB, broken JSON, other types", async ({ request }) => {
    await problem(await request.post("/api/v1/paste", { headers: { "content-type": "application/json" }, data: Buffer.from(`{"x":"${"a".repeat(5 * 1024 * 1024)}"}`) }), 413);
    await problem(await request.post("/api/v1/paste", { headers: { "content-type": "application/json" }, data: Buffer.from('{"lines": [') }), 400);
    await problem(await request.post("/api/v1/paste", { headers: { "content-type": "text/plain" }, data: Buffer.from("{}") }), 415);
    const well = `${"[".repeat(100_000)}${"]".repeat(100_000)}`;
    for (const body of [well, `{"lines": ${well}}`]) expect((await request.post("/api/v1/paste", { headers: { "content-type": "application/json" }, data: Buffer.from(body) })).status()).toBeLessThan(500);
    for (const body of ["null", "[]", '"x"', "7"]) await problem(await request.post("/api/v1/paste", { headers: { "content-type": "application/json" }, data: Buffer.from(body) }), 422);
  });
  test("another site", async ({ request }) => {
    const data = { id: uuid(), name: "x", hair: PASTE.head };
    await problem(await request.post("/api/v1/heads", { data, headers: { origin: "https://elsewhere.example" } }), 403);
    await problem(await request.post("/api/v1/heads", { data, headers: { origin: "null" } }), 403);
    await problem(await request.post("/api/v1/heads", { data, headers: { "sec-fetch-site": "cross-site" } }), 403);
  });
  test("another name for this machine gets no page, route or file", async ({ baseURL }) => {
    const { port } = new URL(baseURL!);
    for (const path of ["/", "/log", "/api/v1/heads", "/icon.svg"]) {
      const status = await new Promise((done, fail) => {
        http.get({ host: "127.0.0.1", port, path, headers: { host: `elsewhere.example:${port}` } }, (answer) => { answer.resume(); done(answer.statusCode); }).on("error", fail);
      });
      expect(status, path).toBe(403);
    }
  });
  test("six hundred requests of nonsense: refused, never a fault, nothing written", async ({ request }) => {
    test.setTimeout(120_000);
    const rev = (await (await request.get("/api/v1/now")).json()).rev;
    const random = seeded(Number(process.env.FUZZ_SEED ?? 20_261_125));
    const pick = <T,>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
    const junk = (depth: number): unknown => {
      const leaf = [null, true, -1, 0, 1e308, -0.5, "", "amla", "henna", "g", "🌿", "'; --", "<b>", "\u0000", "x".repeat(500), [], {}];
      if (depth === 0) return pick(leaf);
      return random() < 0.4 ? Object.fromEntries(["id", "name", "lines", "head", "hair", "blend", "liquid", "target", "events", "payload", "__proto__", "constructor"].filter(() => random() < 0.4).map((key) => [key, junk(depth - 1)])) : random() < 0.5 ? [junk(depth - 1), junk(depth - 1)] : pick(leaf);
    };
    /** A good question with one thing in it replaced by something else. */
    const spoilt = (): unknown => {
      const body = JSON.parse(JSON.stringify(pick([PASTE, HENNA, { id: uuid(), name: "x", hair: PASTE.head }, { events: [EVENT()] }])));
      let place = body;
      for (;;) {
        const key = pick(Object.keys(place));
        if (place[key] === null || typeof place[key] !== "object" || random() < 0.3) { place[key] = junk(2); return body; }
        place = place[key];
      }
    };
    const paths = ["paste", "paste/correction", "blends", "batches", `batches/${uuid()}/events`, "paste"];
    for (let i = 0; i < 600; i++) {
      const answer = await post(request, pick(paths), random() < 0.5 ? (junk(3) ?? {}) : spoilt());
      expect(answer.status(), await answer.text()).toBeLessThan(500);
    }
    expect((await (await request.get("/api/v1/now")).json()).rev).toBe(rev);
  });
});

test.describe("writing", () => {
  test("the same write twice is one write; an old rev is told", async ({ request }) => {
    const [headId, id, versionId, batchId] = [uuid(), uuid(), uuid(), uuid()];
    const name = "Ünal’s “mask” <b>🌿</b>";
    for (let i = 0; i < 2; i++) expect((await post(request, "heads", { id: headId, name, hair: PASTE.head })).status()).toBe(200);
    for (let i = 0; i < 2; i++) expect((await post(request, "blends", { id, versionId, name, headId, blend: BLEND })).status()).toBe(200);
    const saved = await (await request.get(`/api/v1/blends/${id}`)).json();
    expect(saved).toMatchObject({ name, version: 1, headId, blend: { ...BLEND, lines: BLEND.lines.map((l) => ({ ...l, fill: "level" })) } });
    const change = { name, versionId: uuid(), baseRev: saved.rev, headId, blend: { ...BLEND, kitchenTempC: 30 } };
    for (let i = 0; i < 2; i++) expect((await request.put(`/api/v1/blends/${id}`, { data: change })).status()).toBe(200);
    expect((await (await request.get(`/api/v1/blends/${id}`)).json()).version).toBe(2);
    await problem(await request.put(`/api/v1/blends/${id}`, { data: { ...change, versionId: uuid() } }), 412);

    for (let i = 0; i < 2; i++) expect((await post(request, "batches", { id: batchId, versionId, headId })).status()).toBe(200);
    const events = [EVENT(), { ...EVENT(), payload: { kind: "noted", text: "<script>alert(1)</script> 'soft' 🌿" } }];
    for (let i = 0; i < 3; i++) expect((await post(request, `batches/${batchId}/events`, { events })).status()).toBe(200);
    const read = await (await request.get(`/api/v1/batches/${batchId}`)).json();
    expect(read.events).toHaveLength(2);
    expect(read.state.pouredMl).toBe(30);
    expect(read.batch.question.lines).toHaveLength(4);
    await problem(await post(request, `batches/${batchId}/events`, { events: [{ ...EVENT(), payload: { kind: "poured", ml: -3 } }] }), 422);
    expect((await (await request.get(`/api/v1/batches/${batchId}`)).json()).events).toHaveLength(2);
    expect((await request.put(`/api/v1/heads/${headId}/removed`, { data: { removed: true } })).status()).toBe(200);
    await problem(await request.get(`/api/v1/heads/${headId}`), 404);
  });
  test("a head changed by two: the second is told", async ({ request }) => {
    const id = uuid();
    const { rev } = await (await post(request, "heads", { id, name: "Two hands", hair: PASTE.head })).json();
    expect((await request.put(`/api/v1/heads/${id}`, { data: { name: "First", hair: PASTE.head, baseRev: rev } })).status()).toBe(200);
    await problem(await request.put(`/api/v1/heads/${id}`, { data: { name: "Second", hair: PASTE.head, baseRev: rev } }), 412);
    expect((await (await request.get(`/api/v1/heads/${id}`)).json()).name).toBe("First");
    await request.put(`/api/v1/heads/${id}/removed`, { data: { removed: true } });
  });
  test("a blend with a fault in it is refused whole", async ({ request }) => {
    const before = (await (await request.get("/api/v1/blends")).json()).blends.length;
    const { errors } = await problem(await post(request, "blends", { id: uuid(), versionId: uuid(), name: "x", blend: { ...BLEND, kitchenTempC: 90 } }), 422);
    expect(errors?.[0].field).toBe("blend.kitchenTempC");
    expect((await (await request.get("/api/v1/blends")).json()).blends.length).toBe(before);
  });
});

test.describe("ids that are not this household's", () => {
  let other: TestHouse;
  test.beforeAll(async () => { other = await makeTestHouse("Somebody else’s house"); });
  const unknown = () => ({ householdId: uuid(), headId: uuid(), blendId: uuid(), versionId: uuid(), batchId: uuid(), deviceId: uuid() });

  for (const [name, ids] of [["another household's", () => other], ["unknown", unknown]] as const) {
    test(`${name}: 404 on every route, and nothing written`, async ({ request }) => {
      const own = (await (await request.get("/api/v1/heads")).json()).heads[0].id;
      const { headId, blendId, versionId, batchId } = ids();
      const rev = (await (await request.get("/api/v1/now")).json()).rev;
      const hair = PASTE.head;
      const answers = [
        await request.get(`/api/v1/heads/${headId}`), await request.get(`/api/v1/blends/${blendId}`), await request.get(`/api/v1/blends/${blendId}/versions`), await request.get(`/api/v1/blends/${blendId}/recipe`), await request.get(`/api/v1/batches/${batchId}/times`), await request.get(`/api/v1/batches/${batchId}`),
        await request.put(`/api/v1/heads/${headId}`, { data: { name: "x", hair, baseRev: 1 } }), await request.put(`/api/v1/heads/${headId}/removed`, { data: { removed: true } }),
        await request.put(`/api/v1/blends/${blendId}`, { data: { name: "x", versionId: uuid(), baseRev: 1, blend: BLEND } }), await request.put(`/api/v1/blends/${blendId}/removed`, { data: { removed: true } }),
        await post(request, "blends", { id: uuid(), versionId: uuid(), name: "x", headId, blend: BLEND }),
        await post(request, "batches", { id: uuid(), versionId, headId: own }),
        await post(request, `batches/${batchId}/events`, { events: [EVENT()] }),
      ];
      for (const answer of answers) await problem(answer, 404);
      for (const page of [`/heads/${headId}`, `/blend/${blendId}`, `/blend/${blendId}/versions`, `/batches/${batchId}`]) expect((await request.get(page)).status()).toBe(404);
      expect((await (await request.get("/api/v1/now")).json()).rev).toBe(rev);
    });
  }
  test("an id that another household uses cannot be made again", async ({ request }) => {
    await problem(await post(request, "heads", { id: other.headId, name: "x", hair: PASTE.head }), 409);
    await problem(await post(request, "blends", { id: other.blendId, versionId: uuid(), name: "x", blend: BLEND }), 409);
    await problem(await post(request, "blends", { id: uuid(), versionId: other.versionId, name: "x", blend: BLEND }), 409);
  });
});
