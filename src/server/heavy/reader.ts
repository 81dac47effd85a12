import "@/core/catalogue";
import { parentPort } from "node:worker_threads";
import { doJob, type Job } from "./jobs";

/** The thread that reads long files. `./run` bundles it beside the built application. */
parentPort!.on("message", (job: Job) => parentPort!.postMessage(doJob(job)));
