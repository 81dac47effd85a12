"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { jarReading } from "@/core/readings";
import { findMaterial, massG, type Material } from "@/core/material";
import { parseAmount } from "@/core/measure";
import { PASTE_DENSITY, phiOf } from "@/core/flow";
import { solveAmountG, thing } from "@/core/balance";
import { TARGET_PA } from "@/core/paste";
import { jarMaterial } from "@/core/shelf";
import type { StoredJar } from "@/store/jars";
import { kitchenNumber } from "@/words/amounts";
import { notLearntWords } from "@/words/learn";
import { materialName } from "@/words/names";
import { typed } from "../forms/typed";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useWrite } from "../forms/useWrite";
import { useShelf } from "../shelf/ShelfContext";
import { MeasureFrame } from "./MeasureFrame";
import { useReading } from "./useReading";

/** One jar's powder by itself, in water: what it holds. */
export function MeasureJar({ jar, kitchenTempC }: { jar: StoredJar; kitchenTempC: number }) {
  const { find, shelf, spoons } = useShelf();
  const router = useRouter();
  const material = find(jar.materialId);
  const [powder, setPowder] = useState("20 g");
  const [water, setWater] = useState(() => String(Math.round(20 * (material ? waterFor(material) : 3))));
  const [minutes, setMinutes] = useState("30");
  const [temp, setTemp] = useState(String(kitchenTempC));
  const { busy, wholeTrouble, write, idFor } = useWrite();
  const amount = parseAmount(powder);
  const form = useReading(PASTE_DENSITY.value);
  if (!material) return null;
  const understood =
    amount.kind === "understood"
      ? { amount: amount.amount.count.value, unit: amount.amount.unit, fill: amount.amount.fill }
      : amount.kind === "number"
        ? { amount: amount.count, unit: "g" as const, fill: "level" as const }
        : undefined;
  const test = understood && {
    ...understood,
    waterMl: typed(water),
    minutes: typed(minutes),
    tempC: typed(temp),
    reading: form.reading,
  };
  const own = jarMaterial(jar, material, spoons, shelf.learnt);
  const mass = understood && massG(own, understood.amount, understood.unit, understood.fill, spoons);
  const complete =
    test !== undefined && mass !== undefined && [test.waterMl, test.minutes, test.tempC].every(Number.isFinite);
  const judged =
    complete && form.read && form.started
      ? jarReading(test, jar.id, jarMaterial(jar, material, spoons), material, spoons)
      : undefined;
  const keep = async () => {
    if (!test) return;
    // The same test sent again is the same test.
    if (!(await write("POST", `jars/${jar.id}/readings`, { id: idFor(test), ...test })).ok) return;
    router.push(`/shelf/${jar.id}`);
    router.refresh();
  };
  const field = (label: string, value: string, set: (text: string) => void, problem?: string, hint?: string) => (
    <Field label={label} problem={problem} hint={hint}>
      {(a) => <input {...a} className="w-full" value={value} onChange={(e) => set(e.target.value)} />}
    </Field>
  );
  return (
    <MeasureFrame
      title={`Measure the ${materialName(jar.materialId)}`}
      form={form}
      colour={material.colour}
      density={PASTE_DENSITY.value}
      before={
        <div className="flex flex-col gap-3">
          <p>
            Stir a little of this jar with water, let it soak, and test it.{" "}
            <Link href={`/shelf/${jar.id}`} className="pressable">
              the jar
            </Link>
          </p>
          <div className="grid grid-cols-2 gap-3">
            {field(
              "Powder",
              powder,
              setPowder,
              mass ? undefined : "An amount, such as 20 g or 2 tbsp.",
              mass && understood?.unit !== "g" ? `about ${Math.round(mass.value)} g; a scale teaches more` : undefined,
            )}
            {field("Water, ml", water, setWater, Number.isFinite(typed(water)) ? undefined : "A number.")}
            {field("Soaked, minutes", minutes, setMinutes, Number.isFinite(typed(minutes)) ? undefined : "A number.")}
            {field("Kitchen, °C", temp, setTemp, Number.isFinite(typed(temp)) ? undefined : "A number.")}
          </div>
        </div>
      }
    >
      {judged && (
        <p>
          {judged.learns ? (
            <>
              By this test it holds{" "}
              <strong>
                {kitchenNumber(
                  Math.round(
                    (own.holding.kind === "perGram" ? holdingOf(material) * Math.exp(judged.lnFactor) : 0) * 100,
                  ) / 100,
                )}{" "}
                ml a gram
              </strong>
              ; the tables say {kitchenNumber(holdingOf(material))}.
            </>
          ) : (
            notLearntWords(judged.why)
          )}
        </p>
      )}
      {wholeTrouble && (
        <p role="alert" className="text-stop">
          {wholeTrouble}
        </p>
      )}
      {form.usable && complete && (
        <Button look="main" className="self-start" disabled={busy} onClick={() => void keep()}>
          Keep this reading
        </Button>
      )}
    </MeasureFrame>
  );
}
const holdingOf = ({ holding }: Material): number => (holding.kind === "perGram" ? holding.mlPerG.value : 0);
/** ml of water that make a gram of it a cream. */
const waterFor = (material: Material): number =>
  solveAmountG([thing(material, 1)], thing(findMaterial("water")!, 1), phiOf(TARGET_PA.cream)) ?? 3;
