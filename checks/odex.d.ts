/** What `dye.test.ts` uses of the package odex, whose own types do not compile under `strict`. */
export declare class Solver {
  constructor(n: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  solve(f: (t: number, y: number[]) => number[], t0: number, y0: number[], t1: number): { y: number[] };
}
