import "reflect-metadata";
import { readFileSync, writeFileSync } from "node:fs";
import { defaultMetadataStorage } from "class-transformer/cjs/storage.js";
import { validationMetadatasToSchemas } from "class-validator-jsonschema";
import { createGenerator } from "ts-json-schema-generator";
import { OPERATIONS, type Operation } from "../src/server/operations";

/**
 * Makes `docs/openapi.json` from the input classes, the answers' types and the list of operations. Run by `./run
 * openapi`.
 */
const FILE = "docs/openapi.json";
const SCHEMAS = "#/components/schemas/";

/** Definitions of the generator's own place moved to the document's. */
const relocated = (schema: object): object =>
  JSON.parse(JSON.stringify(schema).replaceAll("#/definitions/", SCHEMAS), (key, value) =>
    key === "$ref" && typeof value === "string"
      ? SCHEMAS + encodeName(decodeURIComponent(value.slice(SCHEMAS.length)))
      : value,
  );
/** Names of generic types have signs that a component's name may not have. */
const encodeName = (name: string): string => name.replace(/[^A-Za-z0-9._-]+/g, "_").replace(/_+$/, "");

function answerSchemas(): Record<string, object> {
  const generator = createGenerator({
    path: "src/server/answers.ts",
    tsconfig: "tsconfig.json",
    type: "*",
    expose: "export",
    topRef: true,
    skipTypeCheck: true,
    additionalProperties: false,
    jsDoc: "extended",
  });
  const { definitions = {} } = generator.createSchema("*");
  return Object.fromEntries(
    Object.entries(definitions)
      .filter(([name]) => name !== "Elsewhere")
      .map(([name, schema]) => [encodeName(name), relocated(schema as object)]),
  );
}

/** What the house's own checks say of a text. */
const CONVERTERS: NonNullable<Parameters<typeof validationMetadatasToSchemas>[0]>["additionalConverters"] = {
  isText: ({ constraints: [{ min, max }] }) => ({
    type: "string",
    maxLength: max,
    ...(min > 0 ? { minLength: min } : {}),
  }),
};

const inputSchemas = (): Record<string, object> =>
  Object.fromEntries(
    Object.entries(
      validationMetadatasToSchemas({
        classTransformerMetadataStorage: defaultMetadataStorage,
        refPointerPrefix: SCHEMAS,
        additionalConverters: CONVERTERS,
      }),
    ).map(([name, schema]) => [name, { ...schema, additionalProperties: false }]),
  );

const refTo = (name: string) => ({ $ref: SCHEMAS + name });

function operationOf({ method, path, summary, input, answer, query }: Operation): object {
  const names = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name);
  const parameters = [
    ...names.map((name) => ({ name, in: "path", required: true, schema: { type: "string", format: "uuid" } })),
    ...(query ?? []).map((name) => ({ name, in: "query", required: false, schema: { type: "string" } })),
  ];
  return {
    operationId: `${method}${path
      .replace(/[{}]/g, "")
      .split("/")
      .map((part) => part.charAt(0).toUpperCase() + part.slice(1))
      .join("")}`,
    summary,
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(input
      ? { requestBody: { required: true, content: { "application/json": { schema: refTo(input.name) } } } }
      : {}),
    responses: {
      200: {
        description: "Done.",
        content:
          typeof answer === "string"
            ? { "application/json": { schema: refTo(answer) } }
            : { [answer.file]: { schema: { type: "string" } } },
      },
      default: {
        description: "Refused, with the reason.",
        content: { "application/problem+json": { schema: refTo("ProblemAnswer") } },
      },
    },
  };
}

export function openapi(): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const operation of OPERATIONS) (paths[operation.path] ??= {})[operation.method] = operationOf(operation);
  const schemas: Record<string, object> = { ...answerSchemas(), ...inputSchemas() };
  for (const [, name] of JSON.stringify([paths, schemas]).matchAll(/"#\/components\/schemas\/([^"]+)"/g))
    if (!(name in schemas)) throw new Error(`No schema is made for ${name}.`);
  return {
    openapi: "3.1.0",
    info: {
      title: "Infusing",
      version: "1",
      description:
        "Units stand in the names; bands are low, mid, high. Ids of what is written are UUIDs that the client" +
        " makes: sending a write twice writes it once.",
      license: { name: "MIT", identifier: "MIT" },
    },
    servers: [{ url: "/api/v1" }],
    security: [{}, { device: [] }, { token: [] }],
    paths,
    components: {
      schemas: Object.fromEntries(Object.entries(schemas).sort(([a], [b]) => (a < b ? -1 : 1))),
      securitySchemes: {
        device: {
          type: "apiKey",
          in: "cookie",
          name: "infusing_device",
          description: "Set at /enter. Not needed while the door is open.",
        },
        token: { type: "http", scheme: "bearer", description: "The cookie's value, for programs." },
      },
    },
  };
}

const made = `${JSON.stringify(openapi(), null, 1)}\n`;
if (!process.argv.includes("--check")) writeFileSync(FILE, made);
else if (readFileSync(FILE, "utf8") !== made) {
  console.error("docs/openapi.json is not what the source says; run ./run openapi.");
  process.exit(1);
}
