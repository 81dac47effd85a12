import type { Withdrawal } from "./withdrawals";

/** What the ledger says a bowl took of a jar: one row for each draw, grams above zero. */
export interface LedgerRow {
  readonly eventId: string;
  readonly slot: string;
  readonly jarId: string;
  readonly massG: number;
}

export interface LedgerDiff<W> {
  readonly gone: readonly W[];
  readonly fresh: readonly LedgerRow[];
}

const SAME_G = 1e-6;

/**
 * What has to leave a bowl's ledger and what has to come into it, so that it says what was drawn: one row for each draw
 * on a jar, none for those that were taken back. A draw that names no jar stays with the jar it is on already.
 * @param jarOf the jar of a draw that names none and stands nowhere yet; undefined where it takes from no jar
 */
export function ledgerDiff<W extends LedgerRow>(
  draws: readonly Withdrawal[],
  there: readonly W[],
  jarOf: (draw: Withdrawal) => string | undefined,
): LedgerDiff<W> {
  const keyOf = ({ eventId, slot }: Pick<Withdrawal, "eventId" | "slot">) => `${eventId} ${slot}`;
  const old = new Map(there.map((row) => [keyOf(row), row]));
  const wanted = new Map<string, LedgerRow>();
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
