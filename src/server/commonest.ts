import { findMaterial, type Material } from "@/core/material";
import { COMMONEST } from "@/core/paste";

/** A powder as it is drawn: a heap in its colour, with its name. */
export interface AtHand {
  readonly id: string;
  readonly name: string;
  readonly colour: Material["colour"];
}

/** The powders that most makers have, as heaps to press. */
export const commonestAtHand = (): AtHand[] =>
  COMMONEST.flatMap((id) => {
    const material = findMaterial(id);
    return material ? [{ id, name: material.names[0].text, colour: material.colour }] : [];
  });
