import type { Problem } from "@/core/problem";

/** What an import would do, or did, by kind of thing. */
export interface ImportCounts {
  readonly heads: number;
  readonly blends: number;
  readonly batches: number;
  readonly jars: number;
  readonly things: number;
  readonly makings: number;
}

/** Said before anything is done. */
export interface ImportPlan {
  /** New here. */
  readonly adds: ImportCounts;
  /** Here already, and left as they are. */
  readonly here: ImportCounts;
  /** Taken out before, by hand or by undoing an import, and put back. */
  readonly back: ImportCounts;
  /** Names of what would be new, the first of each kind. */
  readonly names: {
    readonly heads: readonly string[];
    readonly blends: readonly string[];
    readonly batches: readonly string[];
    readonly jars: readonly string[];
    readonly things: readonly string[];
    readonly makings: readonly string[];
  };
  /** Names of what would be put back, the first of them. */
  readonly putsBack: readonly string[];
  /** Known here and not coming back: somebody who was erased, and their heads. They count as here. */
  readonly staysOut: readonly { readonly kind: "person" | "head"; readonly name: string; readonly why: "erased" }[];
  /** What stands in the way; with any of these nothing is imported. */
  readonly problems: readonly (Problem & { readonly message: string })[];
}

export interface ImportAnswer extends Omit<ImportPlan, "problems" | "names" | "putsBack" | "staysOut"> {
  readonly id: string;
  readonly rev: number;
}
