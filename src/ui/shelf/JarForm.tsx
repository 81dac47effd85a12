"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { checkNumber } from "@/core/checkNumber";
import type { Material } from "@/core/material";
import { checkJar, type Jar } from "@/core/shelf";
import type { StoredJar } from "@/store/jars";
import { problemWords } from "@/words/problems";
import { textOf, typed, typedGrams } from "../forms/typed";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useWrite } from "../forms/useWrite";
import { MaterialPicker } from "./MaterialPicker";
import { useShelf } from "./ShelfContext";

interface Draft {
  readonly material: Material | undefined;
  readonly name: string;
  readonly fullText: string;
  readonly leftText: string;
  readonly boughtOn: string;
  readonly openedOn: string;
  readonly bestBefore: string;
  readonly priceText: string;
  readonly place: string;
  readonly lot: string;
}

const draftOf = (jar: StoredJar | undefined, material: Material | undefined): Draft => ({
  material,
  name: jar?.name ?? "",
  fullText: jar ? textOf(jar.fullG) : "",
  leftText: "",
  boughtOn: jar?.boughtOn ?? "",
  openedOn: jar?.openedOn ?? "",
  bestBefore: jar?.bestBefore ?? "",
  priceText: jar?.price === undefined ? "" : textOf(jar.price),
  place: jar?.place ?? "",
  lot: jar?.lot ?? "",
});

/** A jar as it stands in a form: new, or one to change. */
export function JarForm({ jar, start }: { jar?: StoredJar; start?: Material }) {
  const router = useRouter();
  const { shelf, find, today, currency } = useShelf();
  const [draft, setDraft] = useState<Draft>(() => draftOf(jar, start ?? (jar && find(jar.materialId))));
  const [tried, setTried] = useState(false);
  const { trouble, at: refusedAt, settle, write, idFor } = useWrite();
  const set = (change: Partial<Draft>) => {
    setDraft((now) => ({ ...now, ...change }));
    settle();
  };
  const { material, name, fullText, leftText, boughtOn, openedOn, bestBefore, priceText, place, lot } = draft;
  const details: Pick<Jar, "fullG"> &
    Partial<Pick<Jar, "price" | "boughtOn" | "openedOn" | "bestBefore" | "lot" | "place">> = {
    fullG: typedGrams(fullText),
    ...(priceText.trim() ? { price: typed(priceText) } : {}),
    ...(boughtOn ? { boughtOn } : {}),
    ...(openedOn ? { openedOn } : {}),
    ...(bestBefore ? { bestBefore } : {}),
    ...(lot.trim() ? { lot } : {}),
    ...(place.trim() ? { place } : {}),
  };
  const called = name.trim() || (material?.names[0].text ?? "a jar");
  const left = leftText.trim() ? checkNumber("leftG", typedGrams(leftText), "jarLeftG") : undefined;
  const problems = [
    ...(material ? [] : [{ field: "materialId", code: "required" } as const]),
    ...checkJar({ ...details, name: called }, today),
    ...(left ? [left] : []),
  ];
  const at = (field: string, text: string) =>
    refusedAt(field) ??
    (tried || text !== "" ? problems.filter((problem) => problem.field === field).map(problemWords)[0] : undefined);
  const save = async () => {
    setTried(true);
    if (problems.length > 0 || !material) return;
    const body = { materialId: material.id, name: called, ...details, madeHere: jar?.madeHere ?? false };
    const id = jar?.id ?? idFor("jar");
    const answer = jar
      ? await write("PUT", `jars/${id}`, { ...body, baseRev: jar.editedRev })
      : await write("POST", "jars", { ...body, id, ...(leftText.trim() ? { leftG: typedGrams(leftText) } : {}) });
    if (!answer.ok) return;
    router.push(`/shelf/${id}`);
    router.refresh();
  };
  const places = [...new Set(shelf.jars.flatMap((one) => one.place ?? []))];
  const unitPrice =
    details.price !== undefined && details.fullG > 0 && Number.isFinite(details.price)
      ? ((details.price / details.fullG) * 100).toFixed(2)
      : undefined;
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
      noValidate
    >
      <MaterialPicker
        label="What is in it?"
        value={material}
        onChange={(to) => set({ material: to })}
        problem={at("materialId", "")}
      />
      <Field
        label="In the shop’s own words"
        hint="As it stands on the bag; searched for as well."
        problem={at("name", name)}
      >
        {(a) => <input {...a} value={name} maxLength={120} onChange={(e) => set({ name: e.target.value })} />}
      </Field>
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="Full, it weighs, g"
          hint={
            /\p{L}/u.test(fullText) && Number.isFinite(details.fullG) ? `${Math.round(details.fullG)} g` : undefined
          }
          problem={at("fullG", fullText)}
        >
          {(a) => (
            <input {...a} inputMode="decimal" value={fullText} onChange={(e) => set({ fullText: e.target.value })} />
          )}
        </Field>
        {!jar && (
          <Field label="Left now, g" hint="empty: it is full" problem={at("leftG", leftText)}>
            {(a) => (
              <input {...a} inputMode="decimal" value={leftText} onChange={(e) => set({ leftText: e.target.value })} />
            )}
          </Field>
        )}
        <Field
          label={`What it cost, ${currency}`}
          hint={unitPrice ? `${unitPrice} for 100 g` : undefined}
          problem={at("price", priceText)}
        >
          {(a) => (
            <input {...a} inputMode="decimal" value={priceText} onChange={(e) => set({ priceText: e.target.value })} />
          )}
        </Field>
      </div>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <Field label="Bought" problem={at("boughtOn", boughtOn)}>
          {(a) => (
            <input
              {...a}
              type="date"
              max={today}
              value={boughtOn}
              onChange={(e) => set({ boughtOn: e.target.value })}
            />
          )}
        </Field>
        <Field label="Opened" problem={at("openedOn", openedOn)}>
          {(a) => (
            <input
              {...a}
              type="date"
              max={today}
              value={openedOn}
              onChange={(e) => set({ openedOn: e.target.value })}
            />
          )}
        </Field>
        <Field label="Best before" problem={at("bestBefore", bestBefore)}>
          {(a) => <input {...a} type="date" value={bestBefore} onChange={(e) => set({ bestBefore: e.target.value })} />}
        </Field>
      </div>
      <div className="grid grid-cols-2 gap-3">
        <Field label="Where it stands" problem={at("place", place)}>
          {(a) => (
            <>
              <input
                {...a}
                list={`${a.id}-places`}
                value={place}
                maxLength={60}
                onChange={(e) => set({ place: e.target.value })}
              />
              <datalist id={`${a.id}-places`}>
                {places.map((one) => (
                  <option key={one} value={one} />
                ))}
              </datalist>
            </>
          )}
        </Field>
        <Field label="Lot" problem={at("lot", lot)}>
          {(a) => <input {...a} value={lot} maxLength={60} onChange={(e) => set({ lot: e.target.value })} />}
        </Field>
      </div>
      <div className="flex items-center gap-4">
        <Button look="main" type="submit">
          {jar ? "Keep" : "Put it on the shelf"}
        </Button>
        <span role="status" className={trouble ? "text-stop" : ""}>
          {trouble}
        </span>
      </div>
    </form>
  );
}
