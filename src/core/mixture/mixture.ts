import type { Figure } from "../figure";
import { BY_ITSELF, HEAPS, JOBS, TAGS, type Material } from "../material";
import { holdingMlPerG } from "../balance";

export interface MixturePart {
  readonly material: Material;
  /** By weight, 0–1; undefined where the bag does not say. */
  readonly share?: number;
}

/** What a thing is called and known by. */
export interface Named {
  readonly id: string;
  readonly name: string;
  readonly use?: string;
}

type End = "low" | "value" | "high";

/**
 * A mixture as one material: every figure the mean of its parts by weight, its ends the means of theirs. What the bag
 * does not say is shared out alike at the middle, and its ends are those of the extreme part, which widens the bands.
 *
 * @param parts at least one; shares 0–1 that come to at most 1, scaled up to 1 where all are known
 */
export function mixtureOf({ id, name, use }: Named, parts: readonly MixturePart[]): Material {
  const known = parts.filter((part): part is Required<MixturePart> => part.share !== undefined);
  const unknown = parts.filter((part) => part.share === undefined);
  const said = known.reduce((sum, { share }) => sum + share, 0);
  const rest = unknown.length > 0 ? Math.max(0, 1 - said) : 0;
  const scale = 1 / (said + rest);
  const weights = parts.map(({ share }) => (share ?? rest / unknown.length) * scale);

  const mean = (of: (material: Material, end: End) => number): Figure => {
    const at = (end: End): number => {
      const sure = known.reduce((sum, { material, share }) => sum + share * scale * of(material, end), 0);
      if (unknown.length === 0) return sure;
      const values = unknown.map(({ material }) => of(material, end));
      const extreme =
        end === "low"
          ? Math.min(...values)
          : end === "high"
            ? Math.max(...values)
            : values.reduce((sum, value) => sum + value, 0) / values.length;
      return sure + rest * scale * extreme;
    };
    return {
      low: at("low"),
      value: at("value"),
      high: at("high"),
      source: {
        kind: "estimate",
        name:
          unknown.length > 0 ? "mixed of its parts, whose shares are not all known" : "mixed of its parts by weight",
      },
    };
  };
  const figure = (of: (material: Material) => Figure) => mean((material, end) => of(material)[end]);
  /** Volumes add up, densities do not. */
  const density = (of: (material: Material) => Figure): Figure => {
    const perG = mean((material, end) => 1 / of(material)[end === "low" ? "high" : end === "high" ? "low" : "value"]);
    return { ...perG, low: 1 / perG.high, value: 1 / perG.value, high: 1 / perG.low };
  };
  const holding = mean((material, end) => holdingMlPerG(material, end));
  const soaking = parts.flatMap(({ material: { soak } }, i) => (soak ? [{ soak, weight: weights[i] }] : []));
  const soaked = soaking.reduce((sum, { weight }) => sum + weight, 0);
  const soakMean = (of: "firstShare" | "timeMin"): Figure => {
    const at = (end: End) => soaking.reduce((sum, { soak, weight }) => sum + (weight / soaked) * soak[of][end], 0);
    return {
      low: at("low"),
      value: at("value"),
      high: at("high"),
      source: { kind: "estimate", name: "mixed of its parts by weight" },
    };
  };
  const heaviest = parts[weights.indexOf(Math.max(...weights))].material;
  const materials = parts.map((part) => part.material);
  return {
    id,
    family: "mixture",
    form: materials.every(({ form }) => HEAPS.includes(form)) ? "powder" : heaviest.form,
    names: [{ text: name, language: "und" }],
    jobs: JOBS.filter(
      (job) =>
        heaviest.jobs.includes(job) ||
        materials.filter(({ jobs }) => jobs.includes(job)).length * 2 >= materials.length,
    ),
    use: use ?? `a mixture of ${materials.map((one) => one.names[0].text).join(", ")}`,
    water: figure((one) => one.water),
    oil: figure((one) => one.oil),
    dissolving: figure((one) => one.dissolving),
    solidsDensityGPerMl: density((one) => one.solidsDensityGPerMl),
    bulkDensityGPerMl: density((one) => one.bulkDensityGPerMl),
    holding: holding.high > 0 ? { kind: "perGram", mlPerG: holding } : { kind: "none" },
    ...(soaked > 0 ? { soak: { firstShare: soakMean("firstShare"), timeMin: soakMean("timeMin") } } : {}),
    colour: blended(materials, weights),
    tags: TAGS.filter((tag) => !BY_ITSELF.includes(tag) && materials.some(({ tags }) => tags.includes(tag))),
    contains: [...new Set(materials.flatMap(({ id: part, contains = [] }) => [part, ...contains]))],
    ...(materials.every(({ makesUp }) => makesUp) ? { makesUp: true as const } : {}),
  };
}

/** Colours averaged as light and as a place on the colour circle. */
function blended(materials: readonly Material[], weights: readonly number[]): readonly [number, number, number] {
  const [l, a, b] = materials.reduce(
    ([light, x, y], { colour: [lightness, chroma, hue] }, i) => {
      const angle = (hue * Math.PI) / 180;
      return [
        light + weights[i] * lightness,
        x + weights[i] * chroma * Math.cos(angle),
        y + weights[i] * chroma * Math.sin(angle),
      ];
    },
    [0, 0, 0],
  );
  const round = (value: number, digits: number) => Number(value.toFixed(digits));
  return [round(l, 3), round(Math.hypot(a, b), 3), round(((Math.atan2(b, a) * 180) / Math.PI + 360) % 360, 1)];
}
