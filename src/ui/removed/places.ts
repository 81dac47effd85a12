import type { Removed, RemovableKind } from "@/store/removed";

interface Place {
  /** Where it is put back, below the API. */
  readonly path: string;
  /** Its page, and the page of its like. */
  readonly address: string;
  readonly among: string;
}
const PLACES: Readonly<Record<RemovableKind, (id: string) => Place>> = {
  blend: (id) => ({ path: `blends/${id}/removed`, address: `/blend/${id}`, among: "/" }),
  head: (id) => ({ path: `heads/${id}/removed`, address: `/heads/${id}`, among: "/heads" }),
  jar: (id) => ({ path: `jars/${id}/removed`, address: `/shelf/${id}`, among: "/shelf" }),
  thing: (id) => ({ path: `things/${id}/removed`, address: "/shelf", among: "/shelf" }),
};
export const placeOf = ({ kind, id }: Pick<Removed, "kind" | "id">): Place => PLACES[kind](id);
