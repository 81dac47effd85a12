import Link from "next/link";
import type { Removed } from "@/store/removed";
import { momentWords } from "@/words/times";
import { PutBack } from "../parts/PutBack";
import { placeOf } from "./places";

/** In place of something that was removed: what it was, since when, and the way back. */
export function RemovedView({ gone, timeZone, nowMs }: { gone: Removed; timeZone: string; nowMs: number }) {
  const { path, address, among } = placeOf(gone);
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">
        {gone.name} was removed {momentWords(gone.removedMs, timeZone, nowMs)}.
      </h1>
      <PutBack path={path} then={address} words="Nothing of it is lost." />
      <p className="mt-2">
        <Link href={among} className="pressable inline-flex min-h-11 items-center">
          to the others
        </Link>
      </p>
    </div>
  );
}
