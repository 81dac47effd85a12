import { practice, type Figure } from "../figure";

/** How many days something wet keeps, by where it stands. */
export interface KeepsDays {
  readonly room: Figure;
  readonly fridge: Figure;
  readonly freezer: Figure;
}

const days = (value: number, low: number, high: number) =>
  practice(value, low, high, "the shortest of what kitchens and food-safety leaflets give (from memory)");

/** A herb's water: food for whatever falls in. */
const HERB_WATER: KeepsDays = { room: days(0.5, 0.2, 1), fridge: days(3, 2, 4), freezer: days(90, 60, 180) };
/** As sour as lemonade. */
const SOUR: KeepsDays = { room: days(1, 0.5, 1.5), fridge: days(5, 3, 7), freezer: days(90, 60, 180) };
/** Grams of citric acid a gram from which it keeps longer. */
const SOUR_FROM = 0.005;

/** How long a tea keeps, by how sour it is. @param acidity g of citric acid a gram */
export const teaKeeps = (acidity: number): KeepsDays => (acidity >= SOUR_FROM ? SOUR : HERB_WATER);
