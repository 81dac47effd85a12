import {
  BOWL_COOLING_H,
  SCHOOL_ACID,
  strengthAt,
  type DyeClock,
  type DyeWindow,
  type RestPlan,
  type School,
} from "@/core/rest";
import { hourBandWords, hourWords, minuteWords } from "@/words/amounts";

const WIDTH = 620;
const HEIGHT = 170;
const PLOT = { left: 8, right: 612, top: 14, bottom: 128 };
const SCHOOL_NAME: Readonly<Record<School, string>> = { acid: "with acid", plain: "without acid" };
const SCHOOLS: readonly School[] = ["acid", "plain"];
const POINTS = 120;

/** Free dye over the hours along this bowl's own warmth, its window filled; both schools beside it, thin. */
function DyeCurves({ dye, kitchenTempC }: { dye: NonNullable<RestPlan["dye"]>; kitchenTempC: number }) {
  const steady = (school: School): DyeClock => ({
    acidPerG: SCHOOL_ACID[school],
    startC: kitchenTempC,
    coolingH: BOWL_COOLING_H.value,
  });
  const ownClock = dye.own?.clock ?? steady(dye.school);
  const { readyH, peakH, useByH } = dye.own ?? dye[dye.school];
  const bestH = dye.own?.bestH ?? peakH;
  const spanH = Math.min(240, Math.max(dye.acid.useByH.mid, dye.plain.useByH.mid, useByH.mid) * 1.1);
  const x = (h: number) => PLOT.left + ((PLOT.right - PLOT.left) * h) / spanH;
  const yOf = (share: number) => PLOT.bottom - (PLOT.bottom - PLOT.top) * Math.min(1.05, share);
  const stays = [{ fromH: 0, tempC: kitchenTempC }];
  const curve = (clock: DyeClock) => {
    const hours = Array.from({ length: POINTS + 1 }, (_, i) => (spanH * i) / POINTS);
    const strength = strengthAt(clock, stays, hours);
    return hours.map((h, i) => [x(h), yOf(strength[i])] as const);
  };
  const line = (points: readonly (readonly [number, number])[]) =>
    `M${points.map(([px, py]) => `${px.toFixed(1)} ${py.toFixed(1)}`).join("L")}`;
  const own = curve(ownClock);
  const topAt = (h: number) => yOf(strengthAt(ownClock, stays, [h])[0]);
  const inside = own.filter(([px]) => px >= x(readyH.mid) && px <= x(useByH.mid));
  const tick = [1, 2, 4, 6, 12, 24, 48].find((step) => spanH / step <= 8) ?? 48;
  const words = (w: DyeWindow, best = w.peakH) =>
    `ready after ${hourBandWords(w.readyH)}, at its best from about ${hourBandWords(best)}, use by ` +
    `${hourBandWords(w.useByH)}`;
  const ownWords = words({ readyH, peakH, useByH }, bestH);
  return (
    <div>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        className="block w-full overflow-visible"
        aria-label={[`this bowl: ${ownWords}`, ...SCHOOLS.map((s) => `${SCHOOL_NAME[s]}: ${words(dye[s])}`)].join(". ")}
      >
        <path
          d={`${line(inside)}L${x(useByH.mid)} ${PLOT.bottom}L${x(readyH.mid)} ${PLOT.bottom}Z`}
          className="fill-madder-wash"
        />
        <path d={`M${PLOT.left} ${yOf(0.8)}H${PLOT.right}`} className="stroke-line" strokeDasharray="3 5" />
        <path d={`M${PLOT.left} ${PLOT.bottom}H${PLOT.right}`} className="stroke-ink" strokeWidth="1.4" />
        {Array.from({ length: Math.floor(spanH / tick) + 1 }, (_, i) => i * tick).map((h) => (
          <g key={h}>
            <path d={`M${x(h)} ${PLOT.bottom}v5`} className="stroke-ink" />
            <text
              x={x(h)}
              y={PLOT.bottom + 20}
              textAnchor={h === 0 ? "start" : "middle"}
              className="fill-quiet text-[13px]"
            >
              {h === 0 ? "mixed" : `${h} h`}
            </text>
          </g>
        ))}
        {SCHOOLS.map((school) => (
          <path
            key={school}
            d={line(curve(steady(school)))}
            className="fill-none stroke-quiet"
            strokeWidth={1.4}
            strokeDasharray="1 4"
            strokeLinecap="round"
          />
        ))}
        <path d={line(own)} className="fill-none stroke-madder" strokeWidth={3} strokeLinecap="round" />
        {(
          [
            ["ready", readyH.mid],
            ["best", bestH.mid],
            ["use by", useByH.mid],
          ] as const
        ).map(([name, h]) => (
          <g key={name}>
            <path d={`M${x(h)} ${topAt(h)}V${PLOT.bottom}`} className="stroke-madder" strokeWidth="1.6" />
            <text x={x(h)} y={PLOT.bottom + 38} textAnchor="middle" className="fill-ink text-[14px] font-semibold">
              {name} {hourWords(h)}
            </text>
          </g>
        ))}
      </svg>
      <p className="mt-1">
        <span className="font-semibold">This bowl:</span> {ownWords}.
      </p>
      <ul>
        {SCHOOLS.map((school) => (
          <li key={school} className="text-quiet">
            Mixed as warm as the kitchen and {SCHOOL_NAME[school]}: {words(dye[school])}.
          </li>
        ))}
      </ul>
      {dye.coolFirstH.mid > 0 && (
        <p className="mt-1 text-madder">
          Mixed this hot, nobody has measured how much dye it gives: it is above 45 °C for about{" "}
          {minuteWords(dye.coolFirstH.mid * 60)}, and nothing goes on before it is at 40 °C
          {dye.own && `, after ${minuteWords(dye.own.goesOnH.mid * 60)}`}. Use it the same day.
        </p>
      )}
      <span className="sr-only">The dashed line is 80 % of the most that this acid frees at a steady 21 °C.</span>
    </div>
  );
}

/** How long it stands, and why. */
export function RestPicture({ rest, kitchenTempC }: { rest: RestPlan; kitchenTempC: number }) {
  if (rest.dye) return <DyeCurves dye={rest.dye} kitchenTempC={kitchenTempC} />;
  const soak = minuteWords(Math.max(1, rest.soakMin));
  return (
    <p>
      Stands {minuteWords(rest.restMin)}. The slowest powder is soaked after about {soak}
      {rest.restMin < rest.soakMin ? ": give it longer" : ""}.
    </p>
  );
}
