import "reflect-metadata";
import { Type } from "class-transformer";
import { IsBoolean, IsIn, IsNumber, IsObject, IsOptional, ValidateNested } from "class-validator";
import { LEAST_TSP, SPOON_SETS, type OwnSpoons, type Spoons, type SpoonSet } from "@/core/measure";

/** The household's own spoons, ml. */
export class OwnSpoonsInput {
  @IsNumber() tsp!: number;
  @IsNumber() tbsp!: number;
  @IsNumber() cup!: number;
  @IsIn(LEAST_TSP) leastTsp!: OwnSpoons["leastTsp"];
  @IsBoolean() hasCup!: boolean;
}

/** A known set by its name, or own spoons by what they hold; the own ones where both come. */
export class SpoonsInput {
  @IsOptional() @IsIn(SPOON_SETS) set?: SpoonSet;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => OwnSpoonsInput) own?: OwnSpoonsInput;
}

export function toSpoons(input: SpoonsInput | undefined): Spoons | undefined {
  // An optional field that was sent as null is left out.
  if (!input?.own) return input?.set ?? undefined;
  const { tsp, tbsp, cup, leastTsp, hasCup } = input.own;
  return { tsp, tbsp, cup, leastTsp, hasCup };
}
