import "reflect-metadata";
import { IsIn, IsOptional, ValidateIf, IsString, Matches, MaxLength, MinLength } from "class-validator";
import { LIMITS } from "@/core/limits";
import { IsId } from "./text";

/** Longer ones were taken once, and still open. */
const MOST_EVER = 200;

/** The household's password: the one there is, where there is one, and the new one, or none to open the door again. */
export class PasswordInput {
  @ValidateIf((_, value) => value !== undefined) @MaxLength(MOST_EVER) @IsString() current?: string;
  @ValidateIf((_, value) => value !== undefined)
  @MaxLength(LIMITS.passwordChars.max)
  @MinLength(LIMITS.passwordChars.min)
  @IsString()
  password?: string;
}

/** A code for one more device; letters and digits that are not mistaken for each other. */
export class PairingInput {
  @IsId() id!: string;
  @Matches(/^[A-HJ-NP-Z2-9]{10}$/) @IsString() code!: string;
  @IsOptional() @IsId() personId?: string;
}

export class SentAwayInput {
  @IsIn([true]) sentAway!: true;
}

export class ErasedInput {
  @IsIn([true]) erased!: true;
}
