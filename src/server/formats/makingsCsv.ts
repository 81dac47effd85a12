import { asItGoes, foldMaking } from "@/core/making";
import { listMakings, type StoredMaking } from "@/store/makings";
import { materialName } from "@/words/names";
import { isoMoment, tenth, type CsvRow } from "./csv";
import { csvStream } from "./stream";

const COLUMNS = [
  "started",
  "name",
  "method",
  "making",
  "line",
  "material",
  "material_name",
  "in_g",
  "settings",
  "poured_ml",
  "came_to_g",
  "came_to_ml",
  "left_g",
  "steam_g",
  "closed",
  "jar",
  "note",
] as const;

/** A row for each thing that went in; what came of it stands on the first. */
function rowsOf(making: StoredMaking): CsvRow[] {
  const { question, startsAtMs, name, id, closedMs, jarId } = making;
  const state = foldMaking(making.events);
  const { amounts } = asItGoes(making, state).made;
  const settings = Object.entries(question.settings).map(([key, value]) => `${key} ${value}`);
  const came: CsvRow = [
    settings.join("; "),
    amounts.pourMl ? tenth(amounts.pourMl.mid) : "",
    tenth(amounts.productG.mid),
    tenth(amounts.productMl.mid),
    tenth(amounts.restG.mid),
    tenth(amounts.steamG.mid),
    isoMoment(closedMs),
    jarId ?? "",
    state.notes.map(({ text }) => text).join("\n"),
  ];
  return question.things.map(({ materialId, massG }, i): CsvRow => [
    isoMoment(startsAtMs),
    name,
    question.method,
    id,
    i + 1,
    materialId,
    materialName(materialId),
    tenth(massG),
    ...(i === 0 ? came : came.map(() => "")),
  ]);
}

/** Every making that was followed as a table, newest first. */
export const makingsCsv = (householdId: string): ReadableStream<Uint8Array> =>
  csvStream(
    COLUMNS,
    async (last: readonly StoredMaking[] | undefined, knex) => (last ? undefined : listMakings(householdId, knex)),
    async (makings) => makings.flatMap(rowsOf),
  );
