/** By id, a language and its name in its own script and in Latin letters: `hi आँवला amla`. */
export type Names = Readonly<Record<string, readonly string[]>>;
