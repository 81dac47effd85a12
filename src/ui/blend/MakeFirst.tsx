import Link from "next/link";
import { toMake } from "@/core/making";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { gather } from "@/core/stock";
import { gramWords } from "@/words/amounts";
import { andWords } from "@/words/lists";
import { materialName } from "@/words/names";
import { makingHref } from "../making/makingHref";
import { useShelf } from "../shelf/ShelfContext";

/** What goes into this bowl, is not on the shelf, and can be made: how much of it, and from what. */
export function MakeFirst({ question, answer }: { readonly question: PasteQuestion; readonly answer: PasteAnswer }) {
  const { shelf } = useShelf();
  const makes = gather([{ question, answer }], shelf, toMake).flatMap(({ materialId, haveG, make }) =>
    make ? [{ materialId, haveG, make }] : [],
  );
  if (makes.length === 0) return null;
  return (
    <section aria-label="To make first" className="no-print mt-2 max-w-[26rem]">
      <ul>
        {makes.map(({ materialId, haveG, make }) => (
          <li key={materialId}>
            {haveG > 0 ? "Not enough" : "No"} {materialName(materialId)} is on the shelf:{" "}
            <Link href={makingHref(make)} className="pressable">
              make {gramWords(make.ml)} ml
            </Link>{" "}
            from {andWords(make.things.map((one) => `${gramWords(one.massG)} g ${materialName(one.materialId)}`))}.
          </li>
        ))}
      </ul>
    </section>
  );
}
