import { useId } from "react";
import type { Material } from "@/core/material";
import type { Jar } from "@/core/shelf";
import { leftWords } from "@/words/shelf";
import { ownColour } from "../parts/colour";
import { levelY, sizeOf, vesselOf } from "./jarShape";

interface JarPictureProps {
  readonly jar: Pick<Jar, "leftG" | "fullG">;
  readonly material: Material;
  /** Pixels of the largest vessel. */
  readonly height: number;
  /** Drawn as large as it is, or all alike. */
  readonly toScale?: boolean;
}

/** A vessel filled to what is left, in the thing's own colour. */
export function JarPicture({ jar, material, height, toScale = false }: JarPictureProps) {
  const clip = useId();
  const vessel = vesselOf(material.form, material.family);
  const y = levelY(vessel, jar.leftG, jar.fullG);
  const tall = height * (toScale ? sizeOf(jar.fullG, material.bulkDensityGPerMl.value) : 1);
  return (
    <svg
      viewBox="0 0 100 116"
      height={tall}
      width={(tall * 100) / 116}
      role="img"
      aria-label={`${material.names[0].text}: ${leftWords(jar)}`}
      className="block max-w-full"
    >
      <clipPath id={clip}>
        <path d={vessel.outline} />
      </clipPath>
      <path d={vessel.outline} className="fill-ware" />
      <rect x="0" y={y} width="100" height={116 - y} fill={ownColour(material.colour)} clipPath={`url(#${clip})`} />
      {y < vessel.bottomY - 1 && (
        <line
          x1="0"
          x2="100"
          y1={y}
          y2={y}
          className="stroke-ink"
          strokeWidth="1.2"
          vectorEffect="non-scaling-stroke"
          clipPath={`url(#${clip})`}
        />
      )}
      <path d={vessel.outline} className="fill-none stroke-ink" strokeWidth="2.2" vectorEffect="non-scaling-stroke" />
      <path
        d={vessel.lid}
        className="fill-sunk stroke-ink"
        strokeWidth="2.2"
        strokeLinejoin="round"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
