import { ValidateBy, type ValidationOptions } from "class-validator";
import { LIMITS, type LimitName } from "@/core/limits";
import { checkText, isUuid } from "@/core/text";

/** A text within one of the house's limits, by the core's own rule. */
export const IsText = (limit: LimitName, options?: ValidationOptions): PropertyDecorator =>
  ValidateBy(
    {
      name: "isText",
      constraints: [LIMITS[limit]],
      validator: { validate: (value) => checkText("", value, limit) === undefined, defaultMessage: () => limit },
    },
    { ...options, context: { limit } },
  );

/** An id as every other part of the house writes it: a lower-case UUID. */
export const IsId = (): PropertyDecorator =>
  ValidateBy({ name: "isUuid", validator: { validate: isUuid, defaultMessage: () => "a lower-case UUID" } });
