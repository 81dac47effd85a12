"use client";
import "@/core/catalogue";
import { PASTE_DENSITY } from "@/core/flow";
import { TARGET_PA } from "@/core/paste";
import type { StoredJar } from "@/store/jars";
import { MeasureBowl, type MeasuredBowl } from "./MeasureBowl";
import { MeasureFrame } from "./MeasureFrame";
import { MeasureJar } from "./MeasureJar";
import { useReading } from "./useReading";

interface MeasureViewProps {
  readonly bowl?: MeasuredBowl;
  readonly jar?: StoredJar;
  readonly kitchenTempC: number;
}

/** Measures a paste with a ring or on a plate: of a bowl, of one jar's powder, or of anything. */
export function MeasureView({ bowl, jar, kitchenTempC }: MeasureViewProps) {
  if (bowl) return <MeasureBowl {...bowl} />;
  return jar ? <MeasureJar jar={jar} kitchenTempC={kitchenTempC} /> : <OfAnything />;
}

/** Any paste at all: what it stands at, and nothing kept. */
function OfAnything() {
  const form = useReading(PASTE_DENSITY.value);
  return (
    <MeasureFrame title="Measure a paste" form={form} density={PASTE_DENSITY.value} targetPa={TARGET_PA.cream}>
      <p className="text-quiet">
        Nothing is kept here. Open it from a bowl or a jar, and what it teaches is kept with them.
      </p>
    </MeasureFrame>
  );
}
