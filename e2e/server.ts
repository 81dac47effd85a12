import { spawn, type ChildProcess } from "node:child_process";
import { createServer, type AddressInfo } from "node:net";

/** A second copy of the application on the same database, which a test may kill. */
export interface Server {
  readonly base: string;
  /** `kill -9`, as a power cut would. */
  readonly kill: () => Promise<void>;
  readonly start: () => Promise<void>;
}

const freePort = (): Promise<number> =>
  new Promise((done) => {
    const server = createServer().listen(0, "127.0.0.1", () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => done(port));
    });
  });

/** @param env settings of its own, as `./run` would give them */
export async function secondServer(env: Readonly<Record<string, string>> = {}): Promise<Server> {
  const port = await freePort();
  const base = `http://127.0.0.1:${port}`;
  let child: ChildProcess | undefined;
  const answers = () =>
    fetch(`${base}/api/v1/now`).then(
      (answer) => answer.status < 500,
      () => false,
    );
  const start = async () => {
    child = spawn("node", ["src/machine/serve.mjs", "start", "127.0.0.1", String(port)], {
      stdio: "ignore",
      detached: true,
      env: { ...process.env, ...env },
    });
    for (let i = 0; i < 200; i++) {
      if (await answers()) return;
      await new Promise((go) => setTimeout(go, 100));
    }
    throw new Error("The second server did not answer.");
  };
  const kill = async () => {
    if (child?.pid) process.kill(-child.pid, "SIGKILL");
    child = undefined;
    for (let i = 0; i < 50 && (await answers()); i++) await new Promise((go) => setTimeout(go, 50));
  };
  return { base, kill, start };
}
