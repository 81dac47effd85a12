/**
 * True where at most `most` letters were added, left out, changed, or swapped with their neighbour.
 * @source Damerau 1964, the restricted distance (optimal string alignment)
 */
export function withinEdits(a: string, b: string, most: number): boolean {
  if (a === b) return true;
  if (most === 0 || Math.abs(a.length - b.length) > most) return false;
  // Each edit changes at most two letters of the set of those that occur.
  let apart = letters(a) ^ letters(b);
  let bits = 0;
  for (; apart !== 0; apart &= apart - 1) bits += 1;
  if (bits > 2 * most) return false;
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    let least = i;
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let cost = Math.min(last[j] + 1, row[j - 1] + 1, last[j - 1] + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) cost = Math.min(cost, before[j - 2] + 1);
      row.push(cost);
      least = Math.min(least, cost);
    }
    if (least > most) return false;
    [before, last] = [last, row];
  }
  return last[b.length] <= most;
}

/** The letters that occur, each as one of 32 bits. */
function letters(text: string): number {
  let set = 0;
  for (let i = 0; i < text.length; i++) set |= 1 << (text.charCodeAt(i) & 31);
  return set;
}
