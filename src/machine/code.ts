import { networkInterfaces } from "node:os";
import { ownersCode } from "@/server/door";
import { closeDatabase } from "@/store/connection";
import { theHousehold } from "@/store/household";

/** `./run code`: who may run it in this folder may always come in. */
async function main(): Promise<void> {
  const port = process.env.PORT ?? "4516";
  const found = await theHousehold();
  if (!found) throw new Error("There is no household yet.");
  if (found.household.passwordHash === undefined) {
    console.log(`The house has no password; on this machine it is open: http://127.0.0.1:${port}`);
  } else {
    const code = await ownersCode(found.household);
    const hosts = [
      "127.0.0.1",
      ...(found.settings.network
        ? Object.values(networkInterfaces())
            .flat()
            .flatMap((one) => (one && !one.internal && one.family === "IPv4" ? [one.address] : []))
        : []),
    ];
    console.log(
      `\n  ${code.slice(0, 5)} ${code.slice(5)}   good for one device, for ten minutes; it may also set a new` +
        ` password\n`,
    );
    for (const host of hosts) console.log(`  http://${host}:${port}/enter?code=${code}`);
    console.log();
  }
  await closeDatabase();
}

main().catch((error: unknown) => {
  console.error(`infusing: ${error instanceof Error ? error.message : String(error)}`);
  process.exit(1);
});
