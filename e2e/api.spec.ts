import http from "node:http";
import Ajv from "ajv/dist/2020.js";
import addFormats from "ajv-formats";
import { expect, test, type APIRequestContext } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { makeTestHouse } from "../checks/testHouse";
import { BLEND_INPUT, eventInput, HENNA_INPUT, PASTE_INPUT } from "./samples";
import { putBookAside } from "./steps";

putBookAside();

const post = (request: APIRequestContext, path: string, data: unknown) =>
  request.post(`/api/v1/${path}`, { data: data as object });

/**
 * What a reader of RFC 9457 expects (§3.1 and appendix A, from memory): types of the five members, extensions by their
 * own names.
 */
const ajv = new Ajv();
addFormats(ajv);
const isProblem = ajv.compile({
  type: "object",
  required: ["type", "title", "status"],
  propertyNames: { pattern: "^[A-Za-z][A-Za-z0-9_]{2,}$" },
  properties: {
    type: { type: "string", format: "uri-reference" },
    title: { type: "string", minLength: 1 },
    status: { type: "integer", minimum: 100, maximum: 599 },
    detail: { type: "string" },
    instance: { type: "string", format: "uri-reference" },
  },
});

async function problem(response: Awaited<ReturnType<typeof post>>, status: number) {
  expect(response.status()).toBe(status);
  expect(response.headers()["content-type"]).toContain("application/problem+json");
  const body = await response.json();
  expect(body).toMatchObject({ type: "about:blank", status });
  expect(isProblem(body), JSON.stringify(isProblem.errors)).toBe(true);
  expect(JSON.stringify(body)).not.toMatch(/node_modules|\.ts:|\bat .*\(/);
  return body as { title: string; errors?: { field: string; code: string; message: string }[] };
}

test.describe("POST /api/v1/paste", () => {
  test("answers everything as bands, units in the names", async ({ request }) => {
    const answer = await (await post(request, "paste", PASTE_INPUT)).json();
    for (const band of [
      answer.head.pasteG,
      answer.head.scalpG,
      answer.head.lengthsG,
      answer.head.leftInBowlG,
      answer.liquid.ml,
      answer.totalG,
      answer.leaveOnMin,
      answer.sections.eachG,
      ...answer.lines.map((l: { massG: object }) => l.massG),
    ]) {
      expect(band.low).toBeLessThanOrEqual(band.mid);
      expect(band.mid).toBeLessThanOrEqual(band.high);
    }
    expect(answer.liquid).toMatchObject({
      state: "solved",
      plan: { step: { unit: expect.stringMatching(/tsp|tbsp/) } },
    });
    expect(answer.on.mid).toMatchObject({ state: "paste", word: "cream" });
    expect(answer.on.mid.yieldPa).toBeCloseTo(33, 3);
    expect(answer.rest.restMin).toBeGreaterThanOrEqual(30);
    const cautions = answer.cautions.map((c: { id: string }) => c.id);
    for (const id of ["patchTest", "dust", "stainsLightHair", "perishable", "oilOnFloor"])
      expect(cautions).toContain(id);
  });
  test("henna has its window with and without acid", async ({ request }) => {
    const { rest, cautions } = await (await post(request, "paste", HENNA_INPUT)).json();
    expect(rest.dye.school).toBe("acid");
    expect(rest.dye.acid.peakH.mid).toBeGreaterThan(rest.dye.plain.peakH.mid);
    expect(cautions.map((c: { id: string }) => c.id)).toContain("soldAsHenna");
  });
  test("stores nothing", async ({ request }) => {
    const before = (await (await request.get("/api/v1/now")).json()).rev;
    await post(request, "paste", PASTE_INPUT);
    expect((await (await request.get("/api/v1/now")).json()).rev).toBe(before);
  });
  test("a correction after a word", async ({ request }) => {
    const { options } = await (
      await post(request, "paste/correction", { ...PASTE_INPUT, word: "runs", pouredMl: 900, minutesSoaked: 30 })
    ).json();
    expect(options[0].kind).toBe("powder");
    expect(options[0].lines.map((l: { line: number }) => l.line)).toEqual([0, 1]);
  });
  test("a correction after a test, and after a pour alone; an impossible test is refused at its field", async ({
    request,
  }) => {
    const ask = async (body: object) =>
      (await post(request, "paste/correction", { ...PASTE_INPUT, pouredMl: 300, minutesSoaked: 30, ...body })).json();
    const tested = await ask({ reading: { by: "ring", heightMm: 50, slumpMm: 10 } });
    expect(tested.readPa.mid).toBeGreaterThan(100);
    expect(tested.options[0].kind).toBe("liquid");
    expect((await ask({})).readPa).toBeUndefined();
    expect((await ask({ reading: { by: "ring", heightMm: 50, slumpMm: 90 } })).errors[0]).toMatchObject({
      field: "slumpMm",
      code: "slumpTallerThanRing",
    });
    expect((await ask({ reading: { by: "plate", volumeMl: 15, acrossMm: 60 } })).errors[0]).toMatchObject({
      field: "alongMm",
      code: "required",
    });
  });
  test("20 000 draws by the server, and how it will feel", async ({ request }) => {
    const { drawn } = await (await post(request, "paste/draws", PASTE_INPUT)).json();
    expect(drawn.band.low).toBeLessThan(drawn.band.mid);
    const { feel, order } = await (await post(request, "paste/feel", PASTE_INPUT)).json();
    expect(feel.scores.grit.score).toBeGreaterThan(0);
    expect(order.map((step: { id: string }) => step.id)).toEqual(
      expect.arrayContaining(["dry", "wet", "pour", "oilLast"]),
    );
  });

  const line = (change: object) => ({ ...PASTE_INPUT, lines: [{ ...PASTE_INPUT.lines[0], ...change }] });
  for (const [name, body, field, code] of [
    ["no powder", { ...PASTE_INPUT, lines: PASTE_INPUT.lines.slice(2) }, "lines", "noPowder"],
    ["oil alone", { ...PASTE_INPUT, lines: PASTE_INPUT.lines.slice(3) }, "lines", "oilAlone"],
    ["a negative amount", line({ amount: -1 }), "lines.0.amount", "tooSmall"],
    ["nine kilograms", line({ amount: 9000, unit: "g" }), "lines.0.amount", "tooLarge"],
    ["an amount in words", line({ amount: "lots" }), "lines.0.amount", "notANumber"],
    [
      "a head of 0 cm",
      { ...PASTE_INPUT, head: { ...PASTE_INPUT.head, longest: { cm: 0 } } },
      "head.longest.cm",
      "tooSmall",
    ],
    [
      "a head of 3 m",
      { ...PASTE_INPUT, head: { ...PASTE_INPUT.head, longest: { cm: 300 } } },
      "head.longest.cm",
      "tooLarge",
    ],
    [
      "a head of no length",
      { ...PASTE_INPUT, head: { ...PASTE_INPUT.head, longest: {} } },
      "head.longest.landmark",
      "unknownChoice",
    ],
    ["a kitchen at 90 °C", { ...PASTE_INPUT, kitchenTempC: 90 }, "kitchenTempC", "tooLarge"],
    ["an unknown herb", line({ materialId: "moondust" }), "lines.0.materialId", "unknownMaterial"],
    ["markup for a herb", line({ materialId: "<img src=x>" }), "lines.0.materialId", "unknownMaterial"],
    [
      "sixty lines",
      { ...PASTE_INPUT, lines: Array.from({ length: 60 }, () => PASTE_INPUT.lines[0]) },
      "lines",
      "tooMany",
    ],
    [
      "powder for the liquid",
      { ...PASTE_INPUT, liquid: { materialId: "amla", tempC: 20 } },
      "liquid.materialId",
      "notALiquid",
    ],
    ["nothing at all", {}, "purpose", "required"],
  ] as const) {
    test(`${name}: 422 at ${field}`, async ({ request }) => {
      const { errors } = await problem(await post(request, "paste", body), 422);
      expect(errors).toEqual(
        expect.arrayContaining([expect.objectContaining({ field, code, message: expect.stringMatching(/\w+/) })]),
      );
    });
  }
  test("a liquid that never gets there is answered, with the way out", async ({ request }) => {
    const answer = await (
      await post(request, "paste", {
        ...PASTE_INPUT,
        liquid: { materialId: "yoghurt", tempC: 8 },
        target: { word: "drizzle" },
      })
    ).json();
    expect(answer.liquid).toMatchObject({ state: "unreachable", why: "cannotThin" });
  });
});

test("open formats: the log as CSV, a blend as a recipe, a bowl's times as a calendar", async ({ request }) => {
  const csv = await request.get("/api/v1/log");
  expect(csv.headers()["content-type"]).toContain("text/csv");
  const lines = (await csv.text()).trim().split("\r\n");
  const { batches } = await (await request.get("/api/v1/batches")).json();
  expect(lines[0]).toBe(
    "started,blend,head,purpose,planned_ml,poured_ml,total_g,mixed,on_head,rinsed,closed," +
      "soft,slip,grit,shine,again,note,colour,grey,evenness",
  );
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
    await problem(
      await request.post("/api/v1/paste", {
        headers: { "content-type": "application/json" },
        data: Buffer.from(`{"x":"${"a".repeat(5 * 1024 * 1024)}"}`),
      }),
      413,
    );
    await problem(
      await request.post("/api/v1/paste", {
        headers: { "content-type": "application/json" },
        data: Buffer.from('{"lines": ['),
      }),
      400,
    );
    await problem(
      await request.post("/api/v1/paste", { headers: { "content-type": "text/plain" }, data: Buffer.from("{}") }),
      415,
    );
    const well = `${"[".repeat(100_000)}${"]".repeat(100_000)}`;
    for (const body of [well, `{"lines": ${well}}`])
      expect(
        (
          await request.post("/api/v1/paste", {
            headers: { "content-type": "application/json" },
            data: Buffer.from(body),
          })
        ).status(),
      ).toBeLessThan(500);
    for (const body of ["null", "[]", '"x"', "7"])
      await problem(
        await request.post("/api/v1/paste", {
          headers: { "content-type": "application/json" },
          data: Buffer.from(body),
        }),
        422,
      );
  });
  test("another site", async ({ request }) => {
    const data = { id: uuid(), name: "x", hair: PASTE_INPUT.head };
    await problem(await request.post("/api/v1/heads", { data, headers: { origin: "https://elsewhere.example" } }), 403);
    await problem(await request.post("/api/v1/heads", { data, headers: { origin: "null" } }), 403);
    await problem(await request.post("/api/v1/heads", { data, headers: { "sec-fetch-site": "cross-site" } }), 403);
  });
  test("another name for this machine gets no page, route or file", async ({ baseURL }) => {
    const { port } = new URL(baseURL!);
    for (const path of ["/", "/log", "/api/v1/heads", "/icon.svg"]) {
      const status = await new Promise((done, fail) => {
        http
          .get({ host: "127.0.0.1", port, path, headers: { host: `elsewhere.example:${port}` } }, (answer) => {
            answer.resume();
            done(answer.statusCode);
          })
          .on("error", fail);
      });
      expect(status, path).toBe(403);
    }
  });
});

test.describe("writing", () => {
  test("the same write twice is one write; an old rev is told", async ({ request }) => {
    const [headId, id, versionId, batchId] = [uuid(), uuid(), uuid(), uuid()];
    const name = "Ünal’s “mask” <b>🌿</b>";
    for (let i = 0; i < 2; i++)
      expect((await post(request, "heads", { id: headId, name, hair: PASTE_INPUT.head })).status()).toBe(200);
    for (let i = 0; i < 2; i++)
      expect((await post(request, "blends", { id, versionId, name, headId, blend: BLEND_INPUT })).status()).toBe(200);
    const saved = await (await request.get(`/api/v1/blends/${id}`)).json();
    expect(saved).toMatchObject({
      name,
      version: 1,
      headId,
      blend: { ...BLEND_INPUT, lines: BLEND_INPUT.lines.map((l) => ({ ...l, fill: "level" })) },
    });
    const change = { name, versionId: uuid(), baseRev: saved.rev, headId, blend: { ...BLEND_INPUT, kitchenTempC: 30 } };
    for (let i = 0; i < 2; i++)
      expect((await request.put(`/api/v1/blends/${id}`, { data: change })).status()).toBe(200);
    expect((await (await request.get(`/api/v1/blends/${id}`)).json()).version).toBe(2);
    await problem(await request.put(`/api/v1/blends/${id}`, { data: { ...change, versionId: uuid() } }), 412);

    for (let i = 0; i < 2; i++)
      expect((await post(request, "batches", { id: batchId, versionId, headId })).status()).toBe(200);
    const events = [
      eventInput(),
      { ...eventInput(), payload: { kind: "noted", text: "<script>alert(1)</script> 'soft' 🌿" } },
    ];
    for (let i = 0; i < 3; i++)
      expect((await post(request, `batches/${batchId}/events`, { events })).status()).toBe(200);
    const read = await (await request.get(`/api/v1/batches/${batchId}`)).json();
    expect(read.events).toHaveLength(2);
    expect(read.state.pouredMl).toBe(30);
    expect(read.batch.question.lines).toHaveLength(4);
    await problem(
      await post(request, `batches/${batchId}/events`, {
        events: [{ ...eventInput(), payload: { kind: "poured", ml: -3 } }],
      }),
      422,
    );
    expect((await (await request.get(`/api/v1/batches/${batchId}`)).json()).events).toHaveLength(2);
    expect((await request.put(`/api/v1/heads/${headId}/removed`, { data: { removed: true } })).status()).toBe(200);
    await problem(await request.get(`/api/v1/heads/${headId}`), 404);
  });
  test("a head changed by two: the second is told", async ({ request }) => {
    const id = uuid();
    const { rev } = await (await post(request, "heads", { id, name: "Two hands", hair: PASTE_INPUT.head })).json();
    expect(
      (
        await request.put(`/api/v1/heads/${id}`, { data: { name: "First", hair: PASTE_INPUT.head, baseRev: rev } })
      ).status(),
    ).toBe(200);
    await problem(
      await request.put(`/api/v1/heads/${id}`, { data: { name: "Second", hair: PASTE_INPUT.head, baseRev: rev } }),
      412,
    );
    expect((await (await request.get(`/api/v1/heads/${id}`)).json()).name).toBe("First");
    await request.put(`/api/v1/heads/${id}/removed`, { data: { removed: true } });
  });
  test("a blend with a fault in it is refused whole", async ({ request }) => {
    const before = (await (await request.get("/api/v1/blends")).json()).blends.length;
    const { errors } = await problem(
      await post(request, "blends", {
        id: uuid(),
        versionId: uuid(),
        name: "x",
        blend: { ...BLEND_INPUT, kitchenTempC: 90 },
      }),
      422,
    );
    expect(errors?.[0].field).toBe("blend.kitchenTempC");
    expect((await (await request.get("/api/v1/blends")).json()).blends.length).toBe(before);
  });
});

test("an id that another household uses cannot be made again", async ({ request }) => {
  const other = await makeTestHouse("Somebody else’s house");
  await problem(await post(request, "heads", { id: other.headId, name: "x", hair: PASTE_INPUT.head }), 409);
  await problem(
    await post(request, "blends", { id: other.blendId, versionId: uuid(), name: "x", blend: BLEND_INPUT }),
    409,
  );
  await problem(
    await post(request, "blends", { id: uuid(), versionId: other.versionId, name: "x", blend: BLEND_INPUT }),
    409,
  );
});
