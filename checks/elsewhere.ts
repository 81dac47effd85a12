import { v7 as uuid } from "uuid";

const UUIDS = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;
/** The same book as another house would have it: every id another. */
export function fromElsewhere<T extends object>(book: T): T {
  const ids = new Map<string, string>();
  return JSON.parse(
    JSON.stringify(book).replace(UUIDS, (id) => {
      if (!ids.has(id)) ids.set(id, uuid());
      return ids.get(id)!;
    }),
  );
}
