import "reflect-metadata";
import { Type } from "class-transformer";
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from "class-validator";
import { STANDS } from "@/core/making";
import { WEIGHED_BY, type Jar, type OwnPart, type OwnThing, type Weighing } from "@/core/shelf";
import { ListOf } from "./listOf";
import { IsMoment } from "./moment";
import { IsId, IsText } from "./text";

export class JarDetailsInput {
  @IsText("materialIdChars") @IsString() materialId!: string;
  @IsText("nameChars") @IsString() name!: string;
  @IsOptional() @IsText("labelChars") @IsString() lot?: string;
  @IsOptional() @IsText("labelChars") @IsString() boughtOn?: string;
  @IsOptional() @IsText("labelChars") @IsString() openedOn?: string;
  @IsOptional() @IsText("labelChars") @IsString() bestBefore?: string;
  @IsNumber() fullG!: number;
  @IsOptional() @IsNumber() price?: number;
  @IsOptional() @IsText("labelChars") @IsString() place?: string;
  @IsOptional() @IsBoolean() madeHere?: boolean;
}
export class NewJarInput extends JarDetailsInput {
  @IsId() id!: string;
  /** Grams in it now, where it is not full any more. */
  @IsOptional() @IsNumber() leftG?: number;
}
export class JarChangeInput extends JarDetailsInput {
  @Max(Number.MAX_SAFE_INTEGER) @Min(0) @IsInt() baseRev!: number;
}

export class WeighingInput {
  @IsId() id!: string;
  @IsNumber() count!: number;
  @IsIn(WEIGHED_BY) unit!: Weighing["unit"];
  @IsNumber() massG!: number;
}
export class WithdrawnInput {
  @IsIn([true, false]) withdrawn!: boolean;
}

/** A jar put on the scale: what is left in it. */
/** Which of two goods, told apart since, a jar is. */
export class GoodInput {
  @IsText("materialIdChars") @IsString() materialId!: string;
}

export class LeftInput {
  @IsId() id!: string;
  @IsNumber() leftG!: number;
}

export class OwnPartInput {
  @IsText("materialIdChars") @IsString() materialId!: string;
  @IsOptional() @IsNumber() share?: number;
}
export class OwnThingInput {
  @IsId() id!: string;
  @IsText("thingNameChars") @IsString() name!: string;
  @IsOptional() @IsText("useChars") @IsString() use?: string;
  /** It is like this; or it is mixed of the parts. */
  @IsOptional() @IsText("materialIdChars") @IsString() likeId?: string;
  @IsOptional()
  @ListOf(() => OwnPartInput, 100)
  parts?: OwnPartInput[];
}

export class PremixPartInput {
  @IsId() jarId!: string;
  @IsNumber() massG!: number;
}
/** A mixture made from the house's own jars, kept as a new jar. */
export class PremixInput {
  @IsId() id!: string;
  @IsId() thingId!: string;
  @IsText("thingNameChars") @IsString() name!: string;
  @ListOf(() => PremixPartInput, 40, 1) parts!: PremixPartInput[];
  @IsOptional() @IsText("labelChars") @IsString() place?: string;
}

export class MakingThingInput {
  @IsText("materialIdChars") @IsString() materialId!: string;
  /** The jar it is drawn from; left out, from the one in use, where there is one. */
  @IsOptional() @IsId() jarId?: string;
  @IsNumber() massG!: number;
}
/** What one setting of a making is: a number, yes or no, or one of a few by its name. */
export class MakingSettingInput {
  @IsText("materialIdChars") @IsString() id!: string;
  @IsOptional() @IsNumber() number?: number;
  @IsOptional() @IsBoolean() yes?: boolean;
  @IsOptional() @IsText("materialIdChars") @IsString() choice?: string;
}
/** What is left of a making and kept as a jar too. */
export class RestInput {
  @IsId() id!: string;
  @IsId() thingId!: string;
  @IsText("thingNameChars") @IsString() name!: string;
  /** As it was weighed; left out, as it was computed. */
  @IsOptional() @IsNumber() massG?: number;
}
/** What came of a making, put on the shelf. */
export class PutUpInput {
  @IsId() id!: string;
  /** The thing of the house's own that it is, where the tables have none. */
  @IsId() thingId!: string;
  @IsText("thingNameChars") @IsString() name!: string;
  /** What came of it, ml or g, where it was measured. */
  @IsOptional() @IsNumber() outMl?: number;
  @IsOptional() @IsNumber() outG?: number;
  /** Where it is kept, which says until when. */
  @IsOptional() @IsIn(STANDS) stands?: (typeof STANDS)[number];
  @IsOptional() @IsText("labelChars") @IsString() place?: string;
  @Type(() => RestInput) @ValidateNested() @IsOptional() @IsObject() rest?: RestInput;
}
/** What is made, of what, and how. */
export class BegunInput {
  @IsId() id!: string;
  @IsText("materialIdChars") @IsString() method!: string;
  @ListOf(() => MakingThingInput, 40, 1) things!: MakingThingInput[];
  @ListOf(() => MakingSettingInput, 40) settings!: MakingSettingInput[];
  @IsText("thingNameChars") @IsString() name!: string;
  /** When it is begun; left out, now. */
  @IsOptional() @IsMoment() @IsString() startsAt?: string;
}
/** Something made by a method and put up at once, as a new jar with figures of its own. */
export class MakingInput extends PutUpInput {
  @IsText("materialIdChars") @IsString() method!: string;
  @ListOf(() => MakingThingInput, 40, 1) things!: MakingThingInput[];
  @ListOf(() => MakingSettingInput, 40) settings!: MakingSettingInput[];
}

export class JarsCsvInput {
  @MaxLength(2_000_000) @MinLength(1) @IsString() csv!: string;
}

/** Those that say something; an optional field may come as null. */
const filled = <K extends string>(fields: Readonly<Record<K, string | null | undefined>>): Partial<Record<K, string>> =>
  Object.fromEntries(
    Object.entries<string | null | undefined>(fields)
      .filter(([, value]) => typeof value === "string" && value.trim() !== "")
      .map(([key, value]) => [key, value!.trim()]),
  ) as Partial<Record<K, string>>;

export function toJar(id: string, input: JarDetailsInput): Omit<Jar, "leftG" | "weighings"> {
  const { materialId, name, lot, boughtOn, openedOn, bestBefore, fullG, price, place, madeHere } = input;
  return {
    id,
    materialId,
    name: name.trim(),
    fullG,
    madeHere: madeHere ?? false,
    ...filled({ lot, boughtOn, openedOn, bestBefore, place }),
    ...(typeof price === "number" ? { price } : {}),
  };
}

export function toOwnThing(id: string, { name, use, likeId, parts }: OwnThingInput): OwnThing {
  const common = { id, name: name.trim(), ...filled({ use }) };
  if (parts)
    return {
      ...common,
      kind: "mixture",
      parts: parts.map(({ materialId, share }): OwnPart =>
        typeof share === "number" ? { materialId, share } : { materialId },
      ),
    };
  return { ...common, kind: "like", likeId: likeId ?? "" };
}
