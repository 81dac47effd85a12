import { REGIONAL_NAMES } from "@/core/regional";
import Papa from "papaparse";
import { search, searchIndex } from "@/core/search";
import {
  checkJar,
  checkOwnThing,
  checkWeighing,
  ownMaterials,
  WEIGHED_BY,
  type Jar,
  type OwnThing,
  type Weighing,
} from "@/core/shelf";
import { everythingOn } from "@/core/catalogue";
import { foldText, isUuid } from "@/core/text";
import type { Problem } from "@/core/problem";
import { checkNumber } from "@/core/checkNumber";
import { csvOf, tenth, unguarded } from "./csv";

const COLUMNS = [
  "id",
  "material",
  "name",
  "lot",
  "bought_on",
  "opened_on",
  "best_before",
  "full_g",
  "left_g",
  "price",
  "place",
  "made_here",
  "weighings",
  "own_thing",
] as const;
type Column = (typeof COLUMNS)[number];

const weighingText = ({ count, unit, massG }: Weighing): string => `${count} ${unit} ${massG} g`;

/** Jars as a table; a thing of the house's own brings what it is made of, so that the file stands alone. */
export function jarsCsv(jars: readonly Jar[], things: readonly OwnThing[]): string {
  const byId = new Map(things.map((thing) => [thing.id, thing]));
  const rows = jars.map((jar) => {
    const thing = byId.get(jar.materialId);
    return [
      jar.id,
      jar.materialId,
      jar.name,
      jar.lot ?? "",
      jar.boughtOn ?? "",
      jar.openedOn ?? "",
      jar.bestBefore ?? "",
      jar.fullG,
      tenth(jar.leftG),
      jar.price ?? "",
      jar.place ?? "",
      jar.madeHere ? "yes" : "no",
      jar.weighings.map(weighingText).join("; "),
      thing
        ? JSON.stringify(
            thing.kind === "like"
              ? { name: thing.name, kind: thing.kind, likeId: thing.likeId }
              : { name: thing.name, kind: thing.kind, parts: thing.parts },
          )
        : "",
    ];
  });
  return csvOf([COLUMNS, ...rows]);
}

export interface ReadJar {
  readonly jar: Omit<Jar, "leftG" | "weighings" | "id"> & { readonly id?: string };
  readonly leftG: number;
  readonly weighings: readonly Omit<Weighing, "id">[];
}
export interface ReadJars {
  readonly jars: readonly ReadJar[];
  readonly things: readonly OwnThing[];
  readonly problems: readonly Problem[];
}

const WEIGHING = /^([\d.]+) (tsp|tbsp|cup) ([\d.]+) g$/;
const MOST_ROWS = 2000;
const MOST_PROBLEMS = 20;
const plain = (text: string): string => unguarded(text).trim();

function thingIn(text: string, id: string): OwnThing | undefined {
  try {
    const thing = JSON.parse(text) as OwnThing;
    if (typeof thing.name !== "string") return undefined;
    if (thing.kind === "like" && typeof thing.likeId === "string")
      return { id, name: thing.name, kind: "like", likeId: thing.likeId };
    if (thing.kind === "mixture" && Array.isArray(thing.parts))
      return {
        id,
        name: thing.name,
        kind: "mixture",
        parts: thing.parts.map(({ materialId, share }) => ({
          materialId: String(materialId),
          ...(typeof share === "number" ? { share } : {}),
        })),
      };
  } catch {
    /* no JSON is no thing */
  }
  return undefined;
}

/**
 * Reads a table of jars, ours or one made by hand: `material` may be an id or any name, only `material` and `full_g`
 * are needed. Problems name their row and column; the first row of jars is row 2.
 */
export function readJarsCsv(csv: string, known: readonly OwnThing[], today: string): ReadJars {
  const { data, meta } = Papa.parse<Partial<Record<Column, string>>>(csv.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const problems: Problem[] = [];
  const fields = meta.fields ?? [];
  for (const column of ["material", "full_g"] as const)
    if (!fields.includes(column)) problems.push({ field: `row 1.${column}`, code: "required" });
  for (const name of fields)
    if (!(COLUMNS as readonly string[]).includes(name))
      problems.push({ field: `row 1.${name.slice(0, 40)}`, code: "unknownField" });
  if (data.length > MOST_ROWS) problems.push({ field: "csv", code: "tooMany", detail: { max: MOST_ROWS } });
  if (problems.length > 0) return { jars: [], things: [], problems };
  const things = new Map<string, OwnThing>();
  data.forEach((row, i) => {
    const text = plain(row.own_thing ?? "");
    const id = plain(row.material ?? "");
    if (text === "" || known.some((thing) => thing.id === id)) return;
    const thing = thingIn(text, id);
    if (thing) things.set(thing.id, thing);
    else problems.push({ field: `row ${i + 2}.own_thing`, code: "notText" });
  });
  const all = [...known, ...things.values()];
  for (const thing of things.values())
    problems.push(
      ...checkOwnThing(
        thing,
        all.filter(({ id }) => id !== thing.id),
      ).map((problem) => ({ ...problem, field: `own_thing ${thing.id}.${problem.field}` })),
    );
  const everything = everythingOn({ own: ownMaterials(all) });
  const index = searchIndex(everything, REGIONAL_NAMES);
  const ids = new Set<string>();
  const byId = new Map(everything.map((material) => [material.id, material]));
  const byName = new Map<string, string>();
  for (const { id, names } of everything)
    for (const { text } of names) if (!byName.has(foldText(text))) byName.set(foldText(text), id);
  /** A name is looked for once, however many jars bear it. */
  const guesses = new Map<string, string | undefined>();
  const guessOf = (named: string): string | undefined => {
    if (!guesses.has(named))
      guesses.set(named, byId.has(named) ? named : (byName.get(foldText(named)) ?? search(index, named, 1)[0]?.id));
    return guesses.get(named);
  };
  const jars: ReadJar[] = [];
  for (const [i, row] of data.entries()) {
    // Whoever has so much to mend begins with these.
    if (problems.length >= MOST_PROBLEMS) break;
    const at = (column: Column) => plain(row[column] ?? "");
    const field = (column: string) => `row ${i + 2}.${column}`;
    const number = (column: Column, fallback?: number): number =>
      at(column) === "" && fallback !== undefined ? fallback : Number(at(column).replace(",", ".") || NaN);
    const id = at("id").toLowerCase();
    if (id !== "" && !isUuid(id)) problems.push({ field: field("id"), code: "notText" });
    if (id !== "" && ids.has(id)) problems.push({ field: field("id"), code: "repeated" });
    ids.add(id);
    const named = at("material");
    const guess = guessOf(named);
    if (guess === undefined) problems.push({ field: field("material"), code: "unknownMaterial" });
    const name = at("name") || named;
    const optional = (key: string, column: Column) => (at(column) === "" ? {} : { [key]: at(column) });
    const jar = {
      ...(id === "" ? {} : { id }),
      materialId: guess ?? named,
      name,
      fullG: number("full_g"),
      madeHere: /^(yes|true|1)$/i.test(at("made_here")),
      ...optional("lot", "lot"),
      ...optional("boughtOn", "bought_on"),
      ...optional("openedOn", "opened_on"),
      ...optional("bestBefore", "best_before"),
      ...optional("place", "place"),
      ...(at("price") === "" ? {} : { price: number("price") }),
    };
    const COLUMN_OF: Readonly<Record<string, string>> = {
      boughtOn: "bought_on",
      openedOn: "opened_on",
      bestBefore: "best_before",
      fullG: "full_g",
      price: "price",
    };
    problems.push(
      ...checkJar(jar, today).map((problem) => ({
        ...problem,
        field: field(COLUMN_OF[problem.field] ?? problem.field),
      })),
    );
    const leftG = number("left_g", jar.fullG);
    const left = checkNumber(field("left_g"), leftG, "jarLedgerG");
    if (left) problems.push(left);
    const weighings =
      at("weighings") === ""
        ? []
        : at("weighings")
            .split(/\s*;\s*/)
            .flatMap((text): Omit<Weighing, "id">[] => {
              const match = WEIGHING.exec(text);
              const unit = WEIGHED_BY.find((one) => one === match?.[2]);
              const material = guess === undefined ? undefined : byId.get(guess);
              const weighing = match && unit ? { count: Number(match[1]), unit, massG: Number(match[3]) } : undefined;
              const wrong = !weighing
                ? [{ field: "weighings", code: "notANumber" } as const]
                : material
                  ? checkWeighing(weighing, material)
                  : [];
              problems.push(...wrong.map((problem) => ({ ...problem, field: field("weighings") })));
              return weighing && wrong.length === 0 ? [weighing] : [];
            });
    jars.push({ jar, leftG, weighings });
  }
  return { jars, things: [...things.values()], problems: problems.slice(0, MOST_PROBLEMS) };
}
