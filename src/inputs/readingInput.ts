import "reflect-metadata";
import { Type } from "class-transformer";
import { IsDefined, IsIn, IsNumber, IsObject, IsOptional, ValidateNested } from "class-validator";
import { FILLS, UNITS, type Fill, type Unit } from "@/core/measure";
import type { JarTest } from "@/core/readings";
import type { Reading } from "@/core/reading";
import { IsId } from "./text";

/** What was read off a ring (height and slump) or a plate (the drop, across and along). */
export class ReadingInput {
  @IsIn(["ring", "plate"]) by!: Reading["by"];
  @IsOptional() @IsNumber() heightMm?: number;
  @IsOptional() @IsNumber() slumpMm?: number;
  @IsOptional() @IsNumber() volumeMl?: number;
  @IsOptional() @IsNumber() acrossMm?: number;
  @IsOptional() @IsNumber() alongMm?: number;
}

/** A powder tested by itself: so much of the jar, so much water. */
export class JarReadingInput {
  @IsId() id!: string;
  @IsNumber() amount!: number;
  @IsIn(UNITS) unit!: Unit;
  @IsOptional() @IsIn(FILLS) fill?: Fill;
  @IsNumber() waterMl!: number;
  @IsNumber() minutes!: number;
  @IsNumber() tempC!: number;
  @Type(() => ReadingInput) @ValidateNested() @IsObject() @IsDefined() reading!: ReadingInput;
}

/** What is missing stays missing: the core says so at its field. */
export const toReading = (input: ReadingInput): Reading =>
  input.by === "ring"
    ? { by: "ring", heightMm: input.heightMm as number, slumpMm: input.slumpMm as number }
    : {
        by: "plate",
        volumeMl: input.volumeMl as number,
        acrossMm: input.acrossMm as number,
        alongMm: input.alongMm as number,
      };

export const toJarTest = ({ amount, unit, fill, waterMl, minutes, tempC, reading }: JarReadingInput): JarTest => ({
  amount,
  unit,
  fill: fill ?? "level",
  waterMl,
  minutes,
  tempC,
  reading: toReading(reading),
});
