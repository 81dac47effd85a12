import { spawn, spawnSync } from "node:child_process";
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from "node:fs";
import net from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { freePort, houseOf, maySetLimits, pause, type House } from "../checks/house";
import { ask, lostAndDoubled, openBowl, writers } from "../checks/writer";

/** Houses of their own, started by ./run; each is removed in the end. */
test.describe.configure({ mode: "serial", timeout: 150_000 });
const PASSWORD = "a kettle of our own";
const root = process.getuid?.() === 0;
let house: House;
test.beforeAll(async () => {
  house = await houseOf({ dataDir: mkdtempSync(join(tmpdir(), "infusing house [1] ")) });
  mkdirSync(join(house.dataDir, "backups"));
  for (let day = 10; day < 20; day++) writeFileSync(join(house.dataDir, "backups", `daily-2020-01-${day}.sql.gz`), "");
  await house.start();
});
test.afterAll(async () => {
  await house.stop();
  await house.remove();
});

const lineOf = (env: Readonly<Record<string, string>>, ...args: string[]) => {
  const { status, stdout, stderr } = spawnSync("./run", args, {
    encoding: "utf8",
    env: { ...process.env, DATABASE_URL: "", DATA_DIR: join(tmpdir(), `infusing-line-${uuid()}`), ...env },
  });
  return { status, line: (stdout + stderr).trim() };
};

test("a folder with a space in its name is a house; a backup a day is made and seven are kept", async () => {
  expect((await ask(house.base, "GET", "heads")).status).toBe(200);
  await expect
    .poll(() => readdirSync(join(house.dataDir, "backups")).sort())
    .toEqual([
      ...Array.from({ length: 6 }, (_, i) => `daily-2020-01-${14 + i}.sql.gz`),
      expect.stringMatching(/^daily-20[2-9]\d-\d\d-\d\d\.sql\.gz$/),
    ]);
});

test("nobody else on the machine reads what the house writes; its database wants a password", async () => {
  expect(statSync(house.dataDir).mode & 0o777).toBe(0o700);
  const open: string[] = [];
  const walk = (path: string) => {
    for (const name of readdirSync(path)) {
      const at = join(path, name);
      const { mode } = statSync(at);
      if (statSync(at).isDirectory()) {
        if (name !== "database") walk(at);
        else expect(mode & 0o777).toBe(0o700);
      } else if (mode & 0o077) open.push(name);
    }
  };
  walk(house.dataDir);
  expect(open).toEqual([]);
  expect((await house.run("backup", join(house.dataDir, "other", "mine.sql.gz"))).status).toBe(0);
  expect(statSync(join(house.dataDir, "other", "mine.sql.gz")).mode & 0o777).toBe(0o600);
  const sql =
    "SELECT User FROM mysql.global_priv WHERE JSON_VALUE(Priv, '$.account_locked') IS NULL AND" +
    " COALESCE(JSON_VALUE(Priv, '$.authentication_string'), '') = '' AND JSON_QUERY(Priv, '$.auth_or') IS NULL";
  const { stdout, stderr } = spawnSync("mariadb", ["--no-defaults", "--socket=mariadbd.sock", "-N", "-e", sql], {
    cwd: join(house.dataDir, "database"),
    encoding: "utf8",
  });
  expect(stderr + stdout).toBe("");
  const dbPort = spawnSync(
    "sh",
    ["-c", `tr '\\0' '\\n' </proc/${house.pid("database")}/cmdline | sed -n 's/^--port=//p'`],
    { encoding: "utf8" },
  ).stdout.trim();
  for (const user of ["", "root", "infusing", "mysql"]) {
    expect(
      spawnSync(
        "mariadb",
        ["--no-defaults", "--protocol=tcp", "--host=127.0.0.1", `--port=${dbPort}`, `--user=${user}`, "-e", "SELECT 1"],
        { encoding: "utf8" },
      ).stderr,
    ).toMatch(/Access denied/);
  }
});

test("a second start of a folder that is being served says so, on whatever ports, and leaves it alone", async () => {
  const [PORT, DB_PORT] = [String(await freePort()), String(await freePort())];
  for (const env of [{ PORT, DB_PORT }, {}] as Record<string, string>[]) {
    const { status, line } = lineOf({ DATA_DIR: house.dataDir, ...env }, "start");
    expect(status).toBe(1);
    expect(line).toMatch(/^infusing: this household is being served already \(process \d+\)\.$/);
  }
  expect((await ask(house.base, "GET", "now")).status).toBe(200);
});

test("a setting that cannot be is one true line, and touches nothing of anybody's", async () => {
  const port = String(await freePort());
  const elsewhere = mkdtempSync(join(tmpdir(), "infusing-elsewhere-"));
  mkdirSync(join(elsewhere, "database"));
  writeFileSync(join(elsewhere, "database", "my-own.txt"), "mine");
  for (const [env, says] of [
    [{ PORT: "abc" }, /^infusing: PORT is “abc”; a port is a number from 1 to 65535\.$/],
    [{ PORT: "70000" }, /^infusing: PORT is “70000”/],
    [{ DB_PORT: "-1" }, /^infusing: DB_PORT is “-1”/],
    [{ DATABASE_URL: "nonsense", PORT: port }, /^infusing: DATABASE_URL is no address of a database; it looks like/],
    [{ DATABASE_URL: "http://127.0.0.1/x", PORT: port }, /^infusing: DATABASE_URL is no address/],
    [
      { DATABASE_URL: `mysql://a:b@127.0.0.1:${port}/x`, PORT: port },
      new RegExp(`^infusing: no database answers at 127\\.0\\.0\\.1:${port} \\(DATABASE_URL\\)\\.$`),
    ],
    [
      { DATABASE_URL: process.env.DATABASE_URL!.replace(/:[^:@/]+@/, ":wrong@"), PORT: port },
      /^infusing: the database at .* does not let “infusing” in \(DATABASE_URL\)\.$/,
    ],
    [
      { DATABASE_URL: process.env.DATABASE_URL!.replace(/\/\w+$/, "/elsewhere"), PORT: port },
      /^infusing: the database at .* has no “elsewhere”/,
    ],
    [{ DATA_DIR: "/proc/infusing", PORT: port }, /^infusing: cannot write to \/proc\/infusing/],
    [
      { DATA_DIR: elsewhere, PORT: port, DB_PORT: String(await freePort()) },
      /^infusing: .*database is there already and is no database of Infusing's; set DATA_DIR\.$/,
    ],
  ] as const) {
    const { status, line } = lineOf(env, "start");
    expect(
      line
        .split("\n")
        .filter((one) => !one.startsWith("npm warn"))
        .join("\n"),
      JSON.stringify(env),
    ).toMatch(says);
    expect(status).toBe(1);
  }
  expect(readFileSync(join(elsewhere, "database", "my-own.txt"), "utf8")).toBe("mine");
});

test("packages missing and no right to install them: one line says the command to run once", async () => {
  test.skip(!root || existsSync("/usr/sbin/mariadb-install-db"), "only root can become somebody else");
  // A machine with the usual programs and Node, without MariaDB.
  const bin = mkdtempSync(join(tmpdir(), "infusing-bin-"));
  spawnSync("chmod", ["755", bin]);
  for (const name of [
    "bash",
    "sh",
    "dirname",
    "realpath",
    "mkdir",
    "chmod",
    "id",
    "cat",
    "df",
    "awk",
    "sha256sum",
    "cut",
    "node",
    "apt-get",
    "flock",
    "setpriv",
  ]) {
    symlinkSync(spawnSync("sh", ["-c", `command -v ${name}`], { encoding: "utf8" }).stdout.trim(), join(bin, name));
  }
  const { stdout, stderr, status } = spawnSync(
    "setpriv",
    ["--reuid=65534", "--regid=65534", "--clear-groups", "./run", "backup"],
    {
      encoding: "utf8",
      env: {
        ...process.env,
        PATH: bin,
        DATABASE_URL: undefined,
        DATA_DIR: join(tmpdir(), `infusing-nobody-${uuid()}`),
      },
    },
  );
  const said =
    /^infusing: missing here: ([\w -]+); run once as root: apt-get install --no-install-recommends ([\w -]+)\n$/;
  const [, missing, install] = said.exec(stdout + stderr) ?? [];
  expect(missing).toContain("mariadb-server");
  expect(install).toBe(missing);
  expect(status).toBe(1);
});

/** A user's processes; what has ended and only waits to be counted by its parent runs no more. */
const running = (user: string): string[] =>
  spawnSync("ps", ["-u", user, "-o", "stat=,args="])
    .stdout.toString()
    .split("\n")
    .filter((line) => line !== "" && !line.startsWith("Z"));

test("any user starts it from a clone of their own", async () => {
  test.skip(!root || spawnSync("useradd", ["--help"]).status !== 0, "only root can make a user for this");
  const [user, folder] = ["infusingtest", mkdtempSync(join(tmpdir(), "infusing-clone-"))];
  try {
    spawnSync("useradd", ["--no-create-home", "--home-dir", folder, user]);
    // The tree as it is, with what an install and a build made of it, so that only the start itself is new.
    const made = spawnSync(
      "bash",
      [
        "-c",
        `set -e; git clone -q . "$0"; git ls-files -co --exclude-standard -z | tar --null --ignore-failed-read -T` +
          ` - -c 2>/dev/null | tar -x -C "$0"; for one in node_modules .next; do cp -al "$one" "$0/" 2>/dev/null ||` +
          ` cp -a "$one" "$0/"; done; chown ${user} "$0"; find "$0" -path "$0/node_modules" -prune -o -path` +
          ` "$0/.next" -prune -o -print0 | xargs -0 chown ${user}`,
        folder,
      ],
      { encoding: "utf8" },
    );
    expect(made.stderr).toBe("");
    const theirs = await houseOf({
      folder,
      user,
      dataDir: join(folder, ".data"),
      env: { HOME: folder, GIT_CONFIG_COUNT: "0" },
    });
    await theirs.start();
    expect(statSync(join(folder, ".data", "database")).uid).not.toBe(0);
    expect(await openBowl(theirs.base)).toMatch(/-/);
    expect(theirs.said()).not.toContain("building");
    await theirs.stop();
    // Nothing is left behind: no socket, no pid, no process.
    expect(readdirSync(join(folder, ".data", "database")).filter((name) => /\.(sock|pid)$/.test(name))).toEqual([]);
    await expect.poll(() => running(user), { timeout: 3000 }).toEqual([]);
  } finally {
    spawnSync("pkill", ["-9", "-u", user]);
    spawnSync("userdel", [user]);
    spawnSync("rm", ["-rf", folder]);
  }
});

test("a disk that fills up: reads go on, writes are refused with a line, and it all comes back", async () => {
  test.skip(!maySetLimits(), "this machine lets nobody make a small disk of their own");
  const full = await houseOf({ diskMb: 640 });
  try {
    await full.start();
    const batchId = await openBowl(full.base);
    expect(full.fill()).toBe(0);
    const ticks = () =>
      readFileSync(`/proc/${full.pid("server")}/stat`, "utf8")
        .split(" ")
        .slice(13, 15)
        .reduce((sum, one) => sum + Number(one), 0);
    const before = ticks();
    for (let i = 0; i < 20; i++) {
      const refused = await ask(full.base, "POST", "heads", {
        id: uuid(),
        name: "No room",
        hair: { longest: { cm: 40 }, amount: { strands: "medium" } },
      });
      expect(refused).toMatchObject({ status: 507, body: { title: expect.stringContaining("almost no room left") } });
      expect((await ask(full.base, "GET", `batches/${batchId}`)).status).toBe(200);
      expect((await fetch(`${full.base}/log`)).status).toBe(200);
      await pause(100);
    }
    expect((ticks() - before) / 100).toBeLessThan(4); // seconds of work in those that passed
    const elsewhere = join(mkdtempSync(join(tmpdir(), "infusing-elsewhere-")), "book.sql.gz");
    expect((await full.run("backup", elsewhere)).out).toContain("the book is in");
    expect(
      spawnSync("sh", ["-c", `zcat '${elsewhere}' | grep -c 'INSERT INTO'`], { encoding: "utf8" }).stdout.trim(),
    ).not.toBe("0");
    // Even a database that ends meanwhile comes back by itself once there is room.
    full.kill("database");
    await pause(2500);
    expect(statSync(full.inside("server.log")).size).toBeLessThan(3_000_000);
    full.unfill();
    await full.reads(70_000);
    expect(
      (
        await ask(full.base, "POST", `batches/${batchId}/events`, {
          events: [
            {
              id: uuid(),
              payload: { kind: "poured", ml: 5 },
              deviceSeq: 1,
              revSeen: 0,
              deviceClock: new Date().toISOString(),
            },
          ],
        })
      ).status,
    ).toBe(200);
    expect((await ask(full.base, "GET", `batches/${batchId}`)).body.state).toMatchObject({ pouredMl: 5 });
  } finally {
    await full.stop();
    await full.remove();
  }
});

test("what comes in over the wire and is not ours is refused in seconds, and its connection closed", async () => {
  const raw = (text: string | Buffer, more?: () => void) =>
    new Promise<{ said: string; ms: number }>((done) => {
      const from = Date.now();
      let said = "";
      const socket = net.connect(Number(new URL(house.base).port), "127.0.0.1", () => {
        socket.write(text);
        more?.();
      });
      socket.on("data", (part) => {
        said += part.toString("latin1");
      });
      socket.on("error", () => undefined);
      socket.on("close", () => done({ said, ms: Date.now() - from }));
    });
  const head = (first: string, ...lines: string[]) => `${[first, "Host: 127.0.0.1", ...lines].join("\r\n")}\r\n\r\n`;
  for (const [text, status] of [
    [
      head(
        "GET / HTTP/1.1",
        "Connection: Upgrade",
        "Upgrade: websocket",
        "Sec-WebSocket-Key: x",
        "Sec-WebSocket-Version: 13",
      ),
      400,
    ],
    [head("GET /_next/webpack-hmr HTTP/1.1", "Connection: Upgrade", "Upgrade: h2c"), 400],
    // Again and again: an answer must not be lost with the connection while much is still on its way.
    ...Array.from(
      { length: 20 },
      () =>
        [
          head("POST /api/v1/heads HTTP/1.1", "Content-Type: application/json", "Transfer-Encoding: chunked") +
            `ffff\r\n${"x".repeat(65_535)}\r\n`.repeat(300) +
            "0\r\n\r\n",
          411,
        ] as const,
    ),
    [head("POST /api/v1/imports HTTP/1.1", "Content-Type: application/json", "Content-Length: 99999999"), 413],
    [head("TRACE / HTTP/1.1", "Connection: close"), 405],
    [head("OPTIONS /api/v1/heads HTTP/1.1", "Connection: close"), 405],
    [head("DELETE /api/v1/heads HTTP/1.1", "Connection: close"), 405],
    ["nonsense\r\n\r\n", 400],
  ] as const) {
    const { said, ms } = await raw(text);
    expect(said.split("\r\n")[0], text.slice(0, 60)).toMatch(new RegExp(`^HTTP/1.1 ${status} `));
    expect(ms).toBeLessThan(5000);
  }
});

test.describe("the door and the book", () => {
  let cookie = "";
  const knock = (form: Record<string, string>, headers: Record<string, string> = {}) =>
    fetch(`${house.base}/enter`, {
      method: "POST",
      redirect: "manual",
      headers: { "content-type": "application/x-www-form-urlencoded", ...headers },
      body: new URLSearchParams({ name: "a test", ...form }),
    });
  const cookieOf = (answer: Response) => answer.headers.get("set-cookie")?.split(";")[0] ?? "";
  const codeOf = (text: string) => /([A-Z0-9]{5}) ([A-Z0-9]{5})/.exec(text)!.slice(1).join("");

  test("./run code says that an open house needs none", async () => {
    expect((await house.run("code")).out).toContain("it is open: http://127.0.0.1:");
  });

  test("restoring while four devices write loses nothing acknowledged, and refuses meanwhile with a line", async () => {
    const batchId = await openBowl(house.base);
    const at = writers(house.base, batchId);
    await at.more(40);
    const file = join(house.dataDir, "now.sql.gz");
    const inFile = new Set(at.acknowledged);
    expect((await house.run("backup", file)).status).toBe(0);
    await at.more(10);
    expect((await house.run("restore", file)).out).toContain("the book is as it was in");
    await at.more(20);
    await at.stop();
    expect([...at.refused.keys()].filter((status) => status >= 500 && status !== 503)).toEqual([]);
    // What was acknowledged between the backup and the restore is in the backup that the restore made of it.
    const before = readdirSync(join(house.dataDir, "backups"))
      .filter((name) => name.startsWith("before-restore"))
      .at(-1)!;
    const kept = spawnSync("sh", ["-c", `zcat '${join(house.dataDir, "backups", before)}'`], {
      encoding: "utf8",
      maxBuffer: 2 ** 28,
    }).stdout;
    const { body } = await ask(house.base, "GET", `batches/${batchId}`);
    const now = new Set((body.events as { id: string }[]).map(({ id }) => id));
    expect([...at.acknowledged].filter((id) => !now.has(id) && !kept.includes(id))).toEqual([]);
    expect(await lostAndDoubled(house.base, batchId, inFile)).toEqual({ lost: 0, doubled: 0 });
  });

  test("a dump that broke off between two statements is refused, and one of nothing", async () => {
    const [file, cut, empty] = ["now.sql.gz", "cut.sql.gz", "empty.sql.gz"].map((name) => join(house.dataDir, name));
    spawnSync("sh", [
      "-c",
      `n=$(zcat '${file}' | grep -n 'CREATE TABLE .stock_move' | cut -d: -f1); zcat '${file}' | head -n $((n -` +
        ` 1)) | gzip >'${cut}'; echo | gzip >'${empty}'`,
    ]);
    expect((await house.run("restore", cut)).out).toMatch(/broke off before its end; nothing was changed/);
    expect((await house.run("restore", empty)).out).toMatch(/holds no household; nothing was changed/);
    expect((await ask(house.base, "GET", "heads")).status).toBe(200);
  });

  test("wrong guesses keep out whoever guesses: neither a code nor a device that is in waits for them", async () => {
    test.setTimeout(120_000);
    const set = await fetch(`${house.base}/api/v1/door/password`, {
      method: "PUT",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ password: PASSWORD }),
    });
    expect(set.status).toBe(200);
    cookie = cookieOf(set);
    const code = codeOf((await house.run("code")).out);
    // What a client says of where it comes from is not believed.
    for (let i = 0; i < 5; i++)
      expect(
        (await knock({ password: "wrong" }, { "x-infusing-address": `10.0.0.${i}`, "x-forwarded-for": `10.0.0.${i}` }))
          .status,
      ).toBe(401);
    // The wait doubles: guessed on until it outlasts what follows, on however slow a machine.
    for (let waitS = 0; waitS < 16;) {
      const { status, headers } = await knock({ password: "wrong" });
      if (status !== 429) continue;
      waitS = Number(headers.get("retry-after"));
      if (waitS < 16) await new Promise((resolve) => setTimeout(resolve, waitS * 1000));
    }
    expect((await knock({ password: PASSWORD })).status).toBe(429);
    const change = (current: string) =>
      ask(house.base, "PUT", "door/password", { current, password: PASSWORD }, { cookie });
    expect((await change("wrong")).status).toBe(401);
    expect((await knock({ code: "AAAAA AAAAA" })).status).toBe(429);
    const entered = await knock({ code });
    expect(entered.status).toBe(303);
    expect((await ask(house.base, "GET", "heads", undefined, { cookie: cookieOf(entered) })).status).toBe(200);
    expect((await knock({ code })).status).toBe(429); // once
  });

  test("./run code is the way past a forgotten password", async () => {
    const entered = cookieOf(await knock({ code: codeOf((await house.run("code")).out) }));
    expect((await ask(house.base, "GET", "door", undefined, { cookie: entered })).body.devices).toContainEqual(
      expect.objectContaining({ self: true, resets: true }),
    );
    const answer = await fetch(`${house.base}/api/v1/door/password`, {
      method: "PUT",
      headers: { "content-type": "application/json", cookie: entered },
      body: JSON.stringify({ password: "another kettle" }),
    });
    expect(answer.status).toBe(200);
    cookie = cookieOf(answer);
    // Only the first time: after that it is a device like the others, which were sent away.
    expect((await ask(house.base, "PUT", "door/password", { password: "a third kettle" }, { cookie })).status).toBe(
      422,
    );
  });

  test("a device that is sent away writes nothing more, also not what was waiting for its turn", async () => {
    const batchId = String(
      ((await ask(house.base, "GET", "batches", undefined, { cookie })).body.batches as { id: string }[])[0].id,
    );
    const other = cookieOf(await knock({ code: codeOf((await house.run("code")).out) }));
    const tap = () =>
      ask(
        house.base,
        "POST",
        `batches/${batchId}/events`,
        {
          events: [
            {
              id: uuid(),
              payload: { kind: "noted", text: "after I had gone" },
              deviceSeq: 1,
              revSeen: 0,
              deviceClock: new Date().toISOString(),
            },
          ],
        },
        { cookie: other },
      );
    expect((await tap()).status).toBe(200);
    // A lock on the house's row, as a long write holds it: the sending away and six taps queue behind it, in this
    // order.
    const holder = lockHousehold(house, 2500);
    await pause(700);
    const away = ask(
      house.base,
      "PUT",
      `devices/${other.split("=")[1].split(".")[0]}/away`,
      { sentAway: true },
      { cookie },
    );
    await pause(400);
    const taps = await Promise.all(Array.from({ length: 6 }, tap));
    await holder;
    expect((await away).status).toBe(200);
    expect(taps.map(({ status }) => status)).toEqual([401, 401, 401, 401, 401, 401]);
  });

  test("an older backup lets nobody in who was sent away since; password and devices of now stay", async () => {
    const older = join(house.dataDir, "older.sql.gz");
    const gone = cookieOf(await knock({ code: codeOf((await house.run("code")).out) }));
    expect((await house.run("backup", older)).status).toBe(0);
    expect(
      (await ask(house.base, "PUT", `devices/${gone.split("=")[1].split(".")[0]}/away`, { sentAway: true }, { cookie }))
        .status,
    ).toBe(200);
    const later = cookieOf(await knock({ code: codeOf((await house.run("code")).out) }));
    expect((await house.run("restore", older)).out).toContain("the password and the devices are as they were");
    expect((await ask(house.base, "GET", "heads", undefined, { cookie: gone })).status).toBe(401);
    for (const one of [cookie, later])
      expect((await ask(house.base, "GET", "heads", undefined, { cookie: one })).status).toBe(200);
    // A backup from before there was a password opens no door either.
    expect((await house.run("restore", join(house.dataDir, "now.sql.gz"))).out).toContain("the book is as it was");
    expect((await ask(house.base, "GET", "heads")).status).toBe(401);
    expect((await ask(house.base, "GET", "heads", undefined, { cookie })).status).toBe(200);
  });

  test("no name and no note stands in a log", () => {
    const logs = readdirSync(house.dataDir)
      .filter((name) => /\.log/.test(name))
      .map((name) => readFileSync(join(house.dataDir, name), "utf8"))
      .join("\n");
    for (const word of ["after I had gone", "A head", PASSWORD, "another kettle"]) expect(logs).not.toContain(word);
  });

  test("killed like a power cut, all of it ends, and starts again with everything", async () => {
    const [run, server, db] = (["run", "server", "database"] as const).map((which) => house.pid(which));
    house.kill("run");
    await expect
      .poll(
        () =>
          [run, server, db].filter(
            (pid) => existsSync(`/proc/${pid}/exe`) && !/\) Z /.test(readFileSync(`/proc/${pid}/stat`, "utf8")),
          ),
        { timeout: 20_000 },
      )
      .toEqual([]);
    await house.start();
    expect((await ask(house.base, "GET", "heads", undefined, { cookie })).status).toBe(200);
  });

  test("a book that a newer Infusing kept is left as it is", async () => {
    sqlIn(house, "INSERT INTO infusing.knex_migrations (name, batch, migration_time) VALUES ('999_later', 99, NOW())");
    const { out, status } = await house.run("code");
    expect(out.trim().split("\n").at(-1)).toBe(
      "infusing: This book was kept by a newer Infusing than this one; it is left as it is. Start the newer one.",
    );
    expect(status).toBe(1);
    // Nor does a backup of it take the place of the book that is here.
    const newer = join(house.dataDir, "newer.sql.gz");
    expect((await house.run("backup", newer)).status).toBe(0);
    sqlIn(house, "DELETE FROM infusing.knex_migrations WHERE name = '999_later'");
    const refused = await house.run("restore", newer);
    expect(refused.out).toContain("This book was kept by a newer Infusing");
    expect(refused.out).toContain("infusing: the book is as it was.");
    expect((await ask(house.base, "GET", "heads", undefined, { cookie })).status).toBe(200);
  });
});

function sqlIn({ dataDir }: House, sql: string): void {
  const { stderr } = spawnSync("mariadb", ["--no-defaults", "--socket=mariadbd.sock", "-e", sql], {
    cwd: join(dataDir, "database"),
    encoding: "utf8",
  });
  if (stderr) throw new Error(stderr);
}

async function lockHousehold(of: House, ms: number): Promise<void> {
  const child = spawn(
    "mariadb",
    [
      "--no-defaults",
      "--socket=mariadbd.sock",
      "infusing",
      "-e",
      `BEGIN; SELECT id FROM household FOR UPDATE; DO SLEEP(${ms / 1000}); COMMIT`,
    ],
    { cwd: join(of.dataDir, "database"), stdio: "ignore" },
  );
  await new Promise((done) => child.on("close", done));
}
