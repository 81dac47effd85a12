import { spawn, spawnSync, type ChildProcess } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, rmSync, statfsSync } from "node:fs";
import { createServer, type AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";

/**
 * A house of its own beside the one that is being tested, started by `./run` as anybody would, which may be killed and
 * filled.
 */
export interface House {
  readonly base: string;
  readonly dataDir: string;
  /** What `./run` said so far. */
  readonly said: () => string;
  /** Waits until it answers at all, with a book or without. */
  readonly answers: (longestMs?: number) => Promise<void>;
  /** Waits until it answers with its book. */
  readonly reads: (longestMs?: number) => Promise<void>;
  readonly start: () => Promise<void>;
  /** Ctrl-C; waits for the end. */
  readonly stop: () => Promise<void>;
  /** `kill -9` of one of its processes. */
  readonly kill: (which: "run" | "server" | "database") => void;
  readonly pid: (which: "run" | "server" | "database") => number;
  /** Where the house's data are as this process sees them. */
  readonly inside: (name: string) => string;
  /** Fills the small disk to the last byte; answers how many are free then. */
  readonly fill: () => number;
  readonly unfill: () => void;
  /** Another command in the same folder, such as `backup`. */
  readonly run: (...args: string[]) => Promise<{ readonly status: number | null; readonly out: string }>;
  readonly remove: () => Promise<void>;
}

export const freePort = (): Promise<number> =>
  new Promise((done) => {
    const server = createServer().listen(0, "127.0.0.1", () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => done(port));
    });
  });
export const pause = (ms: number): Promise<void> => new Promise((go) => setTimeout(go, ms));

async function until(
  what: string,
  longestMs: number,
  is: () => Promise<boolean> | boolean,
  ended: () => string | undefined = () => undefined,
): Promise<void> {
  for (const from = Date.now(); Date.now() - from < longestMs; await pause(150)) {
    if (await is()) return;
    const why = ended();
    if (why !== undefined) throw new Error(why);
  }
  throw new Error(`${what}: not within ${longestMs / 1000} s`);
}

/** Whether this machine lets a process make a file system of its own. */
export const maySetLimits = (): boolean =>
  spawnSync("unshare", ["--user", "--map-root-user", "--mount", "sh", "-c", "mount -t tmpfs -o size=1m tmpfs /mnt"])
    .status === 0;

interface Settings {
  readonly what?: "start" | "demo";
  /** Puts the house's data on a disk of so many MB. */
  readonly diskMb?: number;
  readonly env?: Readonly<Record<string, string>>;
  readonly folder?: string;
  /** Another user, where this one is root. */
  readonly user?: string;
  readonly dataDir?: string;
}

/** Everything but who started this very process, so that nothing of its own house leaks into the other. */
const plainEnv = (): NodeJS.ProcessEnv => {
  const {
    DATABASE_URL: _a,
    DB_DIR: _b,
    DB_PORT: _c,
    DB_SOCKET: _d,
    OWN_DATABASE: _e,
    GUARD_PID: _f,
    PORT: _g,
    DATA_DIR: _h,
    LISTEN_HOST: _i,
    RESULTS: _j,
    NODE_ENV: _k,
    ...env
  } = process.env;
  return env as NodeJS.ProcessEnv;
};

export async function houseOf({
  what = "start",
  diskMb,
  env = {},
  folder = process.cwd(),
  user,
  dataDir: given,
}: Settings = {}): Promise<House> {
  const dataDir = given ?? mkdtempSync(join(tmpdir(), "infusing-house-"));
  const [port, dbPort] = [await freePort(), await freePort()];
  const base = `http://127.0.0.1:${port}`;
  const allEnv = { ...plainEnv(), PORT: String(port), DB_PORT: String(dbPort), DATA_DIR: dataDir, ...env };
  let child: ChildProcess | undefined;
  let said = "";
  /** `./run`, as that user, on that disk. */
  const command = (args: readonly string[]): [string, string[]] => {
    const own: [string, string[]] = ["./run", [...args]];
    if (diskMb !== undefined)
      return [
        "unshare",
        [
          "--user",
          "--map-root-user",
          "--mount",
          "sh",
          "-c",
          'mount -t tmpfs -o "size=$0m" tmpfs "$DATA_DIR" && exec "$@"',
          String(diskMb),
          own[0],
          ...own[1],
        ],
      ];
    if (user) return ["setpriv", [`--reuid=${user}`, `--regid=${user}`, "--init-groups", own[0], ...own[1]]];
    return own;
  };
  const inside = (path: string): string =>
    diskMb === undefined || !child?.pid ? path : `/proc/${child.pid}/root${path}`;
  const status = () =>
    fetch(`${base}/api/v1/now`, { signal: AbortSignal.timeout(3000) }).then(
      (answer) => answer.status,
      () => 0,
    );
  const ended = () => (child?.exitCode != null ? `./run ended: ${said}` : undefined);
  const answers = (longestMs = 60_000) => until("an answer", longestMs, async () => (await status()) !== 0, ended);
  const reads = (longestMs = 60_000) =>
    until("the book", longestMs, async () => [200, 401].includes(await status()), ended);
  const start = async () => {
    const [program, args] = command([what]);
    said = "";
    child = spawn(program, args, { cwd: folder, env: allEnv, detached: true, stdio: ["ignore", "pipe", "pipe"] });
    for (const stream of [child.stdout!, child.stderr!])
      stream.on("data", (text: Buffer) => {
        said += text.toString("utf8");
      });
    await reads(180_000);
    await until("the end of the start", 20_000, () => said.includes("Infusing is at"), ended);
  };
  const gone = async () => {
    const { pid } = child ?? {};
    if (pid)
      await until(
        "the end",
        30_000,
        () => !existsSync(`/proc/${pid}`) || child!.exitCode !== null || child!.signalCode !== null,
      );
  };
  const pid: House["pid"] = (which) => {
    if (which === "run") return child!.pid!;
    if (which === "database") return Number(readFileSync(inside(join(dataDir, "database", "mariadbd.pid")), "utf8"));
    return Number(
      spawnSync("pgrep", ["-f", `serve.mjs start [0-9.]+ ${port}$`], { encoding: "utf8" })
        .stdout.trim()
        .split("\n")[0],
    );
  };
  return {
    base,
    dataDir,
    said: () => said,
    answers,
    reads,
    start,
    pid,
    stop: async () => {
      if (child?.pid && child.exitCode === null && child.signalCode === null) {
        process.kill(child.pid, "SIGINT");
        await gone();
      }
    },
    kill: (which) => {
      process.kill(pid(which), "SIGKILL");
    },
    inside: (name) => inside(join(dataDir, name)),
    fill: () => {
      spawnSync("sh", ["-c", 'cat /dev/zero >"$0" 2>/dev/null', inside(join(dataDir, "ballast"))]);
      return statfsSync(inside(dataDir)).bavail;
    },
    unfill: () => rmSync(inside(join(dataDir, "ballast"))),
    run: (...args) =>
      new Promise((done) => {
        const [program, all] =
          diskMb === undefined
            ? command(args)
            : [
                "nsenter",
                [
                  "--target",
                  String(child!.pid),
                  "--user",
                  "--mount",
                  "--preserve-credentials",
                  "sh",
                  "-c",
                  'cd "$0" && exec "$@"',
                  folder,
                  "./run",
                  ...args,
                ],
              ];
        let out = "";
        const one = spawn(program as string, all as string[], { cwd: folder, env: allEnv });
        for (const stream of [one.stdout, one.stderr])
          stream.on("data", (text: Buffer) => {
            out += text.toString("utf8");
          });
        one.on("close", (status) => done({ status, out }));
      }),
    remove: async () => {
      rmSync(dataDir, { recursive: true, force: true });
    },
  };
}
