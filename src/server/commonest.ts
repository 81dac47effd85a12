import type { Method } from "@/core/making";
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

/** What kitchens make something of by a method. */
export const atHandFor = ({ commonest }: Pick<Method, "commonest">): AtHand[] => atHand(commonest);
