import { Type } from "class-transformer";
import { ArrayMaxSize, ArrayMinSize, IsArray, IsObject, ValidateNested } from "class-validator";

/** A list of so many of one kind of object. */
export const ListOf =
  (kind: () => new () => object, max: number, min = 0): PropertyDecorator =>
  (target, key) => {
    const each = [
      IsArray(),
      ...(min > 0 ? [ArrayMinSize(min)] : []),
      ArrayMaxSize(max),
      IsObject({ each: true }),
      ValidateNested({ each: true }),
      Type(kind),
    ];
    for (const decorate of each) decorate(target, key);
  };
