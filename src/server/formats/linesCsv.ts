import { asMade, foldBatch } from "@/core/batch";
import { liquidParts } from "@/core/paste";
import { eventsOf } from "@/store/events";
import { findBatches } from "@/store/batches";
import type { LogFilter } from "@/store/log";
import { materialName } from "@/words/names";
import { isoMoment, tenth, type CsvRow } from "./csv";
import { csvStream } from "./stream";
import { pagesOf } from "./logCsv";

const COLUMNS = [
  "started",
  "blend",
  "head",
  "batch",
  "line",
  "material",
  "name",
  "planned_g",
  "really_g",
  "planned_ml",
  "poured_ml",
] as const;
const PAGE = 50;

/** Everything that went into the bowls of the log as a table: a row for each line, and one for each liquid. */
export function linesCsv(householdId: string, filter: Omit<LogFilter, "limit" | "before">): ReadableStream<Uint8Array> {
  return csvStream(COLUMNS, pagesOf(householdId, filter, PAGE), async (page, knex) => {
    const ids = page.map((row) => row.id);
    const [batches, events] = await Promise.all([
      findBatches(householdId, ids, knex),
      eventsOf(householdId, ids, knex),
    ]);
    const byId = new Map(batches.map((batch) => [batch.id, batch]));
    return ids.flatMap((id): CsvRow[] => {
      const batch = byId.get(id);
      if (!batch) return [];
      const { question, answer } = batch;
      const state = foldBatch(events.get(id) ?? []);
      const head = [isoMoment(batch.startsAtMs), batch.blendName, batch.headName, id];
      const plannedMl = answer.liquid.state === "unreachable" ? undefined : answer.liquid.ml.mid;
      return [
        ...asMade(question, answer, state).lines.map((line, i): CsvRow => [
          ...head,
          i + 1,
          line.materialId,
          materialName(line.materialId),
          line.plannedG === undefined ? "" : tenth(line.plannedG),
          tenth(line.reallyG),
          "",
          "",
        ]),
        ...liquidParts(question.liquid).map(({ materialId, share }, i): CsvRow => [
          ...head,
          i === 0 ? "liquid" : "second liquid",
          materialId,
          materialName(materialId),
          "",
          "",
          plannedMl === undefined ? "" : tenth(plannedMl * share),
          tenth(state.pouredMl * share),
        ]),
      ];
    });
  });
}
