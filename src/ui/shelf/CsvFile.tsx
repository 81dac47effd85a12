"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { useWrite } from "../forms/useWrite";
import { counted } from "@/words/lists";

/** The jars as a table, out and in. */
export function CsvFile() {
  const router = useRouter();
  const [said, setSaid] = useState("");
  const { refused, write } = useWrite();
  const wrong = (refused?.errors ?? []).map(({ field, message }) => `${field}: ${message}`);
  const read = async (file: File | undefined) => {
    if (!file) return;
    const answer = await write<{ added: number; here: number; back: number }>("POST", "shelf/jars", {
      csv: await file.text(),
    });
    setSaid(
      answer.ok
        ? `${counted(answer.value.added, "jar", "jars")} came in` +
            (answer.value.back > 0 ? `, ${answer.value.back} went back on the shelf` : "") +
            `, ${answer.value.here} were here already.`
        : answer.title,
    );
    if (answer.ok) router.refresh();
  };
  return (
    <section aria-label="As a table">
      <h2>As a table</h2>
      <p className="mt-1">
        <a href="/api/v1/shelf/jars" download className="pressable inline-flex min-h-11 items-center">
          all jars as CSV
        </a>
        , for a spreadsheet; or read such a table in. Only <code>material</code> and <code>full_g</code> are needed;
        jars that are here stay as they are.
      </p>
      <label className="mt-2 block">
        <span className="text-sm font-semibold">Read jars from a CSV file</span>
        <input
          type="file"
          accept=".csv,text/csv"
          className="mt-1 block w-full max-w-sm"
          onChange={(e) => {
            void read(e.target.files?.[0]);
            e.target.value = "";
          }}
        />
      </label>
      <p aria-live="polite" className="mt-1">
        {said}
      </p>
      {wrong.length > 0 && (
        <ul role="alert" className="text-sm text-stop">
          {wrong.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
    </section>
  );
}
