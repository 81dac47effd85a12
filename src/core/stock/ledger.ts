import type { Draw } from "./draws";

/** What the ledger says a bowl took of a jar: one row for each draw, grams above zero. */
export interface Withdrawal {
  readonly eventId: string;
  readonly slot: string;
  readonly jarId: string;
  readonly massG: number;
}

export interface LedgerDifference<W> {
  readonly gone: readonly W[];
  readonly fresh: readonly Withdrawal[];
}

const SAME_G = 1e-6;

/**
 * What has to leave a bowl's ledger and what has to come into it, so that it says what was drawn: one row for each draw
 * on a jar, none for those that were taken back. A draw that names no jar stays with the jar it is on already.
 * @param jarOf the jar of a draw that names none and stands nowhere yet; undefined where it takes from no jar
 */
export function ledgerDifference<W extends Withdrawal>(
  draws: readonly Draw[],
  there: readonly W[],
  jarOf: (draw: Draw) => string | undefined,
): LedgerDifference<W> {
  const keyOf = ({ eventId, slot }: Pick<Draw, "eventId" | "slot">) => `${eventId} ${slot}`;
  const old = new Map(there.map((row) => [keyOf(row), row]));
  const wanted = new Map<string, Withdrawal>();
  for (const draw of draws) {
    const { eventId, slot, massG } = draw;
    const jarId = draw.jarId ?? old.get(keyOf(draw))?.jarId ?? jarOf(draw);
    if (jarId !== undefined) wanted.set(keyOf(draw), { jarId, massG, eventId, slot });
  }
  const stands = (row: W | undefined) => {
    const want = row && wanted.get(keyOf(row));
    return want !== undefined && want.jarId === row!.jarId && Math.abs(want.massG - row!.massG) < SAME_G;
  };
  return {
    gone: there.filter((row) => !stands(row)),
    fresh: [...wanted.values()].filter((want) => !stands(old.get(keyOf(want)))),
  };
}
