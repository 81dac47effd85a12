import type { MakingNote } from "@/core/making";
import { noteWords } from "@/words/making";

/** What may go wrong, or is dangerous, in what is made. */
export const Mind = ({ notes }: { readonly notes: readonly MakingNote[] }) => (
  <section aria-label="Mind">
    <ul className="max-w-[26rem] space-y-1">
      {notes.map((note, i) => (
        <li key={i}>{noteWords(note)}</li>
      ))}
    </ul>
  </section>
);
