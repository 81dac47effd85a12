/** One thing that can be asked of the API. */
export interface Operation {
  readonly method: "get" | "post" | "put";
  readonly path: string;
  readonly summary: string;
  readonly input?: new () => object;
  /** Name of the answer's type in `answers.ts`, or the media type of a file. */
  readonly answer: string | { readonly file: string };
  readonly query?: readonly string[];
}
