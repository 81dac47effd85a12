"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import type { Head } from "@/core/head";
import type { StoredHead } from "@/store/heads";
import { hairWords, takesWords } from "@/words/hair";
import { PutBack } from "../parts/PutBack";
import { HeadPicture } from "./HeadPicture";
import { Lengths } from "./Lengths";

interface HeadsViewProps {
  readonly heads: readonly (StoredHead & {
    /** Its hair as it is today. */
    readonly now: Head;
  })[];
  readonly gone?: StoredHead;
}

/** Whose hair, and what does it take: heads from behind, side by side at one scale. */
export function HeadsView({ heads, gone }: HeadsViewProps) {
  const router = useRouter();
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="text-sentence">
          {heads.length === 0 ? "No head is kept yet." : "Whose hair, and what does it take?"}
        </h1>
        {heads.length > 0 && (
          <Link href="/colour" className="pressable flex min-h-11 items-center">
            what a dye will look like
          </Link>
        )}
        <Link href="/heads/new" className="pressable flex min-h-11 items-center">
          {heads.length === 0 ? "describe all of it at once" : "describe another head"}
        </Link>
      </div>
      {gone && <PutBack path={`heads/${gone.id}/removed`} then="/heads" words={`${gone.name}’s head is removed.`} />}
      {heads.length === 0 && (
        <section aria-label="How long is the first one’s hair?" className="mt-3 max-w-[52rem]">
          <h2>How long is the first one’s hair?</h2>
          <Lengths onChoose={(landmark) => router.push(`/heads/new?longest=${landmark}`)} />
        </section>
      )}
      <ul className="mt-2 grid grid-cols-2 gap-x-4 gap-y-6 lg:grid-cols-4">
        {heads.map((head) => (
          <li key={head.id}>
            <Link href={`/heads/${head.id}`} className="group block">
              <HeadPicture head={head.now} text={`${head.name}: ${hairWords(head.now)}`} />
              <span className="pressable block break-words font-say text-xl font-semibold">{head.name}</span>
              <span className="block">{hairWords(head.now)}</span>
              <span className="block text-sm text-quiet">{takesWords(head.now)}</span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="mt-6 max-w-[44rem] text-sm text-quiet">
        cm from the crown at the side. Ranges are wide until a head’s paste has been weighed; measuring round the
        ponytail and the longest hair is the first thing that narrows what can be known.
      </p>
    </div>
  );
}
