"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { checkNumber } from "@/core/checkNumber";
import { checkWeighing, densityIsPossible, WEIGHED_BY, type Weighing } from "@/core/shelf";
import type { StoredJar } from "@/store/jars";
import { gramWords, kitchenNumber } from "@/words/amounts";
import { UNIT_NAME } from "@/words/names";
import { problemWords } from "@/words/problems";
import { textOf, typed, typedGrams } from "../forms/typed";
import { TakeReading } from "../instruments/TakeReading";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useWrite } from "../forms/useWrite";
import { useShelf } from "./ShelfContext";

/** Level spoons on the scale: a few at once are surer than one. */
export function WeighSpoon({ jar }: { jar: StoredJar }) {
  const { find, spoons } = useShelf();
  const router = useRouter();
  const [countText, setCount] = useState("3");
  const [unit, setUnit] = useState<Weighing["unit"]>("tbsp");
  const [massText, setMass] = useState("");
  const [said, setSaid] = useState("");
  const { write, idFor } = useWrite();
  const material = find(jar.materialId)!;
  const weighing = { count: typed(countText), unit, massG: typedGrams(massText) };
  const problems = checkWeighing(weighing, material);
  const possible = problems.length > 0 || densityIsPossible(weighing, spoons);
  const at = (field: string, text: string) =>
    text.trim() === "" ? undefined : problems.filter((problem) => problem.field === field).map(problemWords)[0];
  const keep = async () => {
    const answer = await write("POST", `jars/${jar.id}/weighings`, { id: idFor("weighing"), ...weighing });
    setSaid(answer.ok ? "Kept." : (answer.errors[0]?.message ?? answer.title));
    if (!answer.ok) return;
    setMass("");
    router.refresh();
  };
  const withdraw = async (weighingId: string) => {
    const answer = await write("PUT", `weighings/${weighingId}/withdrawn`, { withdrawn: true });
    setSaid(answer.ok ? "" : answer.title);
    if (answer.ok) router.refresh();
  };
  return (
    <>
      <form
        className="mt-2 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
        noValidate
      >
        <div className="w-20">
          <Field label="Level" problem={at("count", countText)}>
            {(a) => (
              <input
                {...a}
                className="w-full"
                inputMode="decimal"
                value={countText}
                onChange={(e) => setCount(e.target.value)}
              />
            )}
          </Field>
        </div>
        <Field label="of" problem={at("unit", massText)}>
          {(a) => (
            <select {...a} value={unit} onChange={(e) => setUnit(e.target.value as Weighing["unit"])}>
              {WEIGHED_BY.map((one) => (
                <option key={one} value={one}>
                  {UNIT_NAME[one]}
                </option>
              ))}
            </select>
          )}
        </Field>
        <div className="w-28">
          <Field
            label="weigh, g"
            problem={
              at("massG", massText) ??
              (massText.trim() !== "" && !possible ? problemWords({ field: "massG", code: "notAWeight" }) : undefined)
            }
          >
            {(a) => (
              <input
                {...a}
                className="w-full"
                inputMode="decimal"
                value={massText}
                onChange={(e) => {
                  setMass(e.target.value);
                  setSaid("");
                }}
              />
            )}
          </Field>
        </div>
        <TakeReading of="scale" onTake={(value) => setMass(textOf(value))} />
        <Button type="submit" disabled={problems.length > 0 || !possible}>
          Keep this weighing
        </Button>
        <span role="status">{said}</span>
      </form>
      {jar.weighings.length > 0 && (
        <ul className="mt-2 text-sm">
          {jar.weighings.map((one) => (
            <li key={one.id}>
              {kitchenNumber(one.count)} level {UNIT_NAME[one.unit]} weighed {gramWords(one.massG)} g{" "}
              <button type="button" className="pressable min-h-11" onClick={() => void withdraw(one.id)}>
                take it back
              </button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/** The jar itself on the scale. */
export function WeighLeft({ jar }: { jar: StoredJar }) {
  const router = useRouter();
  const [text, setText] = useState("");
  const [said, setSaid] = useState("");
  const { write, idFor } = useWrite();
  const problem = text.trim() === "" ? undefined : checkNumber("leftG", typedGrams(text), "jarLeftG");
  const keep = async () => {
    const answer = await write("POST", `jars/${jar.id}/left`, { id: idFor("left"), leftG: typedGrams(text) });
    setSaid(answer.ok ? "Kept." : (answer.errors[0]?.message ?? answer.title));
    if (!answer.ok) return;
    setText("");
    router.refresh();
  };
  return (
    <form
      className="mt-1 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
      noValidate
    >
      <div className="w-40">
        <Field label="The scale says, g" problem={problem && problemWords(problem)}>
          {(a) => (
            <input
              {...a}
              className="w-full"
              inputMode="decimal"
              value={text}
              onChange={(e) => {
                setText(e.target.value);
                setSaid("");
              }}
            />
          )}
        </Field>
      </div>
      <TakeReading of="scale" onTake={(value) => setText(textOf(value))} />
      <Button type="submit" disabled={text.trim() === "" || problem !== undefined}>
        That is left
      </Button>
      <span role="status">{said}</span>
    </form>
  );
}
