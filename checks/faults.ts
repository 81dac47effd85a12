import { spawnSync } from "node:child_process";
import { existsSync, readdirSync, writeFileSync } from "node:fs";
import { cpus } from "node:os";
import { join } from "node:path";
import { houseOf, maySetLimits, pause, type House } from "./house";
import { ask, lostAndDoubled, openBowl, writers } from "./writer";

/**
 * `./run faults`: what was killed, filled or put back while four devices wrote, how often, and what of the acknowledged
 * taps was lost or doubled.
 */
const FILE = "docs/faults.md";
const ROUNDS = { server: 18, database: 20, run: 14 } as const;
const FULL_DISKS = 3;
const RESTORES = 10;

interface Row {
  readonly what: string;
  readonly times: number;
  readonly acknowledged: number;
  readonly lost: number;
  readonly doubled: number;
}
const rows: Row[] = [];
const say = (line: string) => console.log(`· ${new Date().toISOString().slice(11, 19)} ${line}`);
const note = (row: Row) => {
  rows.push(row);
  say(
    `${row.what}: ${row.times} times, ${row.acknowledged} taps acknowledged, ${row.lost} lost, ${row.doubled} doubled`,
  );
};

async function inHouse(settings: Parameters<typeof houseOf>[0], use: (house: House) => Promise<void>): Promise<void> {
  const house = await houseOf(settings);
  try {
    await house.start();
    await use(house);
  } finally {
    await house.stop();
    await house.remove();
  }
}

/** Ids that an earlier restore had taken out of the book, as it should. */
const lostBefore = new Set<string>();
const must = ({ status, out }: { readonly status: number | null; readonly out: string }): void => {
  if (status !== 0) throw new Error(out);
};
const idsThere = async ({ base }: House, batchId: string): Promise<string[]> =>
  ((await ask(base, "GET", `batches/${batchId}`)).body.events ?? []).map(({ id }) => id);
const backupsText = ({ dataDir }: House): string =>
  readdirSync(join(dataDir, "backups"))
    .filter((name) => name.startsWith("before-restore"))
    .map((name) => spawnSync("zcat", [join(dataDir, "backups", name)], { encoding: "utf8", maxBuffer: 2 ** 29 }).stdout)
    .join("");
async function goneFrom(pids: readonly number[]): Promise<void> {
  for (let i = 0; i < 200 && pids.some((pid) => existsSync(`/proc/${pid}/exe`)); i++) await pause(100);
}

const NAME = {
  server: "the server killed (`kill -9`)",
  database: "the database killed (`kill -9`), started again by `./run`",
  run: "`./run` itself killed (`kill -9`), as a power cut would",
} as const;

await inHouse({}, async (house) => {
  const batchId = await openBowl(house.base);
  for (const which of ["server", "database", "run"] as const) {
    const at = writers(house.base, batchId);
    for (let i = 0; i < ROUNDS[which]; i++) {
      await at.more(12);
      // A database that dies again and again is given longer and longer; here it dies of us alone.
      if (which === "database") await pause(6500);
      // At another moment of a write each time.
      await pause((i * 37) % 90);
      const pids = (["run", "server", "database"] as const).map((one) => house.pid(one));
      house.kill(which);
      if (which !== "database") {
        await goneFrom(pids);
        await house.start();
      } else await house.reads(90_000);
    }
    await at.more(12);
    await at.stop();
    note({
      what: NAME[which],
      times: ROUNDS[which],
      acknowledged: at.acknowledged.size,
      ...(await lostAndDoubled(house.base, batchId, at.acknowledged)),
    });
  }
});

if (maySetLimits()) {
  await inHouse({ diskMb: 640 }, async (house) => {
    const batchId = await openBowl(house.base);
    const at = writers(house.base, batchId);
    for (let i = 0; i < FULL_DISKS; i++) {
      await at.more(30);
      if (house.fill() !== 0) throw new Error("The disk could not be filled.");
      await pause(4000);
      // Once the database is killed besides: it waits for room.
      if (i === FULL_DISKS - 1) house.kill("database");
      await pause(3000);
      house.unfill();
      await house.reads(90_000);
    }
    await at.more(30);
    await at.stop();
    note({
      what: "the disk filled to the last byte (the last time with the database killed besides)",
      times: FULL_DISKS,
      acknowledged: at.acknowledged.size,
      ...(await lostAndDoubled(house.base, batchId, at.acknowledged)),
    });
  });
} else say("this machine lets nobody make a small disk of their own: the full disks are left out");

await inHouse({}, async (house) => {
  const batchId = await openBowl(house.base);
  const at = writers(house.base, batchId);
  const file = join(house.dataDir, "book.sql.gz");
  let [lost, doubled] = [0, 0];
  for (let i = 0; i < RESTORES; i++) {
    await at.more(20);
    const inFile = new Set(at.acknowledged);
    must(await house.run("backup", file));
    await at.more(10);
    must(await house.run("restore", file));
    await at.more(10);
    const count = await lostAndDoubled(house.base, batchId, new Set([...inFile].filter((id) => !lostBefore.has(id))));
    doubled += count.doubled;
    lost += count.lost;
    // Whatever is not in the book that was put back is in the backup that the restore made first.
    // They go on writing: what is acknowledged from here on may come after the book is read.
    const known = [...at.acknowledged];
    const there = new Set(await idsThere(house, batchId));
    const kept = backupsText(house);
    for (const id of known)
      if (!there.has(id)) {
        lostBefore.add(id);
        if (!kept.includes(id)) lost++;
      }
  }
  await at.stop();
  note({
    what:
      "an older backup put back while four devices write; lost is what is in neither the book nor the backup that" +
      " the restore makes",
    times: RESTORES,
    acknowledged: at.acknowledged.size,
    lost,
    doubled,
  });
});

const commit = spawnSync("git", ["rev-parse", "--short", "HEAD"], { encoding: "utf8" }).stdout.trim();
const day = new Date().toISOString().slice(0, 10);
const sum = (key: "times" | "acknowledged" | "lost" | "doubled") => rows.reduce((total, row) => total + row[key], 0);
writeFileSync(
  FILE,
  `# What was killed, filled and put back

Made by \`./run faults\`, which anybody can run; it takes about a quarter of an hour. Four devices pour into one bowl,
a ml at a time, each sending a tap again until the house acknowledges it. A tap counts as lost when it was acknowledged
and is not there, as doubled when it is there twice or was poured twice. On ${cpus().length} cores, at ${commit},
${day}.

| What happened while they wrote | times | taps acknowledged | lost | doubled |
|---|--:|--:|--:|--:|
${rows.map((row) => `| ${row.what} | ${row.times} | ${row.acknowledged} | ${row.lost} | ${row.doubled} |`).join("\n")}
| **all** | ${sum("times")} | ${sum("acknowledged")} | **${sum("lost")}** | **${sum("doubled")}** |
`,
);
say(`${FILE} is written`);
process.exit(sum("lost") + sum("doubled") === 0 ? 0 : 1);
