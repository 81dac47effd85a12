import { practice, type Figure } from "../figure";
import { BREWED_DAYS } from "../material";

/** Where something wet can stand. */
export const STANDS = ["room", "fridge", "freezer"] as const;
export type Stand = (typeof STANDS)[number];
/** How many days something keeps, by where it stands. */
export type KeepsDays = Readonly<Record<Stand, Figure>>;

const days = (value: number, low: number, high: number) =>
  practice(value, low, high, "the shortest of what kitchens and food-safety leaflets give (from memory)");
/** As long as this in the kitchen, in the fridge and in the freezer; a third shorter or longer. */
export const keepsFor = (room: number, fridge: number, freezer: number): KeepsDays => ({
  room: days(room, room * 0.6, room * 1.5),
  fridge: days(fridge, fridge * 0.65, fridge * 1.4),
  freezer: days(freezer, freezer * 0.65, freezer * 2),
});

/** Days that it keeps where such things stand: in the kitchen what keeps there for months, all else in the fridge. */
export const usualOf = (keeps: KeepsDays): Figure => keeps[usualStand(keeps)];
export const usualStand = ({ room }: KeepsDays): Stand => (room.value >= MONTH_DAYS ? "room" : "fridge");
const MONTH_DAYS = 30;

/** A herb's water. */
const HERB_WATER: KeepsDays = { room: days(0.5, 0.2, 1), fridge: BREWED_DAYS, freezer: days(90, 60, 180) };
/** Wet plant, raw or spent, and fresh pulp or juice: gone sooner than the water drawn from it. */
export const RAW_WET: KeepsDays = { room: days(0.2, 0.1, 0.5), fridge: days(2, 1, 3), freezer: days(90, 60, 180) };
/** As sour as lemonade. */
const SOUR: KeepsDays = { room: days(1, 0.5, 1.5), fridge: days(5, 3, 7), freezer: days(90, 60, 180) };
/** Milk and what is made with it: two hours out. */
export const DAIRY: KeepsDays = keepsFor(0.08, 4, 60);
/** Starch and flour, cooked: a spoiled one looks as it did. */
export const COOKED: KeepsDays = keepsFor(0.08, 3, 60);
/** Oil in which something dry was warmed, strained clear. */
export const DRY_OIL: KeepsDays = keepsFor(180, 270, 365);
/** Oil from which a fresh leaf's water was cooked out: nothing in it clouds or spits any more. */
export const COOKED_OUT_OIL: KeepsDays = keepsFor(2, 21, 180);
/** Oil with fresh plant in it, or water left in it: the leaflets' shortest, for botulism. */
export const WET_OIL: KeepsDays = keepsFor(0.08, 4, 120);
/** Grams of citric acid a gram from which it keeps longer. */
const SOUR_FROM = 0.005;

/** How long a tea keeps, by how sour it is. @param acidity g of citric acid a gram */
export const teaKeeps = (acidity: number): KeepsDays => (acidity >= SOUR_FROM ? SOUR : HERB_WATER);
