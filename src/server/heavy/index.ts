import { Worker } from "node:worker_threads";
import { Refusal, unusable } from "../refusal";
import { doJob, type Done, type Job, type Results } from "./jobs";

/**
 * Where the reading thread's bundle is, as the server that started this says; while developing there is none, and files
 * are read where they arrive.
 */
const reader = (): string | undefined => process.env.INFUSING_READER;
const LONGEST_MS = 30_000;
const MOST_MB = 768;
const MOST_WAITING = 16;
/** One device does not keep the others waiting. */
const MOST_OF_ONE = 2;

interface Waiting {
  readonly who: string;
  readonly job: Job;
  readonly settle: (done: Done<Results[Job["kind"]]> | Error) => void;
}
/** The framework may load this module several times; there is one thread and one queue. */
const shared = globalThis as unknown as { infusingReader?: { worker?: Worker; going?: Waiting; queue: Waiting[] } };
const state = () => (shared.infusingReader ??= { queue: [] });

const tooLong = () => new Refusal(422, "That takes too long to read. Send it in parts.");

function newWorker(): Worker {
  const worker = new Worker(/* turbopackIgnore: true */ reader()!, {
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
  });
  worker.unref();
  // One that ends while nobody waits for it takes nothing along; the next file gets another.
  worker.on("error", () => {
    if (state().worker === worker) state().worker = undefined;
  });
  return worker;
}

/** Reads the next file that waits, one at a time: first those of whoever has none before it. */
function next(): void {
  const own = state();
  if (own.going || own.queue.length === 0) return;
  const going = (own.going = own.queue.shift()!);
  const worker = (own.worker ??= newWorker());
  const end = (result: Done<Results[Job["kind"]]> | Error, broken: boolean) => {
    clearTimeout(timer);
    worker.off("message", onMessage);
    worker.off("error", onError);
    if (broken) {
      own.worker = undefined;
      void worker.terminate();
    }
    own.going = undefined;
    going.settle(result);
    next();
  };
  const onMessage = (done: Done<Results[Job["kind"]]>) => end(done, false);
  // It ran out of room, or tripped over the file: the next one gets a thread of its own.
  const onError = () => end(tooLong(), true);
  const timer = setTimeout(() => end(tooLong(), true), LONGEST_MS);
  worker.on("message", onMessage);
  worker.on("error", onError);
  worker.postMessage(going.job);
}

/** Reads a long file on a thread of its own, so that nobody else waits for it; refuses where too many are waiting. */
export async function readHeavy<J extends Job>(job: J, who: string): Promise<Results[J["kind"]]> {
  const done = await (reader()
    ? new Promise<Done<Results[Job["kind"]]>>((resolve, reject) => {
        const { queue, going } = state();
        const own = [...queue, ...(going ? [going] : [])].filter((one) => one.who === who).length;
        if (queue.length >= MOST_WAITING || own >= MOST_OF_ONE)
          throw new Refusal(429, "Several files are being read just now. Try again in a moment.", [], 5);
        const waiting: Waiting = {
          who,
          job,
          settle: (result) => (result instanceof Error ? reject(result) : resolve(result)),
        };
        // Somebody's first file goes before anybody's second.
        const second =
          own > 0
            ? -1
            : queue.findIndex(
                (one, i) => one.who === going?.who || queue.slice(0, i).some((before) => before.who === one.who),
              );
        queue.splice(second < 0 ? queue.length : second, 0, waiting);
        next();
      })
    : doJob(job));
  if (!done.ok)
    throw done.status === 400 ? new Refusal(400, "That is not JSON, or it broke off.") : unusable(done.problems);
  return done.value as Results[J["kind"]];
}
