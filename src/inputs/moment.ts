import { Matches } from "class-validator";
import { MOMENT } from "@/core/text";

export { MOMENT };
export const IsMoment = (): PropertyDecorator => Matches(MOMENT);
