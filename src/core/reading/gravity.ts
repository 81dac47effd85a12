/** m/s²; with g/ml and mm it gives pascals. */
export const GRAVITY = 9.80665;
