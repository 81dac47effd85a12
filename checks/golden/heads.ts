import fc from "fast-check";
import { PURPOSES, coverage, type Head } from "@/core/head";
import { anyHead } from "../arbitrary";

export const HEAD_LIST = fc.sample(anyHead, { seed: 7, numRuns: 120 });
export const coverageOf = (head: Head) => PURPOSES.map((purpose) => coverage(head, purpose, { months: 3, share: 0.6 }));
