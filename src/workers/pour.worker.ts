import { simulateMix, type PourSpec } from "@/core/balance";

/** A thin shell: a mix in, its draws out. It carries no table of materials, and is there at once. */
addEventListener("message", ({ data }: MessageEvent<PourSpec>) => {
  postMessage(simulateMix(data));
});
