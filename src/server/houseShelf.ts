import { cache } from "react";
import { NO_MEANINGS } from "@/core/search";
import { EMPTY_SHELF, type HouseShelf } from "@/core/shelf";
import { instrumentsHere } from "./instruments";
import { shelfAsOf } from "./shelf";
import { todayIn } from "./today";
import type { House } from "./page";

/** What every page knows of the shelf; read once for a page. */
export const houseShelf = cache(async (found: House | undefined): Promise<HouseShelf> => {
  if (!found)
    return {
      shelf: EMPTY_SHELF,
      spoons: "metric",
      vessels: {},
      currency: "EUR",
      meanings: NO_MEANINGS,
      today: todayIn({ timeZone: "UTC" }),
      instruments: [],
    };
  const { household, settings } = found;
  return {
    shelf: await shelfAsOf(household),
    spoons: settings.spoons,
    vessels: settings.vessels,
    currency: settings.currency,
    meanings: settings.meanings,
    today: todayIn(settings),
    instruments: instrumentsHere(),
  };
});
