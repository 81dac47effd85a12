import type { MakingNote } from "@/core/making";
import { minuteWords } from "../amounts";
import { materialName } from "../names";

export function noteWords({ code, detail = {} }: MakingNote): string {
  switch (code) {
    case "slimy":
      return "This makes a gel: strain it hot, while it runs. It thickens as it cools.";
    case "throughCloth":
      return "A powder goes through a sieve: use a cloth or a paper filter, or let it settle and pour off.";
    case "potTooFull":
      return `${detail.ml} ml boils over in a pot of about ${detail.potMl} ml. Take a larger one.`;
    case "weak":
      return `Only ${detail.percent} % of it is drawn by then. Give it longer, or more warmth.`;
    case "hot":
      return "Let it cool to the warmth of your wrist before it touches a scalp; keep children away from the pot.";
    case "keepCold":
      return "It spoils like a soup: cold within two hours, and away when it smells, fizzes or has threads in it.";
    case "later":
      return `${materialName(String(detail.materialId))}: only for the last ${minuteWords(Number(detail.minutes))}.`;
    case "measuredSteam":
      return `By what you read it boils off ${detail.gPerH} ml an hour, and that is reckoned with.`;
    case "measuredCooling":
      return `By your thermometer it is two thirds of the way to the room in ${minuteWords(Number(detail.minutes))}.`;
    case "hotOil":
      return (
        `Not above ${detail.tempC} °C. Hot oil burns like nothing else: no water into it, never out of sight, ` +
        "children and animals out of the kitchen."
      );
    case "overLid":
      return `The thermometer said ${detail.tempC} °C: that is over ${detail.lid} °C. Take it off and let it cool.`;
    case "tooThickToStrain":
      return (
        `So much seed sets to a gel of about ${detail.pa} Pa, which no sieve lets ` +
        `through: take more water, or less seed.`
      );
    case "freshInOil":
      return (
        "Fresh plant brings water: it is done when it bubbles no more. Strain " + "it warm, and keep it cold and short."
      );
    case "wetOil":
      return "There is water left in it: it clouds, spits and spoils. Keep it in the fridge, and only for days.";
    case "botulism":
      return (
        "Onion, garlic and ginger in oil can make people gravely ill (botulism), without a " +
        "smell: cold at once, four days, then away."
      );
    case "overCeiling":
      return (
        `${detail.percent} % is more than the oil takes (about ${detail.most} %): ` +
        `it drinks the oil and gives no more.`
      );
    case "notHeated":
      return `${materialName(String(detail.materialId))} is spoiled by warmth. Draw it cold, or take another oil.`;
    case "keepDry":
      return "Everything that touches it is bone dry: jar, spoon, herb.";
    case "dairyKept":
      return "In the fridge while it hangs; two hours out of it at the most. Its whey is of use as well.";
    case "cookedHot":
      return "Cooked starch sticks and burns: let it cool to your wrist's warmth first.";
    case "block":
      return "So much sets to a block that no hand spreads. Take less, or more water.";
    case "settles":
      return "Raw it settles and holds nothing: stir until it turns glassy.";
    case "acidAfter":
      return "Oils go in warm; lemon or vinegar only when it has cooled, or it thins.";
    case "latex":
      return (
        "The yellow juice under an aloe's rind irritates: stand the leaf on its cut " +
        "end until it drips no more, and rinse."
      );
    case "tooLittleToTurn":
      return `A blender turns from about ${detail.ml} ml on: make more, or use a mortar.`;
    case "foams":
      return "It foams: fill the jug half, and let it stand before you measure.";
    case "tooCool":
      return Number(detail.g) > 0
        ? `At that warmth ${detail.g} g stay as grains. It is clear from ${detail.tempC} °C.`
        : `Grains come out again as it cools; it is clear from ${detail.tempC} °C.`;
    case "notEnoughWater":
      return `The blades only throw it about: pour about ${detail.ml} ml with it.`;
    case "addsUp":
      return "What is not good for somebody in one of them is not good in all of it.";
    case "patchTest":
      return "New on a skin: a dab in the crook of the arm, and wait a day.";
    case "stains":
      return "It stains cloth, boards, and hair that is grey, blond or bleached.";
  }
}
