import { point } from "../figure";
import { HEAPS } from "../material";
import { mixtureOf } from "../mixture";
import { ok, refuse } from "../problem";
import { checkMaking, type Method } from "./method";
import { gramsOf, sumOf } from "./parts";
import { inTurn } from "./steps";

/** Powders mixed dry, to be at hand: nothing is lost, and it keeps as what is in it. */
export const premix: Method = {
  id: "premix",
  takes: ({ form }) => form === "powder",
  commonest: ["amla", "brahmi", "bhringraj", "hibiscus-flower", "fenugreek-seed", "shikakai", "neem-leaf", "kaolin"],
  beginsWithG: () => 50,
  gauges: [],
  fields: [],
  make: (things, given) => {
    const problems = checkMaking(premix, things, given);
    if (problems.length > 0) return refuse(...problems);
    const all = sumOf(things);
    const totalG = gramsOf(all);
    const shares = new Map<string, number>();
    for (const { material, massG } of things) shares.set(material.id, (shares.get(material.id) ?? 0) + massG / totalG);
    const mixedOf = [...shares].map(([materialId, share]) => ({ materialId, share }));
    const material = mixtureOf(
      { id: "premix", name: "a mixture" },
      mixedOf.map(({ materialId, share }) => ({
        material: things.find((one) => one.material.id === materialId)!.material,
        share,
      })),
    );
    const { value, low, high } = material.bulkDensityGPerMl;
    return ok({
      amounts: {
        inG: point(totalG),
        productG: point(totalG),
        productMl: { low: totalG / high, mid: totalG / value, high: totalG / low },
        restG: point(0),
        steamG: point(0),
      },
      says: {},
      minutes: 5,
      schools: [],
      material,
      likeId: material.id,
      isInTables: false,
      mixedOf,
      steps: inTurn(["weigh", 5], ["mix", 5], ["keep", 2]),
      notes: [
        { code: "addsUp" },
        ...(things.some((one) => HEAPS.includes(one.material.form)) ? [{ code: "keepDry" as const }] : []),
      ],
    });
  },
};
