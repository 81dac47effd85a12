import { hostname } from "node:os";

const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|\[::1\])$/;
const ADDRESS = /^(\d{1,3}(\.\d{1,3}){3}|\[[0-9a-f:]+\])$/i;
const nameIn = (host: string | null): string => URL.parse(`http://${host ?? ""}`)?.hostname ?? "";

/** A name that nobody else can point at this machine: an address itself, or its own name. */
export function isOwnName(host: string | null): boolean {
  const name = nameIn(host);
  return LOOPBACK.test(name) || ADDRESS.test(name) || [hostname(), `${hostname()}.local`].includes(name);
}

/** Asked for on this very machine. */
export const isHere = (host: string | null): boolean => LOOPBACK.test(nameIn(host));
