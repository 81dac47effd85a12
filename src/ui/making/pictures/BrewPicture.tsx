import type { MakingStepId } from "@/core/making";
import { kitchenMl } from "@/words/making";
import { ownColour } from "../../parts/colour";
import type { PictureProps } from "./pictureProps";

const WIDTH = 480;
const FLOOR = 300;
/** The most room for the pot, and a picture unit for a cm where that fits. */
const POT = { left: 22, width: 180, height: 240 };
const CM = 10;
/** A jar for what is cold or closed, and for what comes of it. */
const JAR_CM = 9;
const JAR = { left: 372, width: 90, height: 230 };
const LINE = 22;

/** Height in cm of so much in a round vessel. */
const heightCm = (ml: number, acrossCm: number): number => Math.max(0, ml) / ((Math.PI / 4) * acrossCm ** 2);

const WATER = [0.9, 0.035, 220] as const;
/** Steps in which it steams and draws. */
const isOn = (step: MakingStepId | undefined) => step === "boil" || step === "reduce" || step === "stand";

/** To scale: the pot with its level at first, after the steam and after straining, and the jar in the end. */
export function BrewPicture({ made, settings, potColour, now }: PictureProps) {
  const { amounts, material } = made;
  const inAPot = settings.way === "boiled" || settings.way === "reduced" || settings.way === "poured";
  const acrossCm = inAPot ? Number(settings.potCm) : JAR_CM;
  const pour = amounts.pourMl?.mid ?? 0;
  const [steam, rest, out] = [amounts.steamG, amounts.restG, amounts.productMl].map(({ mid }) => mid);
  const deepCm = Math.max(heightCm(pour, acrossCm), heightCm(out, JAR_CM));
  const scale = Math.min(CM, POT.width / acrossCm, JAR.width / JAR_CM, POT.height / Math.max(deepCm, 1));
  const width = acrossCm * scale;
  const strained = !now || now.step === "keep" || now.step === undefined;
  // While it is made: what is in the pot now.
  const goneSteam = !now ? steam : steam * (isOn(now.step) ? now.share : now.step === "strain" ? 1 : 0);
  const inPot = strained && now ? rest : pour - goneSteam;
  const levelY = (ml: number, across = acrossCm) => FLOOR - heightCm(ml, across) * scale;
  const rimY = levelY(pour) - Math.max(30, 0.25 * (FLOOR - levelY(pour)));
  const [jarW, jarY] = [JAR_CM * scale, levelY(out, JAR_CM)];
  const jarX = JAR.left + (JAR.width - jarW) / 2;
  const top = Math.min(rimY, jarY - 30) - (steam >= 5 && inAPot ? 22 : 8);
  const marks = [
    { y: levelY(pour), words: `${kitchenMl(pour)} ml in`, strong: true },
    ...(steam >= 5 ? [{ y: levelY(pour - steam), words: `${kitchenMl(steam)} ml steam` }] : []),
    { y: Math.min(FLOOR - 4, levelY(rest)), words: `${kitchenMl(rest)} g in the sieve` },
  ];
  const places: number[] = [];
  for (const { y } of marks) places.push(Math.max(y, (places.at(-1) ?? -LINE) + LINE));
  const over = Math.max(0, places.at(-1)! - FLOOR - 14);
  const text =
    `${inAPot ? "A pot" : "A jar"} ${Math.round(acrossCm)} cm across: ${marks.map(({ words }) => words).join(", ")}; ` +
    `${kitchenMl(out)} ml in the jar${now && !strained ? " when it is strained" : ""}` +
    `${now ? `; now ${kitchenMl(inPot)} in it.` : "."}`;
  return (
    <svg
      viewBox={`0 ${top} ${WIDTH} ${FLOOR + 30 - top}`}
      role="img"
      aria-label={text}
      className="block w-full max-w-[34rem]"
      fontSize="17"
    >
      {!now && (
        <rect x={POT.left} y={levelY(pour)} width={width} height={FLOOR - levelY(pour)} fill={ownColour(WATER)} />
      )}
      <rect
        x={POT.left}
        y={levelY(now ? inPot : pour - steam)}
        width={width}
        height={FLOOR - levelY(now ? inPot : pour - steam)}
        fill={ownColour(now?.step === "weigh" ? WATER : material.colour)}
      />
      <rect
        x={POT.left}
        y={Math.min(FLOOR - 5, levelY(rest))}
        width={width}
        height={Math.max(5, FLOOR - levelY(rest))}
        fill={ownColour(potColour)}
      />
      <path
        d={`M${POT.left - 12} ${rimY}h12V${FLOOR}H${POT.left + width}V${rimY}h12`}
        className="fill-none stroke-ink"
        strokeWidth="3.4"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      {inAPot && steam >= 5 && (
        <g className="fill-none stroke-quiet" strokeWidth="2" strokeLinecap="round">
          {[0.3, 0.5, 0.7].map((at) => (
            <path key={at} d={`M${POT.left + width * at} ${rimY + 16}q-6 -9 0 -17t0 -17`} />
          ))}
        </g>
      )}
      {marks.map(({ y, words, strong }, i) => (
        <g key={words}>
          <path
            d={`M${POT.left + width - 8} ${y}H${POT.left + width + 8}L${POT.left + width + 16} ${places[i] - over}h5`}
            className="fill-none stroke-quiet"
            strokeWidth="1.2"
          />
          <text
            x={POT.left + width + 25}
            y={places[i] - over + 6}
            className={strong ? "fill-ink font-semibold" : "fill-ink"}
          >
            {words}
          </text>
        </g>
      ))}
      {strained && <rect x={jarX} y={jarY} width={jarW} height={FLOOR - jarY} fill={ownColour(material.colour)} />}
      {!strained && (
        <path d={`M${jarX} ${jarY}h${jarW}`} className="stroke-ink" strokeWidth="2" strokeDasharray="5 5" />
      )}
      {now && <path d={`M${POT.left - 6} ${levelY(inPot)}l-12 -7v14z`} className="fill-ink" />}
      <path
        d={`M${jarX} ${jarY - 22}V${FLOOR - 8}q0 8 8 8h${jarW - 16}q8 0 8 -8V${jarY - 22}`}
        className="fill-none stroke-ink"
        strokeWidth="3"
      />
      <path d={`M${jarX - 3} ${jarY - 25}h${jarW + 6}`} className="stroke-ink" strokeWidth="6" strokeLinecap="round" />
      <text x={jarX + jarW / 2} y={FLOOR + 22} textAnchor="middle" className="fill-ink font-semibold">
        {kitchenMl(out)} ml
      </text>
    </svg>
  );
}
