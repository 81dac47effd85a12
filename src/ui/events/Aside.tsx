import type { SetAside } from "./outbox";

interface AsideProps<P> {
  readonly taps: readonly SetAside<P>[];
  readonly wordsOf: (payload: P) => string | undefined;
  readonly onAgain: (id: string) => void;
  readonly onDrop: (id: string) => void;
}

/** What a tap said; one of a kind that nobody knows any more as it is kept. */
function said<P>(payload: P, wordsOf: AsideProps<P>["wordsOf"]): string {
  try {
    return wordsOf(payload) ?? JSON.stringify(payload);
  } catch {
    return JSON.stringify(payload);
  }
}

/** Taps that the house cannot take, kept on this device with every word until somebody decides. */
export function Aside<P>({ taps, wordsOf, onAgain, onDrop }: AsideProps<P>) {
  if (taps.length === 0) return null;
  return (
    <section
      aria-label="Not taken by the house"
      className="no-print my-3 max-w-xl border-l-4 border-madder pl-3"
      aria-live="polite"
    >
      <p className="font-semibold text-stop">
        {taps.length === 1
          ? "The house could not take one tap. It is kept on this device."
          : `The house could not take ${taps.length} taps. They are kept on this device.`}
      </p>
      <ul>
        {taps.map(({ tap, why }) => (
          <li key={tap.id} className="border-b border-line py-2">
            <p className="max-h-40 overflow-y-auto whitespace-pre-wrap break-words">{said(tap.payload, wordsOf)}</p>
            <p className="text-sm text-quiet">{why}</p>
            <span className="flex flex-wrap gap-x-4">
              <button type="button" className="pressable min-h-11" onClick={() => onAgain(tap.id)}>
                send it again
              </button>
              <button type="button" className="pressable min-h-11" onClick={() => onDrop(tap.id)}>
                drop it
              </button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
