import { LIMITS } from "@/core/limits";

const SIDE_PX = 360;
const QUALITIES = [0.8, 0.6, 0.4, 0.25];

/** A picture made small on the device it was taken with, as a JPEG data URL; nothing of where it was taken is in it. */
export async function smallPhoto(file: File): Promise<string> {
  const picture = await createImageBitmap(file);
  const by = Math.min(1, SIDE_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [Math.round(picture.width * by), Math.round(picture.height * by)];
  canvas.getContext("2d")!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const small = QUALITIES.map((quality) => canvas.toDataURL("image/jpeg", quality)).find(
    (text) => text.length <= LIMITS.photoChars.max,
  );
  if (small === undefined) throw new Error("too large");
  return small;
}
