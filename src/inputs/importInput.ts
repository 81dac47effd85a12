import "reflect-metadata";
import { IsDefined, IsIn, IsObject, IsOptional, IsString, IsUUID, MaxLength } from "class-validator";

/** A book file as it is; it is held to its own schema afterwards. */
export class PreviewInput {
  @IsObject() @IsDefined() book!: object;
}

export class ImportInput extends PreviewInput {
  @IsUUID("all") id!: string;
  /** What the file was called. */
  @IsOptional() @MaxLength(200) @IsString() name?: string;
}

export class UndoneInput {
  @IsIn([true]) undone!: true;
}
