"use client";
import { createContext, useContext, useMemo, type ReactNode } from "react";
import type { Lookup } from "@/core/material";
import { lookupOn, type HouseShelf } from "@/core/shelf";

interface ShelfHere extends HouseShelf {
  readonly find: Lookup;
}

const known = (house: HouseShelf): ShelfHere => ({ ...house, find: lookupOn(house.shelf) });

/** The layout provides it on every page. */
const Context = createContext<ShelfHere | undefined>(undefined);

export function ShelfProvider({ house, children }: { house: HouseShelf; children: ReactNode }) {
  const value = useMemo(() => known(house), [house]);
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

export const useShelf = (): ShelfHere => useContext(Context)!;
