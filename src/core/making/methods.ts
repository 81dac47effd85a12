import { brew } from "./brew";
import { curd } from "./curd";
import { dissolve } from "./dissolve";
import { grind } from "./grind";
import { juice } from "./juice";
import type { Method } from "./method";
import { oil } from "./oil";
import { own } from "./own";
import { premix } from "./premix";
import { starch } from "./starch";

/** Every way of making something; the form, the route and the checks walk it. */
export const METHODS: readonly Method[] = [brew, oil, juice, grind, curd, starch, dissolve, premix, own];
