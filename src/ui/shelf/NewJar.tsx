import Link from "next/link";
import type { Material } from "@/core/material";
import { JarForm } from "./JarForm";

/** One more bag, bottle or tub. */
export function NewJar({ start }: { start?: Material }) {
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <p>
        <Link href="/shelf" className="pressable inline-flex min-h-11 items-center">
          the whole shelf
        </Link>
      </p>
      <h1 className="text-sentence">A jar for the shelf</h1>
      <div className="mt-3 max-w-[34rem]">
        <JarForm start={start} />
      </div>
    </div>
  );
}
