"use client";
import Link from "next/link";
import { useState } from "react";
import { gramWords } from "@/words/amounts";
import { useWrite } from "../forms/useWrite";
import { Button } from "../parts/Button";

interface FreezeRestProps {
  readonly batchId: string;
  readonly blendName: string;
  /** What was left in the bowl, where it was weighed. */
  readonly leftG: number | undefined;
}
/** Less than this is scraped out. */
const LEAST_G = 20;
/** As long as a thing's name may be. */
const NAME_CHARS = 50;

/** What is left over, into the freezer, as a jar on the shelf. */
export function FreezeRest({ batchId, blendName, leftG }: FreezeRestProps) {
  const { busy, write, idFor, wholeTrouble } = useWrite();
  const [jarId, setJarId] = useState<string>();
  if (jarId)
    return (
      <p role="status">
        It is on the shelf:{" "}
        <Link href={`/shelf/${jarId}`} className="pressable inline-flex min-h-11 items-center">
          what is left of it, frozen
        </Link>
        .
      </p>
    );
  if (leftG === undefined || leftG < LEAST_G) return null;
  const ending = ", left over";
  const what = { name: blendName.slice(0, NAME_CHARS - ending.length) + ending, leftG, stands: "freezer" };
  const keep = async () => {
    const ids = { id: idFor(["leftover", what]), thingId: idFor(["leftover thing", what]) };
    const answer = await write<{ id: string }>("POST", `batches/${batchId}/leftover`, { ...ids, ...what });
    if (answer.ok) setJarId(answer.value.id);
  };
  return (
    <p className="flex flex-wrap items-center gap-3">
      <Button disabled={busy} onClick={() => void keep()}>
        Freeze the {gramWords(leftG)} g that are left
      </Button>
      <span role="status" className="text-stop">
        {wholeTrouble}
      </span>
    </p>
  );
}
