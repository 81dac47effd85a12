import { networkInterfaces } from "node:os";
import { isHere } from "./ownName";
import { onNetwork } from "./session";

/** This machine's addresses on the house's network. */
export const addressesHere = (): string[] =>
  Object.values(networkInterfaces())
    .flat()
    .filter((one) => one && !one.internal && one.family === "IPv4")
    .map((one) => one!.address);

/**
 * Where phones on the house's network reach it; undefined where none does yet.
 * @param host as this page was asked for, which is an address of the network where it is none of this machine alone
 */
export function originForPhones(host: string): string | undefined {
  if (!onNetwork()) return undefined;
  if (!isHere(host)) return `http://${host}`;
  const [address] = addressesHere();
  const port = URL.parse(`http://${host}`)?.port;
  return address && `http://${address}${port ? `:${port}` : ""}`;
}
