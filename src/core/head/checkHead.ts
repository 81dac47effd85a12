import { checkChoice } from "../checkChoice";
import { checkNumber } from "../checkNumber";
import { LIMITS } from "../limits";
import type { Problem } from "../problem";
import { checkText } from "../text";
import { dayNumber } from "../day";
import { TRAITS, type TraitId } from "./traits";
import { AGES, CUTS, LANDMARKS, SHADES, STRAND_COUNTS, STRAND_SIZES, TREATMENTS, type Head } from "./hair";

/** Every problem with a head, with paths below `field`. */
export function checkHead(head: Head, field = "head"): Problem[] {
  const problems: (Problem | undefined)[] = [];
  const choice = (name: string, value: unknown, among: readonly string[]) => {
    problems.push(checkChoice(`${field}.${name}`, value, among));
  };
  if ("cm" in head.longest) problems.push(checkNumber(`${field}.longest.cm`, head.longest.cm, "longestCm"));
  else choice("longest.landmark", head.longest.landmark, LANDMARKS);
  if ("ponytailCm" in head.amount)
    problems.push(checkNumber(`${field}.amount.ponytailCm`, head.amount.ponytailCm, "ponytailCm"));
  else choice("amount.strands", head.amount.strands, STRAND_COUNTS);
  choice("strand", head.strand, STRAND_SIZES);
  choice("cut", head.cut, CUTS);
  choice("shade", head.shade, SHADES);
  choice("age", head.age, AGES);
  head.allergies.forEach((allergy, i) => problems.push(checkText(`${field}.allergies.${i}`, allergy, "allergyChars")));
  if (head.allergies.length > LIMITS.allergyCount.max)
    problems.push({ field: `${field}.allergies`, code: "tooMany", detail: { max: LIMITS.allergyCount.max } });
  problems.push(checkNumber(`${field}.greyShare`, head.greyShare, "greyShare"));
  if (head.baseLevel !== undefined) problems.push(checkNumber(`${field}.baseLevel`, head.baseLevel, "baseLevel"));
  (head.treated ?? []).forEach(({ what, month }, i) => {
    choice(`treated.${i}.what`, what, TREATMENTS);
    if (month !== undefined && !/^(19|20)\d\d-(0[1-9]|1[0-2])$/.test(month))
      problems.push({ field: `${field}.treated.${i}.month`, code: "notAMonth" });
  });
  if ((head.treated ?? []).length > LIMITS.treatedCount.max)
    problems.push({ field: `${field}.treated`, code: "tooMany", detail: { max: LIMITS.treatedCount.max } });
  for (const [trait, said] of Object.entries(head.traits ?? {})) {
    const known = Object.hasOwn(TRAITS, trait) ? TRAITS[trait as TraitId] : undefined;
    if (!known) problems.push({ field: `${field}.traits.${trait.slice(0, 20)}`, code: "unknownField" });
    else if (known.many !== Array.isArray(said)) choice(`traits.${trait}`, undefined, known.of);
    else for (const one of [said].flat()) choice(`traits.${trait}`, one, known.of);
  }
  for (const name of ["shrinks", "growthCmPerMonth", "washDay"] as const)
    if (head[name] !== undefined) problems.push(checkNumber(`${field}.${name}`, head[name], name));
  if (head.measuredOn !== undefined && dayNumber(head.measuredOn) === undefined)
    problems.push({ field: `${field}.measuredOn`, code: "notADay" });
  (head.shed ?? []).forEach(({ on, hairs }, i) => {
    if (dayNumber(on) === undefined) problems.push({ field: `${field}.shed.${i}.on`, code: "notADay" });
    problems.push(checkNumber(`${field}.shed.${i}.hairs`, hairs, "shedHairs"));
  });
  (head.trials ?? []).forEach(({ what, from }, i) => {
    problems.push(checkText(`${field}.trials.${i}.what`, what, "labelChars"));
    if (dayNumber(from) === undefined) problems.push({ field: `${field}.trials.${i}.from`, code: "notADay" });
  });
  for (const name of ["shed", "trials"] as const)
    if ((head[name] ?? []).length > LIMITS.headNotes.max)
      problems.push({ field: `${field}.${name}`, code: "tooMany", detail: { max: LIMITS.headNotes.max } });
  return problems.filter((problem) => problem !== undefined);
}
