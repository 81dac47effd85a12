"use client";
import { createContext, useContext, useMemo, type ReactNode } from "react";
import { NO_MEANINGS, searchIndex, type SearchIndex } from "@/core/search";
import { EMPTY_SHELF, everythingOn, lookupOn, type HouseShelf } from "@/core/shelf";
import type { Lookup, Material } from "@/core/material";

interface Known extends HouseShelf {
  readonly find: Lookup;
  readonly everything: readonly Material[];
  /** Made when first asked for. */
  readonly index: () => SearchIndex;
}

function known(house: HouseShelf): Known {
  const { shelf } = house;
  const everything = everythingOn(shelf);
  let index: SearchIndex | undefined;
  return {
    ...house,
    find: lookupOn(shelf),
    everything,
    index: () =>
      (index ??= searchIndex(
        everything,
        shelf.jars.map((jar) => ({ id: jar.materialId, text: jar.name })),
      )),
  };
}

const Context = createContext<Known>(
  known({
    shelf: EMPTY_SHELF,
    spoons: "metric",
    vessels: {},
    currency: "EUR",
    meanings: NO_MEANINGS,
    today: "2026-01-01",
  }),
);

export function ShelfProvider({ house, children }: { house: HouseShelf; children: ReactNode }) {
  const value = useMemo(() => known(house), [house]);
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

export const useShelf = (): Known => useContext(Context);
