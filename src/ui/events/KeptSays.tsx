import { clockWords } from "@/words/times";
import type { Kept } from "./kept";

interface KeptSaysProps {
  readonly kept: Kept;
  readonly closed: boolean;
  readonly timeZone: string;
  /** What this page is of. */
  readonly what: string;
}

/** Says that a worksheet is the device's own copy, or that there is none. */
export function KeptSays({ kept: { sinceMs, cannot }, closed, timeZone, what }: KeptSaysProps) {
  return (
    <>
      {sinceMs !== undefined && (
        <p role="status" className="no-print border-l-4 border-madder pl-3">
          The house does not answer. This is {what} as it was here at {clockWords(sinceMs, timeZone)}; what you tap is
          kept, and sent when it answers.
        </p>
      )}
      {cannot && !closed && (
        <p className="no-print text-quiet">
          Leave this page open while you work: without the network this device cannot load it again.
        </p>
      )}
    </>
  );
}
