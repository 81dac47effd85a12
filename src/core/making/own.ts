import { estimate } from "../figure";
import { mixtureOf } from "../mixture";
import { ok, refuse } from "../problem";
import { keepsFor } from "./keeping";
import { checkMaking, settled, type Method } from "./method";
import { acidityOf, gramsOf, heaviestOf, mlOf, sumOf, times, worked } from "./parts";
import { productOf } from "./product";
import { inTurn } from "./steps";

/** One's own way: what goes in, how much of it comes out by one's own measure, and how long that keeps. */
export const own: Method = {
  id: "own",
  takes: () => true,
  commonest: ["water", "yoghurt", "aloe-gel", "honey", "rice-grain", "hibiscus-flower-fresh"],
  beginsWithG: () => 100,
  gauges: ["levelMm", "weightG", "tempC"],
  fields: [
    { id: "yieldPercent", kind: "number", limit: "yieldPercent", unit: "percent", initial: 80 },
    { id: "minutes", kind: "number", limit: "brewMin", unit: "min", initial: 15 },
    { id: "keepsDays", kind: "number", limit: "keepsDays", unit: "days", initial: 3 },
  ],
  asFound: (settings, cameShare) => ({ ...settings, yieldPercent: Math.min(100, Math.round(cameShare * 100)) }),
  make: (things, given, _, { cameTo } = {}) => {
    const problems = checkMaking(own, things, given);
    if (problems.length > 0) return refuse(...problems);
    const { yieldPercent, minutes, keepsDays } = settled(own.fields, given) as Readonly<
      Record<"yieldPercent" | "minutes" | "keepsDays", number>
    >;
    const all = sumOf(things);
    const inG = gramsOf(all);
    const share = yieldPercent / 100;
    const measured = estimate(share, share * 0.93, Math.min(1, share * 1.07), "as it was measured in this house");
    const run = (values: ArrayLike<number>) => ({
      product: times(all, values[0]),
      restG: inG * (1 - values[0]),
      steamG: 0,
    });
    const { amounts, composition } = worked([measured], inG, run, cameTo);
    const most = heaviestOf(things);
    const mixture = mixtureOf(
      { id: most.id, name: most.names[0].text },
      things.map(({ material, massG }) => ({ material, share: massG / inG })),
    );
    const keeps = keepsFor(Math.min(keepsDays, 0.5), keepsDays, keepsDays * 20);
    return ok({
      amounts,
      says: { yieldShare: { low: measured.low, mid: measured.value, high: measured.high } },
      minutes,
      schools: [],
      ...productOf(
        most,
        false,
        things.map(({ material }) => material),
        {
          ...composition,
          densityGPerMl: { low: 0.95, mid: gramsOf(all) / mlOf(all), high: 1.1 },
          acidity: acidityOf(things, inG),
          colour: mixture.colour,
          holding: mixture.holding,
          keeps,
        },
      ),
      steps: inTurn(["weigh", 5], ["mix", minutes], ["keep", 2]),
      notes: [{ code: "patchTest" }, { code: "keepCold" }],
    });
  },
};
