import { findMaterial, type Material } from "@/core/material";
import { COMMONEST } from "@/core/paste";

/** A powder as it is drawn: a heap in its colour, with its name. */
export interface AtHand {
  readonly id: string;
  readonly name: string;
  readonly colour: Material["colour"];
}

const atHand = (ids: readonly string[]): AtHand[] =>
  ids.flatMap((id) => {
    const material = findMaterial(id);
    return material ? [{ id, name: material.names[0].text, colour: material.colour }] : [];
  });

/** The powders that most makers have, as heaps to press. */
export const commonestAtHand = (): AtHand[] => atHand(COMMONEST);

/** What kitchens brew most. */
const BREWED = [
  "black-tea-leaf",
  "green-tea-whole",
  "rosemary-leaf-whole",
  "nettle-leaf-whole",
  "sage-leaf-whole",
  "roselle-whole",
  "hibiscus-flower-whole",
  "chamomile-whole",
  "rose-petal-whole",
  "fenugreek-seed-whole",
  "marshmallow-root-whole",
  "amla-whole",
  "shikakai-whole",
  "reetha-whole",
];
export const brewableAtHand = (): AtHand[] => atHand(BREWED);
