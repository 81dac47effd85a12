import { freeDye, type DyeWindow, type RestPlan, type School } from "@/core/rest";
import { DYE_RATES, LOSS_ENERGY, RELEASE_ENERGY, rateAt, yardstick } from "@/core/rest";
import { hourBandWords, hourWords, minuteWords } from "@/words/amounts";

const WIDTH = 620;
const HEIGHT = 170;
const PLOT = { left: 8, right: 612, top: 14, bottom: 128 };
const SCHOOL_NAME: Readonly<Record<School, string>> = { acid: "with acid", plain: "without acid" };
const SCHOOLS: readonly School[] = ["acid", "plain"];

/** Free dye over the hours at this temperature, both schools, with this bowl's window filled. */
function DyeCurves({ dye, kitchenTempC }: { dye: NonNullable<RestPlan["dye"]>; kitchenTempC: number }) {
  const spanH = Math.min(240, Math.max(dye.acid.useByH.mid, dye.plain.useByH.mid) * 1.15);
  const x = (h: number) => PLOT.left + ((PLOT.right - PLOT.left) * h) / spanH;
  const level = yardstick(dye.school);
  const yOf = (share: number) => PLOT.bottom - (PLOT.bottom - PLOT.top) * Math.min(1.05, share);
  const curve = (school: School) => {
    const k1 = rateAt(DYE_RATES[school].releasePerH.value, RELEASE_ENERGY.value, kitchenTempC);
    const k2 = rateAt(DYE_RATES[school].lossPerH.value, LOSS_ENERGY.value, kitchenTempC);
    return Array.from({ length: 121 }, (_, i) => {
      const h = (spanH * i) / 120;
      return [x(h), yOf(freeDye(h, k1, k2) / yardstick(school))] as const;
    });
  };
  const line = (points: readonly (readonly [number, number])[]) =>
    `M${points.map(([px, py]) => `${px.toFixed(1)} ${py.toFixed(1)}`).join("L")}`;
  const own = curve(dye.school);
  const { readyH, peakH, useByH } = dye[dye.school];
  const inside = own.filter(([px]) => px >= x(readyH.mid) && px <= x(useByH.mid));
  const tick = [1, 2, 4, 6, 12, 24, 48].find((step) => spanH / step <= 8) ?? 48;
  const words = (w: DyeWindow) =>
    `ready after ${hourBandWords(w.readyH)}, at its best about ${hourBandWords(w.peakH)}, use by ` +
    `${hourBandWords(w.useByH)}`;
  return (
    <div>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        className="block w-full overflow-visible"
        aria-label={SCHOOLS.map((s) => `${SCHOOL_NAME[s]}: ${words(dye[s])}`).join(". ")}
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
            d={line(curve(school))}
            className={school === dye.school ? "fill-none stroke-madder" : "fill-none stroke-quiet"}
            strokeWidth={school === dye.school ? 3 : 1.4}
            strokeDasharray={school === dye.school ? undefined : "1 4"}
            strokeLinecap="round"
          />
        ))}
        {(
          [
            ["ready", readyH.mid],
            ["best", peakH.mid],
            ["use by", useByH.mid],
          ] as const
        ).map(([name, h], i) => (
          <g key={name}>
            <path
              d={`M${x(h)} ${yOf(i === 1 ? freeDyePeakShare(own) : 0.8)}V${PLOT.bottom}`}
              className="stroke-madder"
              strokeWidth="1.6"
            />
            <text x={x(h)} y={PLOT.bottom + 38} textAnchor="middle" className="fill-ink text-[14px] font-semibold">
              {name} {hourWords(h)}
            </text>
          </g>
        ))}
      </svg>
      <ul className="mt-1">
        {SCHOOLS.map((school) => (
          <li key={school} className={school === dye.school ? "" : "text-quiet"}>
            <span className="font-semibold">
              {SCHOOL_NAME[school]}
              {school === dye.school ? " (this bowl)" : ""}:
            </span>{" "}
            {words(dye[school])}.
          </li>
        ))}
      </ul>
      {dye.coolFirstH.mid > 0 && (
        <p className="mt-1 text-madder">
          Mixed this hot, dye is lost faster than anyone has measured. The clock starts when it has fallen to 45 °C,
          after about {minuteWords(dye.coolFirstH.mid * 60)} ({minuteWords(dye.coolFirstH.low * 60)}–
          {minuteWords(dye.coolFirstH.high * 60)}).
        </p>
      )}
      <span className="sr-only">
        The dashed line is 80 % of {level > 0 ? "the peak this school reaches at a steady 21 °C" : ""}.
      </span>
    </div>
  );
}

const freeDyePeakShare = (points: readonly (readonly [number, number])[]): number => {
  const top = Math.min(...points.map(([, py]) => py));
  return (PLOT.bottom - top) / (PLOT.bottom - PLOT.top);
};

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
