"use client";
import Link from "next/link";
import type { BatchPayload } from "@/core/batch";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";

interface BowlWaysProps {
  readonly batchId: string;
  readonly blendId: string | undefined;
  readonly heads: readonly { readonly id: string; readonly name: string }[];
  readonly closed: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
}

/** What else can be done with a bowl: close it, repeat it, print it, take it along. */
export function BowlWays({ batchId, blendId, heads, closed, onHappen }: BowlWaysProps) {
  return (
    <div className="no-print flex flex-wrap items-center gap-3">
      {closed ? (
        <Button onClick={() => onHappen({ kind: "reopened" })}>Open it again</Button>
      ) : (
        <Button look="main" onClick={() => onHappen({ kind: "closed" })}>
          Close this bowl
        </Button>
      )}
      <Sheet title="Repeat it" trigger={<Button>Repeat for …</Button>}>
        <ul>
          {heads.map((head) => (
            <li key={head.id}>
              <Link className="pressable flex min-h-11 items-center" href={`/blend?batch=${batchId}&head=${head.id}`}>
                {head.name}
              </Link>
            </li>
          ))}
        </ul>
      </Sheet>
      <Button look="text" onClick={() => window.print()}>
        print
      </Button>
      <Link href={`/batches/${batchId}/apply`} className="pressable flex min-h-11 items-center">
        section by section
      </Link>
      <Link href={`/batches/${batchId}/rest`} className="pressable flex min-h-11 items-center">
        how long it rests
      </Link>
      <a href={`/api/v1/batches/${batchId}/times`} className="pressable flex min-h-11 items-center">
        times for a calendar
      </a>
      <a href={`/api/v1/batches/${batchId}/book`} className="pressable flex min-h-11 items-center">
        as a book file
      </a>
      {blendId && (
        <Link href={`/blend/${blendId}`} className="pressable flex min-h-11 items-center">
          the blend
        </Link>
      )}
      {blendId && (
        <Link href={`/blend/${blendId}/bowls`} className="pressable flex min-h-11 items-center">
          beside its other bowls
        </Link>
      )}
    </div>
  );
}
