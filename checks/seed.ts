import fc from "fast-check";

/**
 * The laws draw the same cases in every run, so that a check fails for what was changed and not by chance. `./run hunt`
 * draws others: what it finds becomes an `examples` entry of its law.
 */
const FIXED = 20261128;

fc.configureGlobal({ seed: process.env.SEED ? Number(process.env.SEED) : FIXED });
