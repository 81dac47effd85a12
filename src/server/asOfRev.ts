/**
 * Remembers what was last read of a household, for as long as nothing was written: every write makes another rev. What
 * is read after a rev was asked for is at least as new as that rev, and never older.
 */
export function asOfRev<T>(
  read: (householdId: string) => Promise<T>,
): (household: { readonly id: string; readonly rev: number }) => Promise<T> {
  let last: { readonly key: string; readonly value: Promise<T> } | undefined;
  return ({ id, rev }) => {
    const key = `${id} ${rev}`;
    if (last?.key === key) return last.value;
    const value = read(id);
    const mine = { key, value };
    last = mine;
    // What could not be read is asked for again.
    value.catch(() => {
      if (last === mine) last = undefined;
    });
    return value;
  };
}
