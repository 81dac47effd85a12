import { type Free } from "../bowl";
import { type FreeKind } from "./kind";
import { line } from "./line";
import { liquid } from "./liquid";
import { parts } from "./parts";

/** What the target may decide. */
export const FREE: Readonly<Record<Free["kind"], FreeKind>> = { liquid, line, parts };
