import type { Knex } from "knex";
import { checkSpoons, type Spoons } from "@/core/measure";
import { NO_MEANINGS, type Meanings } from "@/core/search";
import type { Vessels } from "@/core/order";
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
  readonly spoons: Spoons;
  readonly kitchenTempC: number;
  /** The kitchen at night, where it is cooler then. */
  readonly nightTempC?: number;
  /** How high the house stands above the sea, m: water boils cooler up there. */
  readonly altitudeM: number;
  /** IANA zone in which the household's clock times are said. */
  readonly timeZone: string;
  /** ISO 4217, for what a jar cost. */
  readonly currency: string;
  /** What the kitchen has. */
  readonly vessels: Vessels;
  /** Whether the server listens on the house's network from its next start; only with a password. */
  readonly network: boolean;
  /** What this house answered about lines of its notebooks. */
  readonly meanings: Meanings;
}

const DEFAULTS: Settings = {
  spoons: "metric",
  kitchenTempC: 21,
  altitudeM: 0,
  timeZone: "UTC",
  currency: "EUR",
  vessels: {},
  network: false,
  meanings: NO_MEANINGS,
};

export async function insertHousehold(
  knex: Knex,
  household: { id: string; name: string; createdAt: Date },
): Promise<void> {
  await knex("household").insert({ id: household.id, name: household.name, rev: 0, created_at: household.createdAt });
}

export interface HouseholdAndSettings {
  readonly household: Household;
  readonly settings: Settings;
}

interface Row {
  id: string;
  name: string;
  rev: number | string;
  password_hash: string | null;
  setting: string | null;
  value: string | null;
}

/**
 * The household that answers, which is the first one made, with its settings; in one question, since every request asks
 * it.
 */
export async function theHousehold(): Promise<HouseholdAndSettings | undefined> {
  const knex = database();
  const rows: Row[] = await knex("household as h")
    .leftJoin("setting as s", "s.household_id", "h.id")
    .where(
      "h.id",
      knex("household")
        .orderBy([{ column: "created_at" }, { column: "id" }])
        .limit(1)
        .select("id"),
    )
    .select("h.id", "h.name", "h.rev", "h.password_hash", "s.name as setting", "s.value");
  const [row] = rows;
  return (
    row && {
      household: { id: row.id, name: row.name, rev: Number(row.rev), passwordHash: row.password_hash ?? undefined },
      settings: settingsOf(
        rows.flatMap(({ setting, value }) => (setting !== null && value !== null ? [{ name: setting, value }] : [])),
      ),
    }
  );
}

function settingsOf(rows: readonly { readonly name: string; readonly value: string }[]): Settings {
  const stored = Object.fromEntries(rows.map(({ name, value }) => [name, JSON.parse(value)])) as Partial<Settings>;
  const spoons =
    stored.spoons !== undefined && checkSpoons(stored.spoons).length === 0 ? stored.spoons : DEFAULTS.spoons;
  return { ...DEFAULTS, ...stored, spoons };
}

export async function readSettings(householdId: string): Promise<Settings> {
  return settingsOf(await database()("setting").where({ household_id: householdId }).select("name", "value"));
}

export async function writeSettings({ trx, householdId, rev }: Write, settings: Partial<Settings>): Promise<void> {
  const rows = Object.entries(settings)
    .filter(([, value]) => value !== undefined && value !== null)
    .map(([name, value]) => ({ household_id: householdId, name, value: JSON.stringify(value), rev }));
  if (rows.length > 0) await trx("setting").insert(rows).onConflict(["household_id", "name"]).merge(["value", "rev"]);
}

/** The newest answers are kept, so many of each kind. */
const MOST_MEANINGS = 500;
const newest = <T>(before: Readonly<Record<string, T>>, now: Readonly<Record<string, T>>): Record<string, T> => {
  const rest = Object.entries(before).filter(([said]) => !Object.hasOwn(now, said));
  return Object.fromEntries([...rest, ...Object.entries(now)].slice(-MOST_MEANINGS));
};

/** Adds answers about lines of a notebook to those that are there; a later answer takes the place of an earlier one. */
export async function addMeanings(write: Write, { things, units }: Meanings): Promise<void> {
  const row = await write
    .trx("setting")
    .where({ household_id: write.householdId, name: "meanings" })
    .forUpdate()
    .first("value");
  const before = { ...NO_MEANINGS, ...(row ? JSON.parse(row.value) : {}) } as Meanings;
  await writeSettings(write, {
    meanings: { things: newest(before.things, things), units: newest(before.units, units) },
  });
}

export async function renameHousehold({ trx, householdId }: Write, name: string): Promise<void> {
  await trx("household").where({ id: householdId }).update({ name });
}

/** True where the house itself said a setting, and does not go by what is usual. */
export async function isChosen(householdId: string, name: keyof Settings): Promise<boolean> {
  return (await database()("setting").where({ household_id: householdId, name }).first("name")) !== undefined;
}
