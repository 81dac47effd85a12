"use client";

/** Something could not be read. No stack on a screen; what is written elsewhere is safe. */
export default function Trouble({ reset }: { reset: () => void }) {
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-10 md:px-10">
      <h1 className="text-sentence">The household’s book cannot be read just now.</h1>
      <p className="mt-2">Nothing is lost. If the database was stopped, start it again, then try once more.</p>
      <button type="button" className="pressable mt-4 min-h-11" onClick={reset}>try again</button>
    </div>
  );
}
