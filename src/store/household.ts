import type { Knex } from "knex";
import { SPOON_SETS, type SpoonSet } from "@/core/measure";
import { database } from "./connection";
import type { Write } from "./transaction";

export interface Household {
  readonly id: string;
  readonly name: string;
  readonly rev: number;
  /** Undefined while the door is open: on this machine only. */
  readonly passwordHash?: string;
}

export interface Settings {
  readonly spoons: SpoonSet;
  readonly kitchenTempC: number;
  /** IANA zone in which the household's clock times are said. */
  readonly timeZone: string;
  /** Whether the server listens on the house's network from its next start; only with a password. */
  readonly network: boolean;
}

const DEFAULTS: Settings = { spoons: "metric", kitchenTempC: 21, timeZone: "UTC", network: false };

export async function insertHousehold(knex: Knex, household: { id: string; name: string; createdAt: Date }): Promise<void> {
  await knex("household").insert({ id: household.id, name: household.name, rev: 0, created_at: household.createdAt });
}

/** The household that answers on loopback: the first one made. */
export async function theHousehold(): Promise<Household | undefined> {
  const row = await database()("household").orderBy([{ column: "created_at" }, { column: "id" }]).first("id", "name", "rev", "password_hash");
  return row && { id: row.id, name: row.name, rev: Number(row.rev), passwordHash: row.password_hash ?? undefined };
}

export async function readSettings(householdId: string): Promise<Settings> {
  const rows: { name: string; value: string }[] = await database()("setting").where({ household_id: householdId }).select("name", "value");
  const stored = Object.fromEntries(rows.map(({ name, value }) => [name, JSON.parse(value)])) as Partial<Settings>;
  const spoons = SPOON_SETS.includes(stored.spoons as SpoonSet) ? stored.spoons! : DEFAULTS.spoons;
  return { ...DEFAULTS, ...stored, spoons };
}

export async function writeSettings({ trx, householdId, rev }: Write, settings: Partial<Settings>): Promise<void> {
  const rows = Object.entries(settings).filter(([, value]) => value !== undefined)
    .map(([name, value]) => ({ household_id: householdId, name, value: JSON.stringify(value), rev }));
  if (rows.length > 0) await trx("setting").insert(rows).onConflict(["household_id", "name"]).merge(["value", "rev"]);
}
