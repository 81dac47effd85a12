import "reflect-metadata";
import { IsDefined, IsIn, IsObject, IsOptional, IsString } from "class-validator";
import { IsId, IsText } from "./text";

/** A book file as it is; it is held to its own schema afterwards. */
export class PreviewInput {
  @IsObject() @IsDefined() book!: object;
}

export class ImportInput extends PreviewInput {
  @IsId() id!: string;
  /** What the file was called. */
  @IsOptional() @IsText("fileNameChars") @IsString() name?: string;
}

export class UndoneInput {
  @IsIn([true]) undone!: true;
}
