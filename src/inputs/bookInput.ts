import "reflect-metadata";
import { Type } from "class-transformer";
import {
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsISO4217CurrencyCode,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsTimeZone,
  Matches,
  Max,
  Min,
  ValidateNested,
} from "class-validator";
import { STANDS } from "@/core/making";
import { UNITS, type Unit } from "@/core/measure";
import { IsMoment } from "./moment";
import { BlendInput } from "./pasteInput";
import { SpoonsInput } from "./spoonsInput";
import { IsId, IsText } from "./text";
import { ListOf } from "./listOf";

/** A version of a blend, saved. The client makes both ids, so that sending it twice saves it once. */
export class SaveBlendInput {
  @IsText("nameChars") @IsString() name!: string;
  @IsId() versionId!: string;
  @IsOptional() @IsId() headId?: string;
  @Type(() => BlendInput) @ValidateNested() @IsObject() @IsDefined() blend!: BlendInput;
}

export class NewBlendInput extends SaveBlendInput {
  @IsId() id!: string;
}

export class BlendChangeInput extends SaveBlendInput {
  @Max(Number.MAX_SAFE_INTEGER) @Min(0) @IsInt() baseRev!: number;
}

/** A bowl to be made: from a version, for a head, from a moment or back from one. */
export class NewBatchInput {
  @IsId() id!: string;
  @IsId() versionId!: string;
  @IsId() headId!: string;
  /** When the work starts; left out with `onHeadAt`, and "now" when both are. */
  @IsOptional() @IsMoment() @IsString() startsAt?: string;
  /** When it should go on, in the household's wall time, such as 2026-03-01T10:00. */
  @IsOptional() @Matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/) onHeadAt?: string;
  /**
   * It was made already, on paper: when it was mixed, in the household's wall time, and what was poured if that is
   * known.
   */
  @IsOptional() @Matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/) madeAt?: string;
  @IsOptional() @IsNumber() pouredMl?: number;
}

export class EventInput {
  @IsId() id!: string;
  @IsObject() payload!: object;
  @Max(Number.MAX_SAFE_INTEGER) @Min(0) @IsInt() deviceSeq!: number;
  @Max(Number.MAX_SAFE_INTEGER) @Min(0) @IsInt() revSeen!: number;
  @IsMoment() @IsString() deviceClock!: string;
}

/** What is left of a bowl, kept as a jar of its own. */
export class LeftoverInput {
  @IsId() id!: string;
  /** The thing of the house's own that it is. */
  @IsId() thingId!: string;
  @IsText("thingNameChars") @IsString() name!: string;
  @IsNumber() leftG!: number;
  @IsIn(STANDS) stands!: (typeof STANDS)[number];
}
export class EventsInput {
  @ListOf(() => EventInput, 200, 1) events!: EventInput[];
  /** The device's clock as it sends; with each tap's own clock it says how long the tap was kept. */
  @IsOptional() @IsMoment() @IsString() sentAt?: string;
  /** Answer only with what was written after this rev. */
  @IsOptional() @Max(Number.MAX_SAFE_INTEGER) @Min(-1) @IsInt() after?: number;
}

/** What the kitchen has, ml; what is left out is not there. */
export class VesselsInput {
  @IsOptional() @IsNumber() blenderMl?: number;
  @IsOptional() @IsNumber() bottleMl?: number;
}

export class SettingsInput {
  /** What the house is called. */
  @IsOptional() @IsText("nameChars") @IsString() name?: string;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => SpoonsInput) spoons?: SpoonsInput;
  @IsOptional() @IsNumber() kitchenTempC?: number;
  @IsOptional() @IsNumber() nightTempC?: number;
  @IsOptional() @IsNumber() altitudeM?: number;
  @IsOptional() @IsTimeZone() timeZone?: string;
  @IsOptional() @IsISO4217CurrencyCode() currency?: string;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => VesselsInput) vessels?: VesselsInput;
  @IsOptional() @IsBoolean() network?: boolean;
}

/** What a name on a page of a notebook meant in this house. */
export class ThingMeaningInput {
  @IsText("saidChars") @IsString() said!: string;
  @IsText("materialIdChars") @IsString() materialId!: string;
}
/** What a unit on a page of a notebook meant in this house, in the words of its line. */
export class UnitMeaningInput {
  @IsText("saidChars") @IsString() said!: string;
  @IsIn(UNITS) unit!: Unit;
}
export class MeaningsInput {
  @ListOf(() => ThingMeaningInput, 200) things!: ThingMeaningInput[];
  @ListOf(() => UnitMeaningInput, 200) units!: UnitMeaningInput[];
}

/** What better figures change of a blend has been read. */
export class AcceptedInput {
  @IsIn([true]) accepted!: true;
}

export class RemovedInput {
  @IsIn([true, false]) removed!: boolean;
}
