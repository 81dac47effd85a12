import { DYES, HOWS, PLAIN_PLAN, WORN_C, type ColourPlan, type DyeId, type How, type WornWarm } from "@/core/colour";
import { LIMITS } from "@/core/limits";

const within = (text: string | undefined, { min, max }: { min: number; max: number }, otherwise: number): number => {
  const value = Number(text);
  return text && Number.isFinite(value) && value >= min && value <= max ? value : otherwise;
};
const oneOf = <T extends string>(text: string | undefined, list: readonly T[], otherwise: T): T =>
  list.find((one) => one === text) ?? otherwise;

/** A plan as it stands in an address: "henna-2*indigo-1_stirredIn_2.5_cap_1_plain_1". */
export const planText = ({ parts, how, hoursOn, worn, strength, acid, rounds }: ColourPlan): string =>
  [
    parts.map(({ dye, parts: its }) => `${dye}-${its}`).join("*"),
    how,
    hoursOn,
    worn,
    strength,
    acid ? "acid" : "plain",
    rounds,
  ].join("_");

/** Read from an address; what means nothing there is as usual. */
export function planFrom(text: string | undefined): ColourPlan {
  const [parts = "", how, hoursOn, worn, strength, acid, rounds] = (text ?? "").split("_");
  const read = parts.split("*").flatMap((one) => {
    const [dye, its] = one.split("-");
    const known = DYES.find((id) => id === dye);
    return known ? [{ dye: known as DyeId, parts: within(its, LIMITS.dyeParts, 1) }] : [];
  });
  const unique = read.filter(({ dye }, i) => read.findIndex((one) => one.dye === dye) === i);
  return {
    parts: unique.length > 0 ? unique.slice(0, MOST_DYES) : PLAIN_PLAN.parts,
    how: oneOf<How>(how, HOWS, PLAIN_PLAN.how),
    hoursOn: within(hoursOn, LIMITS.hoursOn, PLAIN_PLAN.hoursOn),
    worn: oneOf<WornWarm>(worn, Object.keys(WORN_C) as WornWarm[], PLAIN_PLAN.worn),
    strength: within(strength, { min: 0, max: 1 }, PLAIN_PLAN.strength),
    acid: acid === "acid",
    rounds: Math.round(within(rounds, LIMITS.dyeRounds, 1)),
  };
}
export const MOST_DYES = 3;
