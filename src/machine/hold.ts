import { createInterface } from "node:readline";
import { connect } from "@/store/connection";
import { doorNow, putDoor } from "@/store/door";
import { HOLD_NAME } from "@/store/transaction";

/**
 * `./run restore` puts a book back while this holds every write off: says "held" once no write is under way and none
 * can begin, waits for "done", then gives the book that was put back the door of now, and says "kept". However it ends,
 * its connection takes the hold with it.
 */
async function main(): Promise<void> {
  const knex = connect();
  const held = await knex.client.acquireConnection();
  const [[lock]] = await held.promise().query(`SELECT GET_LOCK(${HOLD_NAME}, 30) AS got`);
  if (lock.got !== 1) throw new Error("another restore is under way");
  // Whoever writes has a household's row; when all rows were had once, nobody is writing, and who comes now sees the
  // hold.
  await knex.transaction(async (trx) => {
    await trx("household").select("id").forUpdate();
  });
  const door = await doorNow(knex);
  console.log("held");
  for await (const line of createInterface({ input: process.stdin })) {
    if (line !== "done") continue;
    await putDoor(knex, door);
    console.log("kept");
    break;
  }
  await knex.client.releaseConnection(held);
  await knex.destroy();
  process.exit(0);
}

main().catch((error: unknown) => {
  console.log(error instanceof Error ? error.message : String(error));
  process.exit(1);
});
