import "reflect-metadata";
import { Type } from "class-transformer";
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Max,
  Min,
  ValidateNested,
} from "class-validator";
import {
  AGES,
  CUTS,
  LANDMARKS,
  PLAIN_HEAD,
  SHADES,
  STRAND_COUNTS,
  STRAND_SIZES,
  type Age,
  type Cut,
  type Head,
  type Landmark,
  type Shade,
  type StrandCount,
  type StrandSize,
  type Traits,
  TRAITS,
  TREATMENTS,
  type Treatment,
} from "@/core/head";
import { LIMITS } from "@/core/limits";
import { IsId, IsText } from "./text";
import { ListOf } from "./listOf";

/** Any of a list, none twice. */
const Some = (of: readonly string[]) => (target: object, key: string) => {
  for (const decorate of [IsOptional(), IsIn(of, { each: true }), ArrayMaxSize(of.length), IsArray()])
    decorate(target, key);
};

export class LongestInput {
  @IsOptional() @IsNumber() cm?: number;
  @IsOptional() @IsIn(LANDMARKS) landmark?: Landmark;
}

export class HairAmountInput {
  @IsOptional() @IsNumber() ponytailCm?: number;
  @IsOptional() @IsIn(STRAND_COUNTS) strands?: StrandCount;
}

/** Somebody's hair, as a client sends it; what is left out is the middle of everything. */
/** Something that was put on the hair before, and the month of it where that is known. */
export class TreatedInput {
  @IsIn(TREATMENTS) what!: Treatment;
  @IsOptional() @IsText("labelChars") @IsString() month?: string;
}

/** What more is known of a head; each may be left out. */
export class TraitsInput {
  @IsOptional() @IsIn(TRAITS.curl.of) curl?: (typeof TRAITS.curl.of)[number];
  @IsOptional() @IsIn(TRAITS.porosity.of) porosity?: (typeof TRAITS.porosity.of)[number];
  @IsOptional() @IsIn(TRAITS.usuallyWorn.of) usuallyWorn?: (typeof TRAITS.usuallyWorn.of)[number];
  @Some(TRAITS.greyWhere.of) greyWhere?: (typeof TRAITS.greyWhere.of)[number][];
  @Some(TRAITS.thinning.of) thinning?: (typeof TRAITS.thinning.of)[number][];
  @Some(TRAITS.scalp.of) scalp?: (typeof TRAITS.scalp.of)[number][];
  @Some(TRAITS.dislikes.of) dislikes?: (typeof TRAITS.dislikes.of)[number][];
}

export class ShedInput {
  @IsText("labelChars") @IsString() on!: string;
  @IsNumber() hairs!: number;
}
export class TrialInput {
  @IsText("labelChars") @IsString() what!: string;
  @IsText("labelChars") @IsString() from!: string;
}

/** What weighed bowls taught of a head, as an answer of the house gave it. */
export class UsualInput {
  @Max(3) @Min(-3) @IsNumber() mean!: number;
  @Max(1) @Min(0.001) @IsNumber() sd!: number;
  @Max(100_000) @Min(0) @IsInt() sessions!: number;
}
export class UsualsInput {
  @IsOptional() @Type(() => UsualInput) @ValidateNested() @IsObject() mask?: UsualInput;
  @IsOptional() @Type(() => UsualInput) @ValidateNested() @IsObject() dye?: UsualInput;
}

export class HairInput {
  @Type(() => LongestInput) @ValidateNested() @IsObject() @IsDefined() longest!: LongestInput;
  @Type(() => HairAmountInput) @ValidateNested() @IsObject() @IsDefined() amount!: HairAmountInput;
  @IsOptional() @IsIn(STRAND_SIZES) strand?: StrandSize;
  @IsOptional() @IsIn(CUTS) cut?: Cut;
  @IsOptional() @IsIn(SHADES) shade?: Shade;
  @IsOptional() @IsNumber() greyShare?: number;
  @IsOptional() @IsIn(AGES) age?: Age;
  @IsOptional() @IsBoolean() pregnant?: boolean;
  @IsOptional() @IsBoolean() soreScalp?: boolean;
  @IsOptional() @IsBoolean() asthma?: boolean;
  @IsOptional()
  @IsText("allergyChars", { each: true })
  @IsString({ each: true })
  @ArrayMaxSize(LIMITS.allergyCount.max)
  @IsArray()
  allergies?: string[];
  @IsOptional()
  @ListOf(() => TreatedInput, LIMITS.treatedCount.max)
  treated?: TreatedInput[];
  @IsOptional() @IsNumber() baseLevel?: number;
  @IsOptional() @Type(() => TraitsInput) @ValidateNested() @IsObject() traits?: TraitsInput;
  @IsOptional() @Type(() => UsualsInput) @ValidateNested() @IsObject() usual?: UsualsInput;
  @IsOptional() @IsNumber() shrinks?: number;
  @IsOptional() @IsText("labelChars") @IsString() measuredOn?: string;
  @IsOptional() @IsNumber() growthCmPerMonth?: number;
  @IsOptional() @IsInt() washDay?: number;
  @IsOptional() @ListOf(() => ShedInput, LIMITS.headNotes.max) shed?: ShedInput[];
  @IsOptional() @ListOf(() => TrialInput, LIMITS.headNotes.max) trials?: TrialInput[];
}

/** Core head from what was sent: a measure wins over a word where both came. */
export function toHead(input: HairInput): Head {
  const { longest, amount } = input;
  const given = Object.fromEntries(Object.entries(input).filter(([, value]) => value !== undefined)) as Partial<Head>;
  return {
    ...PLAIN_HEAD,
    ...given,
    ...(input.usual ? { usual: usualOf(input.usual) } : {}),
    ...(input.traits ? { traits: saidOf(input.traits) } : {}),
    ...(input.treated
      ? { treated: input.treated.map(({ what, month }) => ({ what, ...(month ? { month } : {}) })) }
      : {}),
    ...(input.shed ? { shed: input.shed.map(({ on, hairs }) => ({ on, hairs })) } : {}),
    ...(input.trials ? { trials: input.trials.map(({ what, from }) => ({ what, from })) } : {}),
    longest: longest.cm !== undefined ? { cm: longest.cm } : { landmark: longest.landmark as Landmark },
    amount:
      amount.ponytailCm !== undefined ? { ponytailCm: amount.ponytailCm } : { strands: amount.strands as StrandCount },
  };
}

/** As plain as it is kept: a class of the API has a prototype of its own. */
const usualOf = ({ mask, dye }: UsualsInput): Head["usual"] => ({
  ...(mask ? { mask: { ...mask } } : {}),
  ...(dye ? { dye: { ...dye } } : {}),
});

/** Without what was left open. */
const saidOf = (traits: TraitsInput): Traits =>
  Object.fromEntries(Object.entries(traits).filter(([, said]) => said !== undefined)) as Traits;

class Named {
  @IsText("nameChars") @IsString() name!: string;
}

export class NewHeadInput extends Named {
  @IsId() id!: string;
  @Type(() => HairInput) @ValidateNested() @IsObject() @IsDefined() hair!: HairInput;
}

export class HeadChangeInput extends Named {
  @Max(Number.MAX_SAFE_INTEGER) @Min(0) @IsInt() baseRev!: number;
  @Type(() => HairInput) @ValidateNested() @IsObject() @IsDefined() hair!: HairInput;
}
