import type { DyeId } from "@/core/colour";

export const DYE_NAME: Readonly<Record<DyeId, string>> = {
  henna: "henna",
  indigo: "indigo",
  katam: "katam",
  cassia: "cassia",
  madder: "madder",
  alkanet: "alkanet",
  walnut: "walnut hull",
  turmeric: "turmeric",
  blackTea: "black tea",
  coffee: "coffee",
  hibiscus: "hibiscus",
  beet: "beetroot",
};
