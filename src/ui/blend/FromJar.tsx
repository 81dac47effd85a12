"use client";
import { jarDensity, jarFor, jarsOf } from "@/core/shelf";
import { leftWords, spoonfulWords } from "@/words/shelf";
import { useShelf } from "../shelf/ShelfContext";
import type { DraftLine } from "./document";

interface FromJarProps {
  readonly line: Pick<DraftLine, "materialId" | "jarId">;
  readonly onChange: (change: Pick<DraftLine, "jarId">) => void;
}

/** Which jar a line comes from, and whose numbers it is measured by. */
export function FromJar({ line, onChange }: FromJarProps) {
  const { shelf, spoons } = useShelf();
  const jars = jarsOf(shelf.jars, line.materialId);
  const jar = jarFor(shelf, line);
  if (!jar)
    return <p className="text-sm text-quiet">There is no jar of it on the shelf; it is measured by the tables.</p>;
  const density = jarDensity(jar.weighings, spoons);
  return (
    <div className="text-sm">
      {jars.length > 1 ? (
        <label className="flex flex-col gap-1">
          <span className="font-semibold">From which jar</span>
          <select value={line.jarId ?? ""} onChange={(e) => onChange({ jarId: e.target.value || undefined })}>
            <option value="">the one in use</option>
            {jars.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}, {leftWords(one)}
              </option>
            ))}
          </select>
        </label>
      ) : (
        <p>
          From “{jar.name}”, {leftWords(jar)}.
        </p>
      )}
      <p className={density ? "text-leaf" : "text-quiet"}>
        {density
          ? `Measured by this jar’s own spoon: a level tablespoon is ${spoonfulWords(density, "tbsp", spoons)}.`
          : "No spoon of it was weighed; it is measured by the tables."}
      </p>
    </div>
  );
}
