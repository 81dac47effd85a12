import { drawPour, type PasteQuestion } from "@/core/paste";

/** A thin shell: a question in, its draws out. */
addEventListener("message", ({ data }: MessageEvent<PasteQuestion>) => {
  postMessage(drawPour(data));
});
