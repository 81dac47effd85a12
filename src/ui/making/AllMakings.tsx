import Link from "next/link";

/** The way back to everything that can be made. */
export const AllMakings = () => (
  <p className="mt-6">
    <Link href="/making" className="pressable inline-flex min-h-11 items-center">
      everything that is made before the bowl
    </Link>
  </p>
);
