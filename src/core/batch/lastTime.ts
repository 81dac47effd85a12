import type { MixingWord } from "../correct";
import type { Again, Mark } from "./eventKinds";

/** What was poured, said and noted of a blend the last time it was made. */
export interface LastTime {
  readonly id: string;
  readonly startsAtMs: number;
  readonly headName: string;
  readonly pouredMl: number;
  readonly plannedMl?: number;
  readonly lastWord?: MixingWord | "right";
  readonly notes: readonly string[];
  readonly marks: Readonly<Partial<Record<Mark, number>>>;
  readonly again?: Again;
}
