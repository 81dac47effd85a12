import "reflect-metadata";
import { plainToInstance } from "class-transformer";
import { defaultMetadataStorage } from "class-transformer/cjs/storage.js";
import { getMetadataStorage, validateSync, type ValidationError } from "class-validator";
import type { LimitName } from "@/core/limits";
import { checkText } from "@/core/text";
import { ok, refuse, type Problem, type ProblemCode, type Result } from "@/core/problem";

const CODE: Readonly<Record<string, ProblemCode>> = {
  isDefined: "required",
  isNumber: "notANumber",
  isInt: "notANumber",
  isBoolean: "unknownChoice",
  isIn: "unknownChoice",
  isString: "notText",
  isUuid: "notFound",
  isObject: "wrongShape",
  isArray: "wrongShape",
  min: "tooSmall",
  max: "tooLarge",
  minLength: "required",
  maxLength: "tooLarge",
  arrayMaxSize: "tooMany",
  arrayMinSize: "tooFew",
  whitelistValidation: "unknownField",
  nestedValidation: "wrongShape",
  isTimeZone: "unknownChoice",
  matches: "notText",
};

function problemsIn(errors: readonly ValidationError[], path: string): Problem[] {
  return errors.flatMap((error) => {
    const field = path ? `${path}.${error.property}` : error.property;
    const own = Object.keys(error.constraints ?? {}).map(
      (name): Problem =>
        textProblem(field, name, error) ?? { field, code: codeOf(name, error), detail: detailOf(name, error) },
    );
    return [...own, ...problemsIn(error.children ?? [], field)];
  });
}

/** What the core says of a text, or of the first in a list of them. */
function textProblem(field: string, name: string, { contexts, value }: ValidationError): Problem | undefined {
  const limit: LimitName | undefined = name === "isText" ? contexts?.isText?.limit : undefined;
  return (
    limit &&
    (Array.isArray(value) ? value : [value])
      .map((one) => checkText(field, one, limit))
      .find((problem) => problem !== undefined)
  );
}

/** What is not there is missing; what is there and is wrong never is. */
const codeOf = (name: string, { value }: ValidationError): ProblemCode =>
  value === undefined || value === null ? "required" : (CODE[name] ?? "unknownChoice");

/** What may stand at a nested field: its own fields, by the class that describes it. */
function fieldsOf({ target, property }: ValidationError): string {
  const type =
    target &&
    (defaultMetadataStorage.findTypeMetadata(target.constructor, property)?.typeFunction() as
      (new () => object) | undefined);
  const names = type
    ? [
        ...new Set(
          getMetadataStorage()
            .getTargetValidationMetadatas(type, "", false, false)
            .map(({ propertyName }) => propertyName),
        ),
      ]
    : [];
  return names.length > 0 ? ` with ${names.join(", ")}` : "";
}

/** How long or large a thing may be, for the sentence that says so. */
function detailOf(name: string, error: ValidationError): Problem["detail"] {
  if (name === "isIn") return { among: /values: (.*)$/.exec(error.constraints?.isIn ?? "")?.[1] ?? "" };
  if (name === "isBoolean") return { among: "true, false" };
  if (name === "isArray") return { wants: "a list" };
  if (name === "isObject" || name === "nestedValidation")
    return {
      wants:
        Array.isArray(error.value) && name === "isObject" && /each/.test(error.constraints?.isObject ?? "")
          ? `objects${fieldsOf(error)}`
          : `an object${fieldsOf(error)}`,
    };
  if (!["maxLength", "arrayMaxSize", "min", "max"].includes(name)) return undefined;
  const end = /(-?\d+)/.exec(error.constraints?.[name] ?? "")?.[1];
  return end ? { [name === "min" ? "min" : "max"]: Number(end) } : undefined;
}

const MOST_PROBLEMS = 20;
/** Nothing that a client may send is nested deeper. */
const MOST_DEPTH = 12;
/** Names that mean something to the language itself and trip the libraries below. */
const RESERVED = new Set(["__proto__", "constructor", "prototype"]);

/** The path of a key that no input has: a reserved name, or one nested beyond reason. Walks without recursion. */
function strangePath(body: object): string | undefined {
  const rest: { readonly value: object; readonly path: string; readonly depth: number }[] = [
    { value: body, path: "", depth: 1 },
  ];
  for (let at = rest.pop(); at; at = rest.pop()) {
    for (const [key, value] of Object.entries(at.value)) {
      const path = at.path ? `${at.path}.${key}` : key;
      if (RESERVED.has(key) || at.depth > MOST_DEPTH) return path;
      if (typeof value === "object" && value !== null) rest.push({ value, path, depth: at.depth + 1 });
    }
  }
  return undefined;
}

/** Takes out what came as null, which says as much as leaving it out; only of what an input describes. */
function withoutNulls(instance: object): void {
  for (const [key, value] of Object.entries(instance)) {
    if (value === null) delete (instance as Record<string, unknown>)[key];
    else if (Array.isArray(value))
      value.forEach((one) => {
        if (isDescribed(one)) withoutNulls(one);
      });
    else if (isDescribed(value)) withoutNulls(value);
  }
}
const isDescribed = (value: unknown): value is object =>
  typeof value === "object" &&
  value !== null &&
  ![Object.prototype, Array.prototype].includes(Object.getPrototypeOf(value));

/** Checks the shape of what a client sent; ranges and sense are checked by the core, once. */
export function parseInput<T extends object>(kind: new () => T, body: unknown): Result<T> {
  if (typeof body !== "object" || body === null || Array.isArray(body)) return refuse({ field: "", code: "required" });
  const strange = strangePath(body);
  if (strange !== undefined) return refuse({ field: strange, code: "unknownField" });
  const instance = plainToInstance(kind, body, { exposeDefaultValues: true });
  const errors = validateSync(instance, {
    whitelist: true,
    forbidNonWhitelisted: true,
    stopAtFirstError: true,
    forbidUnknownValues: true,
  });
  if (errors.length === 0) withoutNulls(instance);
  return errors.length === 0 ? ok(instance) : refuse(...problemsIn(errors, "").slice(0, MOST_PROBLEMS));
}
