import { DateTime } from "luxon";
import { AGAIN, MARKS, type Again, type Mark } from "@/core/batch";
import { PURPOSES, type PurposeId } from "@/core/head";
import { isOwnId } from "@/core/shelf";
import { findMaterial } from "@/core/material";
import { isUuid } from "@/core/text";
import { listBatches, type LogFilter } from "@/store/log";
import type { SearchedBy } from "@/core/batch";

const PAGE = 24;

/** What a log is asked for, as its address says it; what makes no sense there is left out. */
export function logFilter(query: URLSearchParams, timeZone: string): Omit<LogFilter, "limit"> {
  const given = (name: string, usable: (value: string) => boolean): string | undefined => {
    const value = query.get(name)?.trim() ?? "";
    return value && usable(value) ? value : undefined;
  };
  const day = (name: string, plusDays: number): number | undefined => {
    const date = DateTime.fromISO(given(name, (value) => /^\d{4}-\d{2}-\d{2}$/.test(value)) ?? "", { zone: timeZone });
    return date.isValid ? date.plus({ days: plusDays }).toMillis() : undefined;
  };
  const how = given("how", () => true);
  const [mark, end] = how?.split("-") ?? [];
  const found: (SearchedBy | undefined)[] = [
    ...(["head", "blend"] as const).map((by) => {
      const value = given(by, isUuid);
      return value ? { by, value } : undefined;
    }),
    ...[given("material", (id) => findMaterial(id) !== undefined || isOwnId(id))].map((value) =>
      value ? { by: "material" as const, value } : undefined,
    ),
    ...[given("purpose", (id) => PURPOSES.includes(id as PurposeId))].map((value) =>
      value ? { by: "purpose" as const, value } : undefined,
    ),
    AGAIN.includes(how as Again) ? { by: "again", value: how! } : undefined,
    MARKS.includes(mark as Mark) && (end === "much" || end === "little")
      ? { by: "mark", mark: mark as Mark, end }
      : undefined,
  ];
  const before = /^(\d{1,15})_([0-9a-f-]{36})$/.exec(query.get("before") ?? "");
  return {
    found: found.filter((one) => one !== undefined),
    text: given("text", () => true)?.slice(0, 120),
    fromMs: day("from", 0),
    toMs: day("to", 1),
    before: before ? { startsAtMs: Number(before[1]), id: before[2] } : undefined,
  };
}

/** One page of the log, newest first; `next` is what to ask with for the page after it. */
export async function readLog(householdId: string, query: URLSearchParams, timeZone: string) {
  const batches = await listBatches(householdId, { ...logFilter(query, timeZone), limit: PAGE + 1 });
  const page = batches.slice(0, PAGE);
  const last = page.at(-1);
  return { batches: page, next: batches.length > PAGE && last ? `${last.startsAtMs}_${last.id}` : undefined };
}
