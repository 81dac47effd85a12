import { v7 as uuid } from "uuid";
import { importBook, undoImport } from "@/server/book/import";
import { wholeBook } from "@/server/book/export";
import type { Book } from "@/server/book/format";
import { readHeavy } from "@/server/heavy";
import type { Asked } from "@/server/route";
import { readSettings } from "@/store/household";
import { inTransaction } from "@/store/transaction";
import type { TestHouse } from "./testHouse";

/** What a use case is asked in a test house, as the wrapper of routes would. */
export async function askedIn<I>(
  { householdId, deviceId }: TestHouse,
  input: I,
  params: Readonly<Record<string, string>> = {},
): Promise<Asked<I>> {
  return {
    input,
    params,
    query: new URLSearchParams(),
    household: { id: householdId, name: "A test house", rev: 0 },
    settings: await readSettings(householdId),
    deviceId,
    deviceName: "test",
    personId: null,
    resets: false,
  };
}

/** Everything of a house as its book file says it. */
export async function bookOf(house: TestHouse): Promise<Book> {
  const { household, settings } = await askedIn(house, {});
  return JSON.parse(await new Response(wholeBook(household, settings)).text());
}

/** The same without what says when it was written. */
export const contentOf = ({ exportedAt: _, household: __, ...book }: Book): Omit<Book, "exportedAt" | "household"> =>
  book;

/** Brings a book in as the route does, from its text; answers what came, and the import's id. */
export async function bringIn(house: TestHouse, book: object, id = uuid()) {
  const input = await readHeavy({ kind: "import", body: JSON.stringify({ id, name: "a file", book }) }, house.deviceId);
  return importBook(await askedIn(house, input), 0);
}

export const takeOut = async (house: TestHouse, id: string) => {
  const asked = await askedIn(house, { undone: true } as const, { id });
  return inTransaction(house.householdId, (write) => undoImport(asked, write));
};

/**
 * Two books that say the same: lists in one order, and what devices had seen only by its order, since each house counts
 * for itself.
 */
export function comparable(book: Book) {
  const byId = <T extends { readonly id: string }>(list: readonly T[] = []): T[] =>
    [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
  const { persons, devices, heads, blends, batches, things, jars, makings } = book;
  return {
    persons: byId(persons),
    devices: byId(devices),
    heads: byId(heads),
    blends: byId(blends),
    things: byId(things),
    jars: byId(jars),
    makings: byId(makings).map((making) => ({
      ...making,
      events: making.events.map(({ revSeen: _, ...event }) => event),
    })),
    batches: byId(batches).map((batch) => ({
      ...batch,
      events: batch.events.map(({ revSeen: _, ...event }) => event),
    })),
  };
}
