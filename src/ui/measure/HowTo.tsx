import type { Reading } from "@/core/reading";

const STEPS: Readonly<Record<Reading["by"], readonly string[]>> = {
  ring: [
    "Stand a straight ring (a cut tin, a pipe end) on a wet plate.",
    "Fill it to the brim with paste, no air under it; strike it level.",
    "Lift it straight up, slowly. After a minute read how far the middle of the top has sunk.",
  ],
  plate: [
    "Level the spoon: a tablespoon of paste, or two.",
    "Let it slide off close over a flat, damp plate; do not spread it.",
    "After a minute read how wide it lies, one way and across.",
  ],
};

/** Three small drawings of how the test is done, each with its sentence. */
export function HowTo({ by }: { by: Reading["by"] }) {
  // A plate leaves room beside it, a ring with its rule does not.
  const beside = by === "plate";
  return (
    <ol className={`grid max-w-[44rem] grid-cols-3 gap-3 ${beside ? "md:grid-cols-1" : ""}`}>
      {STEPS[by].map((words, i) => (
        <li
          key={words}
          className={`text-sm ${beside ? "md:grid md:grid-cols-[7.5rem_1fr] md:items-end md:gap-3" : ""}`}
        >
          <svg viewBox="0 0 100 62" className="block w-full" aria-hidden>
            <path d="M6 56H94" className="stroke-ink" strokeWidth="2.4" strokeLinecap="round" />
            {by === "ring" ? <RingStep step={i} /> : <PlateStep step={i} />}
          </svg>
          {words}
        </li>
      ))}
    </ol>
  );
}

const PASTE = "fill-leaf-fill stroke-ink";

function RingStep({ step }: { step: number }) {
  if (step === 0) return <path d="M32 56V20M68 56V20" className="stroke-ink" strokeWidth="3" strokeLinecap="round" />;
  if (step === 1)
    return (
      <>
        <rect x="33" y="20" width="34" height="35" className={PASTE} strokeWidth="1" />
        <path d="M32 56V20M68 56V20" className="stroke-ink" strokeWidth="3" strokeLinecap="round" />
        <path d="M24 18H80" className="stroke-press" strokeWidth="3" strokeLinecap="round" />
      </>
    );
  return (
    <>
      <path d="M22 55Q33 46 34 34H66Q67 46 78 55Z" className={PASTE} strokeWidth="1" />
      <path d="M32 14V2M68 14V2" className="stroke-ink" strokeWidth="3" strokeLinecap="round" />
      <path d="M84 20V34M80 24l4 -4l4 4M80 30l4 4l4 -4" className="fill-none stroke-press" strokeWidth="2" />
    </>
  );
}

function PlateStep({ step }: { step: number }) {
  if (step === 0)
    return (
      <>
        <path d="M22 30H62Q42 54 22 30Z" className={PASTE} strokeWidth="1" />
        <path d="M20 30Q42 58 64 30" className="fill-none stroke-ink" strokeWidth="2.6" strokeLinecap="round" />
        <path d="M64 30Q80 26 94 16" className="fill-none stroke-ink" strokeWidth="2.6" strokeLinecap="round" />
        <path d="M14 26H70" className="stroke-press" strokeWidth="3" strokeLinecap="round" />
      </>
    );
  if (step === 1)
    return (
      <>
        <path d="M30 55Q50 34 70 55Z" className={PASTE} strokeWidth="1" />
        <path d="M33 33Q40 6 62 16" className="fill-none stroke-ink" strokeWidth="2.6" strokeLinecap="round" />
        <path d="M62 16Q76 14 94 3" className="fill-none stroke-ink" strokeWidth="2.6" strokeLinecap="round" />
        <path d="M35 33Q42 16 58 19Q48 34 50 42L42 43Q40 34 35 33Z" className={PASTE} strokeWidth="1" />
      </>
    );
  return (
    <>
      <path d="M16 55Q50 41 84 55Z" className={PASTE} strokeWidth="1" />
      <path d="M16 34H84M22 30l-6 4l6 4M78 30l6 4l-6 4" className="fill-none stroke-press" strokeWidth="2" />
    </>
  );
}
