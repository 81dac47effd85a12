import { randomBytes, randomUUID, scrypt, timingSafeEqual } from "node:crypto";
import { promisify } from "node:util";
import type { PairingInput, PasswordInput, SentAwayInput } from "@/inputs/doorInput";
import * as store from "@/store/door";
import { letIn, listDevices, noteDevice, sendAway } from "@/store/devices";
import { writeSettings, type Household } from "@/store/household";
import { listPersons, personIsHere } from "@/store/persons";
import { inTransaction, type Write } from "@/store/transaction";
import { addressesHere } from "./reachable";
import { notFound, Refusal, stranger, taken, unusable } from "./refusal";
import type { Asked } from "./route";
import { deviceCookie, hashOf, newToken, onNetwork } from "./session";

const derive = promisify<string, Buffer, number, { N: number; r: number; p: number; maxmem: number }, Buffer>(scrypt);
/** scrypt at 32 MB a guess. @source RFC 7914; cost as commonly advised for logins (from memory) */
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 2 ** 20 };

export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16);
  return [
    "scrypt",
    COST.N,
    COST.r,
    COST.p,
    salt.toString("base64"),
    (await derive(password, salt, 32, COST)).toString("base64"),
  ].join("$");
}

export async function passwordIs(password: string, stored: string): Promise<boolean> {
  const [kind, n, r, p, salt, hash] = stored.split("$");
  if (kind !== "scrypt") return false;
  const wanted = Buffer.from(hash, "base64");
  const found = await derive(password, Buffer.from(salt, "base64"), wanted.length, {
    ...COST,
    N: Number(n),
    r: Number(r),
    p: Number(p),
  });
  return timingSafeEqual(found, wanted);
}

const FREE_TRIES = 5;
/** From the whole network together; a house has not so many people who mistype. */
const FREE_NETWORK_TRIES = 40;
const REMEMBERED_MS = 15 * 60_000;
const LONGEST_WAIT_MS = 60_000;

/** How long the next try has to wait: some are free, then the wait doubles from a second to a minute. */
export function waitMs(triesMs: readonly number[], nowMs: number, free = FREE_TRIES): number {
  const recent = triesMs.filter((at) => at > nowMs - REMEMBERED_MS);
  if (recent.length < free) return 0;
  return Math.max(0, Math.max(...recent) + Math.min(LONGEST_WAIT_MS, 1000 * 2 ** (recent.length - free)) - nowMs);
}

/**
 * Tries a secret. It is counted as wrong before it is looked at, so that many at once do not slip through, and
 * forgotten when it was right. Tries count where they come from: nobody's wrong guesses keep out this machine, or a
 * device that is in.
 */
async function guarded<T>(household: Household, from: string, look: () => Promise<T | undefined>): Promise<T> {
  const now = new Date();
  const since = new Date(now.getTime() - REMEMBERED_MS);
  const onNetworkItself = from !== store.HERE && !from.startsWith(store.ofDevice(""));
  const tryId = await inTransaction(household.id, async (write) => {
    const wait = Math.max(
      waitMs(await store.triesSince(write, since, from), now.getTime()),
      onNetworkItself ? waitMs(await store.networkTriesSince(write, since), now.getTime(), FREE_NETWORK_TRIES) : 0,
    );
    if (wait > 0)
      throw new Refusal(
        429,
        `Too many wrong tries. Wait ${Math.ceil(wait / 1000)} s, then try again; or come in with a code, from a` +
          " device that is in or from ./run code on the machine itself.",
        [],
        Math.ceil(wait / 1000),
      );
    return store.addTry(write, now, since, from);
  });
  const found = await look();
  if (found === undefined) throw new Refusal(401, "That is not the password, and no code that is good now.");
  await inTransaction(household.id, (write) => store.forgetTry(write, tryId));
  return found;
}

const RESETS_MS = 60 * 60_000;

/** Lets a device in by the household's password or by a code of one that is in. Answers its cookie. */
export async function enter(
  household: Household,
  given: { readonly password?: string; readonly code?: string; readonly name: string; readonly from: string },
): Promise<string> {
  const { passwordHash } = household;
  if (passwordHash === undefined)
    throw new Refusal(409, "There is no password. Start ./run again on the machine itself.");
  const [id, token] = [randomUUID(), newToken()];
  const admit = async (
    write: Write,
    { personId, owner }: { readonly personId: string | null; readonly owner: boolean },
  ) => {
    await noteDevice(write, id, given.name);
    await letIn(write, {
      id,
      tokenHash: hashOf(token),
      name: given.name,
      personId,
      ...(owner ? { resetsUntil: new Date(Date.now() + RESETS_MS) } : {}),
    });
    return true as const;
  };
  const code = given.code?.toUpperCase().replace(/[^A-Z0-9]/g, "");
  if (code) {
    // One of 32^10 for ten minutes: a right one is no guess, so it is never kept waiting by those who guess.
    const now = new Date();
    const open = await store.pairingIsOpen(household.id, hashOf(code), now);
    const entered =
      open &&
      (await inTransaction(household.id, async (write) => {
        const pairing = await store.usePairing(write, hashOf(code), now);
        return pairing && admit(write, pairing);
      }));
    if (entered) return deviceCookie(id, token);
  }
  await guarded(household, given.from, async () => {
    if (code || !(await passwordIs(given.password ?? "", passwordHash))) return undefined;
    // The password may have been changed while this one was being looked at.
    return inTransaction(household.id, async (write) =>
      (await store.passwordHashNow(write)) === passwordHash
        ? admit(write, { personId: null, owner: false })
        : undefined,
    );
  });
  return deviceCookie(id, token);
}

/** Sets, changes or takes away the household's password. Changing it sends every other device away. */
export async function changePassword(asked: Asked<PasswordInput>): Promise<Response> {
  const {
    household,
    deviceId,
    deviceName,
    tokenHash,
    resets,
    input: { current, password },
  } = asked;
  const { passwordHash } = household;
  if (password === undefined && onNetwork())
    throw new Refusal(
      409,
      "The house answers on the network now. Turn that off, stop ./run and start it again; then the password can go.",
    );
  if (passwordHash !== undefined && !resets) {
    if (current === undefined) throw unusable([{ field: "current", code: "required" }]);
    await guarded(household, store.ofDevice(deviceId), async () =>
      (await passwordIs(current, passwordHash)) ? true : undefined,
    );
  }
  const hash = password === undefined ? null : await hashPassword(password);
  const token = newToken();
  await inTransaction(household.id, async (write) => {
    if (!(await noteDevice(write, deviceId, deviceName))) throw taken();
    if (!(await store.isLetIn(write, deviceId, tokenHash))) throw stranger();
    await store.setPasswordHash(write, hash);
    await sendAway(write, { allBut: deviceId });
    await store.voidPairings(write);
    if (hash === null) await writeSettings(write, { network: false });
    await letIn(write, { id: deviceId, tokenHash: hashOf(token) });
  });
  return new Response(JSON.stringify({ locked: hash !== null }), {
    headers: {
      "content-type": "application/json; charset=utf-8",
      "cache-control": "no-store",
      "set-cookie": deviceCookie(deviceId, hash === null ? undefined : token),
    },
  });
}

const PAIRING_MS = 10 * 60_000;

/**
 * A code that lets one device in, once, within ten minutes. The client makes it, so that sending it twice makes one.
 */
export async function pair({ input: { id, code, personId }, household }: Asked<PairingInput>, write: Write) {
  if (household.passwordHash === undefined) throw new Refusal(409, "Set a password for the house first.");
  if (personId && !(await personIsHere(write, personId))) throw notFound("personId");
  const codeHash = hashOf(code);
  const before = await store.pairingTaken(write, { id, codeHash });
  if (before && !(before.same && before.householdId === write.householdId)) throw taken();
  if (!before)
    await store.insertPairing(write, {
      id,
      codeHash,
      personId: personId ?? null,
      expiresAt: new Date(Date.now() + PAIRING_MS),
    });
  return { id, rev: write.rev };
}

const SIGNS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";

/** A code for whoever may run `./run` in the house's folder: lets one device in, which may set a new password. */
export async function ownersCode(household: Household): Promise<string> {
  const code = Array.from(randomBytes(10), (byte) => SIGNS[byte % SIGNS.length]).join("");
  await inTransaction(household.id, (write) =>
    store.insertPairing(write, {
      id: randomUUID(),
      codeHash: hashOf(code),
      personId: null,
      expiresAt: new Date(Date.now() + PAIRING_MS),
      owner: true,
    }),
  );
  return code;
}

export async function sendDeviceAway({ params }: Asked<SentAwayInput>, write: Write) {
  if ((await sendAway(write, { id: params.id })) === 0) throw notFound();
  await store.voidPairings(write);
  return { id: params.id, rev: write.rev };
}

/** Ends the sessions of all of a person's devices; the person stays. */
export async function sendPersonAway({ params }: Asked<SentAwayInput>, write: Write) {
  if (!(await personIsHere(write, params.id))) throw notFound();
  await sendAway(write, { personId: params.id });
  await store.voidPairings(write);
  return { id: params.id, rev: write.rev };
}

/** Who may come in, and at which addresses. */
export async function doorOf({
  household,
  deviceId,
  settings,
}: Pick<Asked<object>, "household" | "deviceId" | "settings">) {
  const [persons, devices] = await Promise.all([listPersons(household.id), listDevices(household.id)]);
  return {
    locked: household.passwordHash !== undefined,
    network: settings.network,
    persons,
    devices: devices.map((device) => ({ ...device, self: device.id === deviceId })),
    addresses: addressesHere(),
  };
}
