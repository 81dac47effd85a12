import { execFileSync } from "node:child_process";
import { readFileSync, readdirSync, statSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import ts from "typescript";
import { v7, version as versionOf } from "uuid";
import { isUuid } from "@/core/text";
import { OPERATIONS } from "@/server/operations";
import { recipeOf } from "@/server/formats/recipe";
import { testAnswer, TEST_QUESTION } from "./testHouse";

/**
 * Complaints of the TypeScript compiler about a value as a type of the package schema-dts, which is made from
 * schema.org's own vocabulary.
 */
function complaints(value: object, type: string): string[] {
  const name = join(process.cwd(), "checks", "vocabulary.ts");
  const text =
    'import type { Recipe, WithContext } from "schema-dts";\n' +
    `export const value: ${type} = ${JSON.stringify(value)};\n`;
  const options: ts.CompilerOptions = {
    strict: true,
    noEmit: true,
    skipLibCheck: true,
    module: ts.ModuleKind.ESNext,
    moduleResolution: ts.ModuleResolutionKind.Bundler,
    types: [],
  };
  const host = ts.createCompilerHost(options);
  const read = host.getSourceFile.bind(host);
  host.getSourceFile = (file, language, ...rest) =>
    file === name ? ts.createSourceFile(file, text, language) : read(file, language, ...rest);
  host.fileExists = (
    (known) => (file: string) =>
      file === name || known(file)
  )(host.fileExists.bind(host));
  const program = ts.createProgram([name], options, host);
  return ts.getPreEmitDiagnostics(program).map((one) => ts.flattenDiagnosticMessageText(one.messageText, " "));
}

test("a blend as JSON-LD uses schema.org's own terms, by the vocabulary of schema-dts", () => {
  const recipe = JSON.parse(JSON.stringify(recipeOf("A <b>mask</b>", testAnswer(), TEST_QUESTION)));
  expect(complaints(recipe, "WithContext<Recipe>")).toEqual([]);
  // The vocabulary does complain where there is something to complain of.
  expect(complaints({ ...recipe, ingredientsOfThePaste: [] }, "WithContext<Recipe>").length).toBeGreaterThan(0);
  expect(complaints({ ...recipe, "@type": "Paste" }, "WithContext<Recipe>").length).toBeGreaterThan(0);
}, 60_000);

test("docs/openapi.json is OpenAPI 3.1, by @seriousme/openapi-schema-validator", () => {
  // The package is ESM only, and so runs beside jest.
  const out = execFileSync(
    "node",
    [
      "--input-type=module",
      "-e",
      `
    import { Validator } from "@seriousme/openapi-schema-validator";
    const validator = new Validator();
    const good = await validator.validate(${JSON.stringify(join(process.cwd(), "docs/openapi.json"))});
    const bad = await new Validator().validate({ openapi: "3.1.0", info: { title: "x" }, paths: { nowhere: 7 } });
    console.log(JSON.stringify({ ...good, version: validator.version, bad: bad.valid }));`,
    ],
    { encoding: "utf8" },
  );
  expect(JSON.parse(out)).toMatchObject({ valid: true, version: "3.1", bad: false });
}, 60_000);

test("every route file is an operation of the document, and every operation a route file", () => {
  const folder = "src/app/api/v1";
  const files = (at: string): string[] =>
    readdirSync(at).flatMap((name) =>
      statSync(join(at, name)).isDirectory() ? files(join(at, name)) : name === "route.ts" ? [join(at, name)] : [],
    );
  const served = files(folder).flatMap((file) => {
    const path = file.slice(folder.length, -"/route.ts".length).replaceAll("[", "{").replaceAll("]", "}");
    return [...readFileSync(file, "utf8").matchAll(/export const (GET|POST|PUT|PATCH|DELETE)\b/g)].map(
      ([, method]) => `${method.toLowerCase()} ${path}`,
    );
  });
  expect(served.sort()).toEqual(OPERATIONS.map(({ method, path }) => `${method} ${path}`).sort());
});

describe("ids are UUIDs of version 7, against RFC 9562", () => {
  const fields = (id: string) => {
    const hex = id.replaceAll("-", "");
    return { ms: parseInt(hex.slice(0, 12), 16), version: hex[12], variant: parseInt(hex[16], 16) >> 2 };
  };
  test("the example of its appendix A.6", () => {
    const example = "017f22e2-79b0-7cc3-98c4-dc0c0c07398f";
    expect(fields(example)).toEqual({ ms: Date.UTC(2022, 1, 22, 19, 22, 22), version: "7", variant: 2 });
    expect([isUuid(example), versionOf(example)]).toEqual([true, 7]);
  });
  test("those we make have its fields, and sort by their time", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 48 - 2 }), (msecs) => {
        const [one, two] = [v7({ msecs }), v7({ msecs: msecs + 1 })];
        expect(fields(one)).toEqual({ ms: msecs, version: "7", variant: 2 });
        expect(isUuid(one)).toBe(true);
        expect(one < two).toBe(true);
      }),
    );
    for (const wrong of ["", "017F22E2-79B0-7CC3-98C4-DC0C0C07398F", "017f22e279b07cc398c4dc0c0c07398f", "🌿", null])
      expect(isUuid(wrong)).toBe(false);
  });
});
