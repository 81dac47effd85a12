import { createHash, randomBytes, randomUUID } from "node:crypto";
import { isUuid } from "@/core/text";
import { deviceByToken } from "@/store/devices";
import { HERE } from "@/store/door";
import { theHousehold, type Household, type Settings } from "@/store/household";

/** Who asks: this house's household, and the device. A stranger is nobody until a password or a code lets it in. */
export interface Session {
  readonly household: Household;
  readonly settings: Settings;
  readonly deviceId: string;
  readonly personId: string | null;
  /** The cookie was not there yet. */
  readonly fresh: boolean;
  /** What it came in by, where the house is locked. */
  readonly tokenHash?: string;
  /** It may set a password without the one there was. */
  readonly resets: boolean;
}

export const DEVICE_COOKIE = "infusing_device";
const YEAR_S = 31_536_000;

export const hashOf = (secret: string): string => createHash("sha256").update(secret).digest("hex");
export const newToken = (): string => randomBytes(32).toString("base64url");
/** Not `Secure`: on the house's network there is no HTTPS. */
export const deviceCookie = (id: string, token?: string): string =>
  `${DEVICE_COOKIE}=${token ? `${id}.${token}` : id}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${YEAR_S}`;

/** What a device shows: the cookie of a browser, or the same as a bearer token of a program. */
function shown(headers: Headers): { id?: string; token?: string } {
  const bearer = /^Bearer ([\w.-]+)$/.exec(headers.get("authorization") ?? "")?.[1];
  const value =
    bearer ?? new RegExp(`(?:^|;\\s*)${DEVICE_COOKIE}=([^;]+)`).exec(headers.get("cookie") ?? "")?.[1] ?? "";
  const [id, token] = value.split(".");
  return { id: isUuid(id) ? id : undefined, token };
}

/** True where this copy was started to answer on more than this machine, as `./run` tells it. */
export const onNetwork = (): boolean => (process.env.LISTEN_HOST ?? "127.0.0.1") !== "127.0.0.1";

/**
 * Who asks; undefined where there is no household, "stranger" where its door is locked and the device has no session.
 * With an open door the server listens on this machine only, and every device is at home.
 */
export async function sessionOf(headers: Headers): Promise<Session | "stranger" | undefined> {
  const found = await theHousehold();
  if (!found) return undefined;
  const { household, settings } = found;
  const { id, token } = shown(headers);
  // A book without a password that came in while the network was listened on is nobody's to read.
  if (household.passwordHash === undefined && onNetwork()) return "stranger";
  if (household.passwordHash === undefined)
    return {
      household,
      settings,
      deviceId: id ?? randomUUID(),
      personId: null,
      fresh: id === undefined,
      resets: false,
    };
  const tokenHash = token ? hashOf(token) : undefined;
  const device = tokenHash ? await deviceByToken(household.id, tokenHash) : undefined;
  return device && device.id === id
    ? {
        household,
        settings,
        deviceId: device.id,
        personId: device.personId,
        fresh: false,
        tokenHash,
        resets: device.resets,
      }
    : "stranger";
}

const LOOPBACK = /^(127(\.\d{1,3}){3}|::1)$/;
/**
 * Where a request came from, as tries at the door are counted: this machine, an IPv4 address, or the network of an IPv6
 * one.
 */
export function addressOf(headers: Headers): string {
  // Set by the server itself, which lets no client say it.
  const address = headers.get("x-infusing-address") ?? "";
  if (address === "" || LOOPBACK.test(address)) return HERE;
  return address.includes(":")
    ? `${address.split("%")[0].split(":").slice(0, 4).join(":")}::/64`
    : address.slice(0, 64);
}
