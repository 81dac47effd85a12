/** A result: 5 % end, middle, 95 % end, in the unit its name carries. */
export interface Band {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

export const point = (value: number): Band => ({ low: value, mid: value, high: value });

export const bandOf = ({ low, value, high }: { low: number; value: number; high: number }): Band => ({
  low,
  mid: value,
  high,
});

export const scaleBand = (band: Band, factor: number): Band => ({
  low: band.low * factor,
  mid: band.mid * factor,
  high: band.high * factor,
});
