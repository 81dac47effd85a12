import "reflect-metadata";
import { Type } from "class-transformer";
import { IsDefined, IsIn, IsNumber, IsObject, IsOptional, IsString, ValidateNested } from "class-validator";
import { PURPOSES, type PurposeId } from "@/core/head";
import { FILLS, UNITS, type Fill, type Spoons, type Unit } from "@/core/measure";
import { CHOICES, SIZINGS, TARGETS, type Blend, type PasteQuestion, type Sizing, type TargetWord } from "@/core/paste";
import { ROLES, type Role } from "@/core/balance";
import { WORDS, type MixingWord } from "@/core/correct";
import { questionOn, type Shelf } from "@/core/shelf";
import { SpoonsInput, toSpoons } from "./spoonsInput";
import { HairInput, toHead } from "./headInput";
import { ReadingInput } from "./readingInput";
import { IsId, IsText } from "./text";
import { ListOf } from "./listOf";

// The check nearest to a field runs first, and the first that fails is what is said.

/** Far above what the core allows, so that the core gives the answer; only a flood is cut off here. */
const MOST_LINES = 200;

export class LineInput {
  @IsText("materialIdChars") @IsString() materialId!: string;
  @IsOptional() @IsId() jarId?: string;
  @IsIn(ROLES) role!: Role;
  @IsNumber() amount!: number;
  @IsIn(UNITS) unit!: Unit;
  @IsOptional() @IsIn(FILLS) fill?: Fill;
}

export class SecondLiquidInput {
  @IsText("materialIdChars") @IsString() materialId!: string;
  @IsOptional() @IsId() jarId?: string;
  /** Of the liquid's volume, 0–1. */
  @IsNumber() share!: number;
}

export class LiquidInput {
  @IsText("materialIdChars") @IsString() materialId!: string;
  @IsOptional() @IsId() jarId?: string;
  @IsNumber() tempC!: number;
  @IsOptional() @IsNumber() amountMl?: number;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => SecondLiquidInput) with?: SecondLiquidInput;
}

/** What a maker decided otherwise than the advice. */
export class ChoicesInput {
  @IsOptional() @IsIn(CHOICES.strain) strain?: boolean;
  @IsOptional() @IsIn(CHOICES.where) where?: (typeof CHOICES.where)[number];
  @IsOptional() @IsIn(CHOICES.washOut) washOut?: (typeof CHOICES.washOut)[number];
  @IsOptional() @IsIn(CHOICES.conditionAfter) conditionAfter?: boolean;
  @IsOptional() @IsIn(CHOICES.oil) oil?: (typeof CHOICES.oil)[number];
  @IsOptional() @IsIn(CHOICES.tool) tool?: (typeof CHOICES.tool)[number];
  @IsOptional() @IsIn(CHOICES.worn) worn?: (typeof CHOICES.worn)[number];
}

export class TargetInput {
  @IsOptional() @IsIn(TARGETS) word?: TargetWord;
  @IsOptional() @IsNumber() yieldPa?: number;
}

export class RootsInput {
  @IsNumber() months!: number;
  @IsNumber() share!: number;
}

export class BlendInput {
  @IsIn(PURPOSES) purpose!: PurposeId;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => RootsInput) roots?: RootsInput;
  @ListOf(() => LineInput, MOST_LINES) lines!: LineInput[];
  @Type(() => LiquidInput) @ValidateNested() @IsObject() @IsDefined() liquid!: LiquidInput;
  @Type(() => TargetInput) @ValidateNested() @IsObject() @IsDefined() target!: TargetInput;
  @IsNumber() kitchenTempC!: number;
  @IsOptional() @IsNumber() restMin?: number;
  @IsOptional() @IsIn(SIZINGS) sizing?: Sizing;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => ChoicesInput) choices?: ChoicesInput;
}

export class PasteInput extends BlendInput {
  @Type(() => HairInput) @ValidateNested() @IsObject() @IsDefined() head!: HairInput;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => SpoonsInput) spoons?: SpoonsInput;
}

export class CorrectionInput extends PasteInput {
  /** What one sees; with neither a word nor a reading, only that this much was poured. */
  @IsOptional() @IsIn(WORDS) word?: MixingWord;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => ReadingInput) reading?: ReadingInput;
  @IsNumber() pouredMl!: number;
  /** That much is more than was wanted, by the maker's own word. */
  @IsOptional() @IsIn([true, false]) tooMuch?: boolean;
  /** The middle of the `holdingFactor` that an earlier answer gave for this bowl. */
  @IsOptional() @IsNumber() heard?: number;
  @IsOptional() @IsNumber() minutesSoaked?: number;
}

/** Core blend from what was sent; a number wins over a word where both came. */
export function toBlend(input: BlendInput): Blend {
  const { purpose, roots, lines, liquid, target, kitchenTempC, restMin, sizing, choices } = input;
  return {
    purpose,
    kitchenTempC,
    sizing: sizing ?? "likely",
    ...(roots ? { roots: { months: roots.months, share: roots.share } } : {}),
    ...(restMin !== undefined ? { restMin } : {}),
    lines: lines.map(({ materialId, jarId, role, amount, unit, fill }) => ({
      materialId,
      ...(jarId ? { jarId } : {}),
      role,
      amount,
      unit,
      fill: fill ?? "level",
    })),
    liquid: {
      materialId: liquid.materialId,
      ...(liquid.jarId ? { jarId: liquid.jarId } : {}),
      tempC: liquid.tempC,
      ...(liquid.amountMl !== undefined ? { amountMl: liquid.amountMl } : {}),
      ...(liquid.with
        ? {
            with: {
              materialId: liquid.with.materialId,
              ...(liquid.with.jarId ? { jarId: liquid.with.jarId } : {}),
              share: liquid.with.share,
            },
          }
        : {}),
    },
    ...(choices
      ? {
          choices: Object.fromEntries(
            Object.entries(choices).filter(([, value]) => value !== undefined && value !== null),
          ),
        }
      : {}),
    target: target.yieldPa !== undefined ? { yieldPa: target.yieldPa } : { word: target.word as TargetWord },
  };
}

/** The question as a shelf answers it. */
export const toQuestion = (input: PasteInput, spoons: Spoons, shelf: Shelf): PasteQuestion =>
  questionOn(toBlend(input), toHead(input.head), toSpoons(input.spoons) ?? spoons, shelf);
