import { checkNumber } from "../checkNumber";
import type { Problem } from "../problem";
import type { Jar } from "../shelf";
import { pricePerG } from "./gather";

/** So much of one jar, g. */
export interface PremixPart<J> {
  readonly jar: J;
  readonly massG: number;
}

/** A mixture of one's own jars. */
export interface Premix<J> {
  readonly totalG: number;
  readonly parts: readonly (PremixPart<J> & {
    /** Of the whole; 0 where the whole is nothing yet. */
    readonly share: number;
    readonly problem?: Problem;
    /** More than is thought to be left. */
    readonly over: boolean;
  })[];
  /** Every part is an amount, and there is one. */
  readonly complete: boolean;
  /** What is in it, each thing once. */
  readonly things: readonly { readonly materialId: string; readonly share: number }[];
  /** Of all of it, where every jar has a price, to the hundredth. */
  readonly price?: number;
  /** The soonest of its jars'. */
  readonly bestBefore?: string;
}

/** Sums up what is put together; what is no amount counts as nothing and says so. */
export function premixOf<J extends Pick<Jar, "materialId" | "leftG" | "price" | "fullG" | "bestBefore">>(
  parts: readonly PremixPart<J>[],
): Premix<J> {
  const grams = (massG: number) => (Number.isFinite(massG) ? massG : 0);
  const totalG = parts.reduce((sum, { massG }) => sum + grams(massG), 0);
  const shareOf = (massG: number) => (totalG > 0 ? grams(massG) / totalG : 0);
  const shares = new Map<string, number>();
  for (const { jar, massG } of parts) shares.set(jar.materialId, (shares.get(jar.materialId) ?? 0) + shareOf(massG));
  const problems = parts.map(({ massG }) => checkNumber("massG", massG, "jarG"));
  const prices = parts.map(({ jar, massG }) => (pricePerG(jar) ?? NaN) * massG);
  const price = Math.round(prices.reduce((sum, one) => sum + one, 0) * 100) / 100;
  const [bestBefore] = parts.flatMap(({ jar }) => jar.bestBefore ?? []).sort();
  return {
    totalG,
    parts: parts.map(({ jar, massG }, i) => ({
      jar,
      massG,
      share: shareOf(massG),
      ...(problems[i] ? { problem: problems[i] } : {}),
      over: massG > jar.leftG,
    })),
    complete: parts.length > 0 && problems.every((problem) => !problem),
    things: [...shares].map(([materialId, share]) => ({ materialId, share })),
    ...(Number.isFinite(price) ? { price } : {}),
    ...(bestBefore ? { bestBefore } : {}),
  };
}
