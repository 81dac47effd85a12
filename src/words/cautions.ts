import type { Caution, CautionId } from "@/core/caution";
import { materialName } from "./names";
import { andWords } from "./lists";

/** The usual cautions, briefly; each defers to those who know the person. */
const SENTENCE: Readonly<Record<CautionId, (things: string, many: boolean) => string>> = {
  knownAllergy: (things, many) =>
    `Known allergy: ${things} ${many ? "are, or hold," : "is, or holds,"} what this head does not bear. Leave it` +
    " out; ask a doctor before trying a relative of it.",
  childDye: () => "No dye and no essential oil on a child.",
  soreScalp: () => "The scalp is sore or broken. Wait until it has healed, and ask a pharmacist.",
  childPaste: () => "Herb pastes are not for children before their teens.",
  essentialOilMuch: () =>
    "So much essential oil burns the scalp and the eyes. Take 5–10 drops in the whole bowl at the most, and never" +
    " more than 2 ml.",
  harshOilMuch: (things) => `So much ${things} burns. Leave it out, or take one drop in the whole bowl.`,
  essentialOilStrong: (things, many) =>
    `${things} ${many ? "are" : "is"} more of this paste than is usual on a scalp: 1 % for an adult, half of that` +
    " for a teenager, a tenth of it for cinnamon, clove and their like. Take fewer drops.",
  phototoxic: (things, many) =>
    `${things} ${many ? "make" : "makes"} skin burn in the sun. Keep it off the skin, rinse well, and stay out of` +
    " the sun and the sunbed for two days.",
  undilutedAcid: (things) =>
    `With so much acid (${things}) it stings and dries: a spoon to a cup of liquid is usual. Never undiluted on a` +
    " scalp.",
  alkaline: () => "Baking soda is far too alkaline for hair and scalp. Use it on combs and bowls.",
  eggHot: () => "Egg sets from 62 °C. Let the liquid cool to hand-warm before the egg goes in.",
  indigoSold: () =>
    "Indigo is sold as black henna, and so are boxes with para-phenylenediamine. Use only one that names" +
    " Indigofera tinctoria and nothing else.",
  treatedHair: (things) =>
    `This hair was relaxed, bleached, permed or box-dyed. Try ${things} on a strand from the comb first, and wait` +
    " two weeks between such a treatment and a dye, before or after.",
  metalOnHair: () =>
    "There may be metal salts in this hair: a plant dye can turn green over them, and bleach or perm can break" +
    " it. Test a strand, and ask a hairdresser.",
  metal: (things) =>
    `${things}: a pinch, gloves on. Hair with metal in it can break when it is bleached, permed or box-dyed later.`,
  fresh: (things, many) =>
    `${things} ${many ? "are" : "is"} fresh: what is left goes into the fridge, and away in two days.`,
  soldAsHenna: () =>
    "Dyes are sold as henna that hold other dyes or metal salts. Use only a box that names Lawsonia inermis and" +
    " nothing else; never “black henna”.",
  patchTest: () =>
    "Patch test: a dab on the inner arm, left 48 hours and looked at again at 72. Itch, redness or swelling: do" +
    " not use it.",
  teenDye: () => "A teenager: dye and essential oils only with a parent, and after the patch test.",
  pregnancy: (things) =>
    things === "this"
      ? "Pregnant or nursing: ask a doctor or pharmacist about this bowl first."
      : `Pregnant or nursing: ask a doctor or pharmacist about this bowl first, and leave out ${things} until they` +
        " say yes.",
  enzymeDeficiency: () =>
    "Henna can be dangerous with G6PD deficiency. Anyone who has it, or might, asks a doctor first.",
  hotLiquid: () =>
    "Hot liquid scalds: 49 °C in minutes, 60 °C in seconds. Let the paste cool to hand-warm before it goes near a" +
    " scalp.",
  dustAsthma: () => "Asthma: let somebody else open and mix the powders, or wear a mask and wet them early.",
  dislikesProtein: (things) => `This hair does not like protein, and ${things} brings it: less of it, or leave it out.`,
  dislikesCoconut: (things) =>
    `This hair goes stiff with coconut, and ${things} brings it: take another oil or milk, or leave it out.`,
  dislikesScent: (things) => `This head does not bear scent well: ${things} stays in the hair for a day or two.`,
  dislikesOil: (things) => `This hair does not like oil: leave ${things} out, or keep it to the ends.`,
  thinningDose: (things) =>
    `Over thin places go lightly: ${things} in a thin coat, no rubbing, off sooner. Hair that thins quickly or in` +
    " patches is for a doctor.",
  flakyScalp: () =>
    "Flakes and itch: rinse until nothing is left, and stop when it gets worse. What lasts for weeks is for a doctor.",
  oilyScalp: () => "An oily scalp: keep the oil to the lengths.",
  dryScalp: (things) => `A dry scalp: ${things} dries it more; shorter on, and something moist after.`,
  lowPorosity: () =>
    "Hair that takes water slowly: warm paste, a thin coat and a cap let more in; heavy oils stay on top.",
  highPorosity: () =>
    "Hair that drinks: it takes colour and water fast and lets them go; a little oil in the ends before, a cool," +
    " slightly sour last rinse and a little protein hold more.",
  stainsLightHair: (things) => `${things} can tint grey, blond or bleached hair. Try a strand first.`,
  essentialOil: () =>
    "Essential oils: 5–10 drops in the whole bowl at the most, never neat, and away from eyes, cats and small" +
    " children.",
  eyes: (things, many) =>
    `${things} ${many ? "sting" : "stings"} the eyes. Keep it off the face; rinse with plenty of water.`,
  irritant: (things, many) =>
    `${things} ${many ? "sting and burn" : "stings and burns"}: a pinch at the most, never on sore skin, off at` +
    " once when it burns.",
  indigo: () =>
    "Indigo gives its blue within the quarter hour and is spent within the hour: mix it last, with water and no" +
    " acid, and put it on at once.",
  aloeLatex: () => "From a fresh leaf: drain the yellow latex first; it irritates.",
  perishable: (things, many) =>
    `${things} ${many ? "spoil" : "spoils"}: two hours out at the most, and what is left goes away today.`,
  perishableRest: (things, many) =>
    `${things} ${many ? "spoil" : "spoils"} within two hours out of the fridge, and this rests longer: stir ` +
    `${many ? "them" : "it"} in just before it goes on, or let it rest in the fridge. What is left goes away the` +
    " same day.",
  hotDayPerishable: () => "In a kitchen this warm, one hour out is the most.",
  dust: () => "Powder dust irritates: open the bag slowly, wet it early, breathe away from it.",
  stainsRoom: (things, many) =>
    `${things} ${many ? "stain" : "stains"} towels, basins and grout. Old clothes, gloves, and wipe as you go.`,
  oilOnFloor: () => "Oil makes the shower floor slippery. Rinse it with hot water and soap when you are done.",
  eggSets: () => "Rinse egg out with cool water; hot water sets it in the hair.",
  heavyPack: () => "A heavy pack: take it off at a headache, chill or itch, whatever the clock says.",
};

export function cautionWords({ id, materialIds }: Caution): string {
  const names = materialIds.map(materialName);
  const list = andWords(names) || "this";
  // One that a newer Infusing kept has no sentence here.
  const sentence = Object.hasOwn(SENTENCE, id)
    ? SENTENCE[id as CautionId](list, names.length > 1)
    : `take care with ${list}: read the label, and ask a pharmacist.`;
  return sentence.charAt(0).toUpperCase() + sentence.slice(1);
}
