import type { Knex } from "knex";
import type { OwnThing } from "@/core/shelf";
import { database } from "./connection";
import type { Write } from "./transaction";

/** A thing of the household's own as it is kept; `rowId` is the client's id for it, `id` the one that lines name. */
export type StoredThing = OwnThing & {
  readonly rowId: string;
  readonly removed: boolean;
  /** It came with an import that was undone. */ readonly undone: boolean;
};

interface Row {
  id: string;
  material_id: string;
  name: string;
  definition: string;
  removed_at: Date | null;
  undone_at: Date | null;
}
const fromRow = ({ id, material_id, name, definition, removed_at, undone_at }: Row): StoredThing => ({
  ...JSON.parse(definition),
  id: material_id,
  name,
  rowId: id,
  removed: removed_at !== null,
  undone: removed_at !== null && undone_at !== null,
});

/** Every thing of the household's own, also those taken off the shelf: old bowls and jars are still made of them. */
export async function listOwnThings(householdId: string, knex: Knex = database()): Promise<StoredThing[]> {
  const rows: Row[] = await knex("own_thing as t")
    .leftJoin("import as i", "i.id", "t.import_id")
    .where("t.household_id", householdId)
    .orderBy([{ column: "t.created_at" }, { column: "t.id" }])
    .select("t.id", "t.material_id", "t.name", "t.definition", "t.removed_at", "i.undone_at");
  return rows.map(fromRow);
}

export async function ownThingOwner({ trx }: Write, rowId: string): Promise<string | undefined> {
  return (await trx("own_thing").where({ id: rowId }).first("household_id"))?.household_id;
}

export async function insertOwnThing(
  { trx, householdId, rev }: Write,
  rowId: string,
  thing: OwnThing,
  createdAt = new Date(),
  importId?: string,
): Promise<void> {
  const { id, name, ...definition } = thing;
  await trx("own_thing").insert({
    id: rowId,
    household_id: householdId,
    rev,
    created_at: createdAt,
    material_id: id,
    name,
    definition: JSON.stringify(definition),
    import_id: importId ?? null,
  });
}

export async function setOwnThingRemoved(
  { trx, householdId, rev }: Write,
  rowId: string,
  removed: boolean,
): Promise<boolean> {
  return (
    (await trx("own_thing")
      .where({ household_id: householdId, id: rowId })
      .update({ removed_at: removed ? new Date() : null, rev })) === 1
  );
}
