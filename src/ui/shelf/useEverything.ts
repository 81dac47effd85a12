import { useEffect, useMemo, useState } from "react";
import { everythingOn } from "@/core/catalogue";
import type { Material } from "@/core/material";
import { searchIndex, type OtherName, type SearchIndex } from "@/core/search";
import { useShelf } from "./ShelfContext";

interface Everything {
  readonly everything: readonly Material[];
  /** Made when first asked for. */
  readonly index: () => SearchIndex;
}

/**
 * Everything a maker here can put in a bowl. It carries the whole catalogue: what loads with a page does not use it.
 */
export function useEverything(): Everything {
  const { shelf } = useShelf();
  const [regional, setRegional] = useState<readonly OtherName[]>([]);
  useEffect(() => {
    let here = true;
    // Names in nine languages come a moment later; without them the search goes on with the others.
    void import("@/core/regional").then(
      ({ REGIONAL_NAMES }) => here && setRegional(REGIONAL_NAMES),
      () => undefined,
    );
    return () => {
      here = false;
    };
  }, []);
  return useMemo(() => {
    const everything = everythingOn(shelf);
    let index: SearchIndex | undefined;
    return {
      everything,
      index: () =>
        (index ??= searchIndex(everything, [
          ...shelf.jars.map((jar) => ({ id: jar.materialId, text: jar.name })),
          ...regional,
        ])),
    };
  }, [shelf, regional]);
}
