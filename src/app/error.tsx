"use client";
import { useEffect } from "react";

const EVERY_MS = 2000;

/**
 * Something could not be read. No stack on a screen; what is written elsewhere is safe. Looks again by itself until the
 * house answers.
 */
export default function Trouble({ reset }: { reset: () => void }) {
  useEffect(() => {
    const timer = setInterval(async () => {
      // A whole new page: what failed on the server is not drawn anew by a reset alone.
      if (
        await fetch("/api/v1/now").then(
          (answer) => answer.ok,
          () => false,
        )
      )
        location.reload();
    }, EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-10 md:px-10">
      <h1 className="text-sentence">The household’s book cannot be read just now.</h1>
      <p className="mt-2" role="status">
        Nothing is lost. While ./run is going it starts its database again by itself, which takes some seconds; this
        page looks again until it is there.
      </p>
      <p className="mt-2 text-quiet">
        Where it stays away: look whether ./run is still going on the machine, and whether its disk has room.
      </p>
      <button type="button" className="pressable mt-4 min-h-11" onClick={reset}>
        try again
      </button>
    </div>
  );
}
