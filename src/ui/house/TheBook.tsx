"use client";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { LIMITS } from "@/core/limits";
import type { ImportAnswer, ImportPlan } from "@/server/answers";
import type { PastImport } from "@/store/imports";
import { countsWords, sumOf } from "@/words/book";
import { momentWords } from "@/words/times";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useWrite } from "../forms/useWrite";

interface Chosen {
  readonly name: string;
  readonly text: string;
  readonly id: string;
  readonly plan: ImportPlan;
}
const LONGEST_MS = 120_000;

/** The book in and out of the house. An import says first what it would do, and can be undone. */
export function TheBook({
  imports,
  timeZone,
  nowMs,
}: {
  imports: readonly PastImport[];
  timeZone: string;
  nowMs: number;
}) {
  const router = useRouter();
  const [chosen, setChosen] = useState<Chosen>();
  const [said, setSaid] = useState<{ readonly text: string; readonly bad: boolean }>();
  const { busy, write } = useWrite();
  const input = useRef<HTMLInputElement>(null);

  /** The body as text: the file itself goes in as it is, so that a long one is not read twice. */
  const look = async (file: File | undefined) => {
    setChosen(undefined);
    setSaid(undefined);
    if (!file) return;
    if (file.size > LIMITS.importBytes.max)
      return setSaid({
        text: `That is more than ${LIMITS.importBytes.max / 2 ** 20} MB. A book that long comes in with ./run restore.`,
        bad: true,
      });
    const text = await file.text();
    const answer = await write<ImportPlan>("POST", "imports/preview", `{"book":${text}}`, { longestMs: LONGEST_MS });
    if (answer.ok) setChosen({ name: file.name, text, id: uuid(), plan: answer.value });
    else
      setSaid({
        text:
          answer.status === 400
            ? "That file is not JSON, or it broke off. Nothing was changed."
            : [answer.title, answer.errors[0]?.message].filter(Boolean).join(" "),
        bad: true,
      });
  };
  /** Forgets the chosen file, so that the same one can be chosen again. */
  const forget = () => {
    setChosen(undefined);
    if (input.current) input.current.value = "";
  };
  const bringIn = async ({ id, name, text }: Chosen) => {
    const answer = await write<ImportAnswer>(
      "POST",
      "imports",
      `{"id":"${id}","name":${JSON.stringify(name.slice(0, 200))},"book":${text}}`,
      { longestMs: LONGEST_MS },
    );
    setSaid(
      answer.ok
        ? {
            text: `Brought in: ${countsWords(sumOf(answer.value.adds, answer.value.back)) || "nothing new"}.`,
            bad: false,
          }
        : { text: answer.title, bad: true },
    );
    if (!answer.ok) return;
    forget();
    router.refresh();
  };
  const undo = async (id: string) => {
    const answer = await write("PUT", `imports/${id}/undone`, { undone: true });
    setSaid(answer.ok ? { text: "Taken out again.", bad: false } : { text: answer.title, bad: true });
    if (!answer.ok) return;
    forget();
    router.refresh();
  };

  return (
    <section aria-label="The book" className="max-w-xl">
      <h2>The book</h2>
      <p>
        <a href="/api/v1/book" className="pressable inline-flex min-h-11 items-center">
          everything as one file (JSON)
        </a>
      </p>
      <Field label="Bring in a book file">
        {(a) => (
          <input
            {...a}
            ref={input}
            type="file"
            accept="application/json,.json"
            onChange={(e) => void look(e.target.files?.[0])}
          />
        )}
      </Field>
      <div aria-live="polite">
        {busy && <p className="mt-2">Reading …</p>}
        {said && <p className={`mt-2 ${said.bad ? "text-stop" : ""}`}>{said.text}</p>}
        {chosen && <Plan plan={chosen.plan} busy={busy} onBringIn={() => void bringIn(chosen)} onDrop={forget} />}
      </div>
      {imports.length > 0 && (
        <ul className="mt-3">
          {imports.map(({ id, name, atMs, brought, undone }) => (
            <li key={id} className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-line">
              <span className={`min-w-0 break-words py-2 ${undone ? "text-quiet line-through" : ""}`}>
                {name}: {countsWords(brought) || "nothing new"}{" "}
                <span className="text-sm text-quiet">{momentWords(atMs, timeZone, nowMs)}</span>
              </span>
              {!undone && (
                <button type="button" className="pressable min-h-11" onClick={() => void undo(id)}>
                  undo it
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What an import would do, before it does it. */
function Plan({
  plan: { adds, here, back, names, putsBack, staysOut, problems },
  busy,
  onBringIn,
  onDrop,
}: {
  plan: ImportPlan;
  busy: boolean;
  onBringIn: () => void;
  onDrop: () => void;
}) {
  const [news, same, again] = [countsWords(adds), countsWords(here), countsWords(back)];
  const listed = [...names.heads, ...names.blends, ...names.batches, ...names.jars, ...names.things];
  if (problems.length > 0) {
    return (
      <div className="mt-2 border-l-4 border-madder pl-3">
        <p className="font-semibold text-stop">This file cannot come in; nothing was changed.</p>
        <ul>
          {problems.slice(0, 6).map(({ field, message }) => (
            <li key={field} className="break-words">
              <span className="text-quiet">{field}:</span> {message}
            </li>
          ))}
        </ul>
      </div>
    );
  }
  return (
    <div className="mt-2 border-l-4 border-leaf-fill pl-3">
      <p className="font-semibold">
        {news || again
          ? "This would " +
            [news && `bring in ${news}`, again && `put back ${again} that had been taken out`]
              .filter(Boolean)
              .join(", and ") +
            "."
          : "Everything in it is here already; nothing would change."}
      </p>
      {putsBack.length > 0 && (
        <p className="break-words">Put back, since it had been removed: {putsBack.join(", ")}.</p>
      )}
      {staysOut.length > 0 && (
        <p className="break-words">
          Stays out, since it was erased here:{" "}
          {staysOut.map(({ kind, name }) => (kind === "person" ? name : `${name} (head)`)).join(", ")}. The bowls stay
          without a name.
        </p>
      )}
      {same && (news || again) && <p className="text-quiet">Here already, and left as they are: {same}.</p>}
      {listed.length > 0 && (
        <p className="break-words text-quiet">
          {listed.slice(0, 12).join(" · ")}
          {listed.length > 12 ? " …" : ""}
        </p>
      )}
      <div className="mt-1 flex flex-wrap gap-3">
        {(news || again) && (
          <Button look="main" disabled={busy} onClick={onBringIn}>
            Bring it in
          </Button>
        )}
        <Button look="text" onClick={onDrop}>
          leave it
        </Button>
      </div>
    </div>
  );
}
