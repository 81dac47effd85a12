import type { Worn } from "@/core/head";
import type { Consistency, ConsistencyBand, FigureChange, PasteAnswer, Sizing, Stays, TargetWord } from "@/core/paste";
import { bandWords, grainOf, gramWords, minuteWords, roundTo } from "./amounts";
import { CONSISTENCY_NAME, materialName } from "./names";

/** "a cream, about 33 Pa"; never a number for a dry bowl. */
export function consistencyWords(consistency: Consistency): string {
  if (consistency.state === "dry") return "still dry";
  const pa = roundTo(consistency.yieldPa, consistency.yieldPa < 10 ? 0.5 : consistency.yieldPa < 100 ? 1 : 10);
  if (consistency.state === "runny") return `runs like water, about ${pa} Pa`;
  return `${CONSISTENCY_NAME[consistency.word]}, about ${pa} Pa`;
}

export const shortly = (consistency: Consistency): string =>
  consistency.state === "dry"
    ? "still dry"
    : consistency.state === "runny"
      ? "like water"
      : CONSISTENCY_NAME[consistency.word];

/** "cream to a thick paste": how thick it may be, by what the figures allow. */
export function consistencyRange({ thinnest, thickest }: ConsistencyBand): string {
  const [from, to] = [shortly(thinnest), shortly(thickest)];
  return from === to ? from : `${from} to ${to}`;
}

const ml = (value: number) => `${roundTo(value, value < 30 ? 1 : 5)} ml`;

const millimetres = (mm: number) => (mm >= 10 ? "more than 10" : mm.toFixed(1));
const STAYS_LEAD: Readonly<Record<Stays, string>> = {
  stays: "Stays on",
  shouldStay: "Should stay on",
  mayDrip: "May drip in places",
  willRun: "Will run",
};
const WORN_LEAD: Readonly<Record<Exclude<Worn, "loose">, string>> = { pinnedUp: "Pinned up", wrapped: "Wrapped" };
const UNTIL_THEN: Readonly<Record<Stays, string>> = {
  stays: "",
  shouldStay: " Until it is, it should stay on as well.",
  mayDrip: " Until it is, it may drip in places.",
  willRun: " Until it is, it runs.",
};

/** "about 8 times in 10"; nothing where it is as good as sure, or hardly ever so. */
function timesInTen(chance: number): string {
  const times = Math.round(10 * chance);
  const said = ["once", "twice"][times - 1] ?? `${times} times`;
  return times === 0 || times >= 10 ? "" : `about ${said} in 10`;
}

/** What this bowl does on the hair: what to do next before why. */
export function verdictWords({ verdict, coat, on }: PasteAnswer): string {
  if (verdict.state === "stillDry")
    return verdict.moreMl
      ? `Still dry. Pour about ${ml(verdict.moreMl)} more.`
      : "Still dry: there is not enough water in it to wet the powder.";
  if (verdict.state === "wontSpread")
    return verdict.moreMl
      ? `Too stiff to spread: it tangles. Pour about ${ml(verdict.moreMl)} more.`
      : "Too stiff to spread: it tangles.";
  const { state, chance, worn = "loose", untilThen, holdsMm, needMm } = verdict;
  if (chance === undefined || state === "clings")
    return (
      `${state === "clings" ? "Clings" : "Will run"}: it holds a ${holdsMm.toFixed(1)} mm coat, and the purpose` +
      ` wants ${needMm.toFixed(1)}` +
      (state === "clings" ? ` (${coat.needMm.low.toFixed(1)}–${coat.needMm.high.toFixed(1)})` : "") +
      "."
    );
  if (on.mid.state === "runny") return "Will run: it is as thin as water.";
  if (worn !== "loose") return `${WORN_LEAD[worn]}, it stays on.${untilThen ? UNTIL_THEN[untilThen] : ""}`;
  if (needMm < 0.05) return `${STAYS_LEAD[state]}: the hair holds all of it between its strands.`;
  const times = timesInTen(chance);
  const sure = state === "stays" || times === "" ? "" : state === "shouldStay" ? `, ${times}` : `; it holds ${times}`;
  return (
    `${STAYS_LEAD[state]}${sure}: about ${needMm.toFixed(1)} mm lie on the lengths, and it holds ` +
    `${millimetres(holdsMm)}.`
  );
}

/** The mends of a bowl that may drip, as the words of things to press: thicker, or worn otherwise. */
export function mendWords({ verdict, on }: PasteAnswer):
  | {
      readonly thicker?: { readonly press: string; readonly then: string; readonly word: TargetWord };
      readonly wear?: { readonly press: string; readonly worn: Worn };
    }
  | undefined {
  if (verdict.state !== "willRun" && verdict.state !== "mayDrip") return undefined;
  const { mend, chance, worn } = verdict;
  return {
    ...(mend
      ? {
          thicker: {
            word: mend.word,
            press: `Make it ${CONSISTENCY_NAME[mend.word]}`,
            then: `with ${ml(mend.lessMl)} less`,
          },
        }
      : {}),
    ...(chance !== undefined && worn === "loose" && on.mid.state !== "runny"
      ? { wear: { press: mend ? "pin it up" : "Pin it up", worn: "pinnedUp" } }
      : {}),
  };
}

/** Why no amount of the liquid will do, and the ways out. */
export function obstacleWords(answer: PasteAnswer, liquidId: string): string | undefined {
  const { liquid } = answer;
  if (liquid.state !== "unreachable") return undefined;
  const name = liquid.line === undefined ? undefined : materialName(answer.lines[liquid.line].materialId);
  const waysOut = [
    liquid.lineWouldBeG !== undefined &&
      name &&
      (liquid.lineWouldBeG < 0.5
        ? `leave the ${name} out`
        : `take ${gramWords(liquid.lineWouldBeG)} g of ${name} and no liquid`),
    liquid.powderToAddG !== undefined && `add ${gramWords(liquid.powderToAddG)} g more powder in these proportions`,
  ]
    .filter(Boolean)
    .join(", or ");
  switch (liquid.why) {
    case "alreadyThin":
      return (
        `No ${materialName(liquidId)} is wanted: the bowl is thinner than this already.` +
        `${name ? ` The ${name} stands in the way.` : ""}` +
        (waysOut ? ` ${waysOut.charAt(0).toUpperCase()}${waysOut.slice(1)}.` : "")
      );
    case "cannotThin":
      return (
        `No amount of ${materialName(liquidId)} makes it this thin: it is as thick as that itself. Make it up with` +
        " water, or aim thicker."
      );
    case "hardlyThins":
      return (
        `It would take many times the powder in ${materialName(liquidId)}: it thickens nearly as much as it thins.` +
        " Use part water, or aim thicker."
      );
    case "fixedTooMuch":
      return (
        `The things in fixed amounts are more than this head takes${name ? `; the ${name} most of all` : ""}. Take` +
        " less of them, or make more paste."
      );
    case "stillThinner":
      return (
        "That is too thin already, and this thins it more." +
        (name ? ` The ${name} stands in the way.` : " The liquid stands in the way: pour less of it.")
      );
    case "stillThicker":
      return (
        `That is too thick already, and this thickens it more.${name ? ` The ${name} stands in the way.` : ""} Pour` +
        " more liquid, or aim thicker."
      );
    case "onlyRawStarch":
      return (
        `It settles: ${name ?? "raw starch"} holds no water until it is cooked. Cook it first, or put something` +
        " with it that holds."
      );
    case "oilDoesNotWet":
      return (
        `Still dry: ${name ?? "oil"} makes it soft but does not wet the powder. Take less oil, and more of` +
        " something watery."
      );
  }
}

/** "Makes 285 g; Tove's head takes 270 (210–350)." */
export function totalWords(answer: PasteAnswer, headName: string): string {
  const takes = bandWords(answer.head.pasteG);
  const whose = headName ? `${headName}’s head` : "this head";
  return `Makes ${roundTo(answer.totalG.mid, grainOf(answer.head.pasteG))} g; ${whose} takes about ${takes.both}.`;
}

/** " That is enough for about 60 % of it (45–80 %)." Empty where it is enough for all. */
export function coversWords({ totalG, head: { pasteG } }: PasteAnswer): string {
  const share = (of: number) => Math.round((100 * totalG.mid) / of / 5) * 5;
  if (totalG.mid >= 0.97 * pasteG.mid) return "";
  const little = totalG.mid < pasteG.low ? " That is too little for this head." : "";
  return (
    `${little} That is enough for about ${share(pasteG.mid)} % of it (${share(pasteG.high)}–` +
    `${Math.min(100, share(pasteG.low))} %).`
  );
}

/** Of a bowl whose amounts stand as they were written: the press that makes it what the head takes. */
export function sizeWords(
  answer: PasteAnswer,
  sizing: Sizing,
): { readonly press: string; readonly factor: number } | undefined {
  const {
    totalG,
    head: { pasteG },
  } = answer;
  if (sizing !== "asGiven" || !(totalG.mid > 0) || (totalG.mid >= pasteG.low && totalG.mid <= pasteG.high))
    return undefined;
  return {
    press: totalG.mid < pasteG.low ? "make it enough" : "make no more than that",
    factor: pasteG.mid / totalG.mid,
  };
}

/** "Mixed it is pancake batter; on the head, after 30 min, cream; an hour later a thick paste." */
export function throughTimeWords({ mixed, on, later, rest }: PasteAnswer): string {
  const [first, then, last] = [shortly(mixed.mid), shortly(on.mid), later && shortly(later.mid)];
  const after = `when it goes on, after ${minuteWords(rest.restMin)}, ${then === first ? "the same" : then}`;
  return (
    `Just mixed it is ${first}; ${after}` +
    (last === undefined ? "" : `; an hour later ${last === then ? "still that" : last}`) +
    "."
  );
}

const VERDICT_SHORT: Readonly<Record<PasteAnswer["verdict"]["state"], string>> = {
  stillDry: "still dry",
  wontSpread: "too stiff to spread",
  clings: "stays on",
  stays: "stays on",
  shouldStay: "should stay on",
  mayDrip: "may drip in places",
  willRun: "will run",
};

/** "360 g, cream, stays on": what comes of a bowl, for those who listen while it is changed. */
export const inShortWords = ({ totalG, on, verdict }: PasteAnswer): string =>
  `${bandWords(totalG).mid} g, ${shortly(on.mid)}, ${VERDICT_SHORT[verdict.state]}`;

/** "makes about 285 g (before: 540 g); pours about 180 ml (before: 320 ml)": only what differs. */
export function figureChangeWords({ before, after }: FigureChange): string {
  const grams = (value: number) => `${roundTo(value, value < 100 ? 5 : 10)}`;
  const poured = (value: number | undefined) => (value === undefined ? "nothing" : `about ${ml(value)}`);
  const pairs: readonly (readonly [string, string, string])[] = [
    ["makes about", `${grams(after.totalG)} g`, `${grams(before.totalG)} g`],
    ["pours", poured(after.liquidMl), poured(before.liquidMl)],
    ["on the hair:", VERDICT_SHORT[after.verdict], VERDICT_SHORT[before.verdict]],
  ];
  return pairs
    .filter(([, now, then]) => now !== then)
    .map(([what, now, then]) => `${what} ${now} (before: ${then})`)
    .join("; ");
}
