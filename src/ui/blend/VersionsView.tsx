import Link from "next/link";
import { diffBlends, type Layer } from "@/core/paste";
import type { PastVersion } from "@/store/blends";
import { changeWords } from "@/words/changes";
import { momentWords } from "@/words/times";
import { bowlFor } from "../bowl/geometry";
import { SmallBowl } from "../bowl/SmallBowl";
import { BringBack } from "./BringBack";

interface VersionsProps {
  readonly versions: readonly PastVersion[];
  readonly bowls: readonly ({ readonly layers: readonly Layer[]; readonly totalMl: number } | undefined)[];
  /** Number of the version that all are compared with; the one before each where none is chosen. */
  readonly against: number | undefined;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** Every version of a blend, newest first, with what changed. */
export function VersionsView({ versions, bowls, against, timeZone, nowMs }: VersionsProps) {
  const [current] = versions;
  const fixed = versions.find(({ version }) => version === against);
  const scaleMl = Math.max(...bowls.map((bowl) => (bowl ? bowlFor(bowl.totalMl) : 0)), 1);
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence break-words">How {current.name} came to be</h1>
      <Link href={`/blend/${current.id}`} className="pressable inline-flex min-h-11 items-center">
        back to the blend
      </Link>
      <a href={`/api/v1/blends/${current.id}/recipe`} className="pressable ml-5 inline-flex min-h-11 items-center">
        the newest as a recipe file
      </a>
      <a href={`/api/v1/blends/${current.id}/book`} className="pressable ml-5 inline-flex min-h-11 items-center">
        all of them as a book file
      </a>
      <form method="get" className="mt-1 flex flex-wrap items-end gap-3">
        <label className="flex flex-col gap-1 text-sm font-semibold">
          Compared with
          <select
            name="against"
            defaultValue={fixed?.version ?? ""}
            key={fixed?.version}
            className="text-base font-normal"
          >
            <option value="">the one before each</option>
            {versions.map(({ version }) => (
              <option key={version} value={version}>
                version {version}
              </option>
            ))}
          </select>
        </label>
        <button type="submit" className="min-h-11 rounded-[3px] border-[1.5px] border-ink px-4 py-2 hover:bg-sunk">
          Compare
        </button>
      </form>
      <ol className="mt-5">
        {versions.map((version, i) => {
          const other = fixed ?? versions[i + 1];
          const changes =
            other && other.versionId !== version.versionId ? diffBlends(other.blend, version.blend) : undefined;
          return (
            <li
              key={version.versionId}
              className="grid grid-cols-[7rem_1fr] gap-4 border-t-[1.5px] border-ink py-3 md:grid-cols-[10rem_1fr]"
            >
              {bowls[i] ? (
                <SmallBowl layers={bowls[i].layers} totalMl={bowls[i].totalMl} scaleMl={scaleMl} />
              ) : (
                <span />
              )}
              <div>
                <h2>
                  Version {version.version}{" "}
                  <span className="font-sans text-base font-normal text-quiet">
                    saved {momentWords(version.savedMs, timeZone, nowMs)}
                  </span>
                </h2>
                {changes && changes.length > 0 && (
                  <ul className="mt-1">
                    {changes.map((change) => (
                      <li key={changeWords(change)}>{changeWords(change)}</li>
                    ))}
                  </ul>
                )}
                {changes?.length === 0 && <p className="mt-1 text-quiet">Nothing in the bowl differs.</p>}
                {!other && <p className="mt-1 text-quiet">The first.</p>}
                {other?.versionId === version.versionId && (
                  <p className="mt-1 text-quiet">The others are compared with this one.</p>
                )}
                {i > 0 && <BringBack version={version} baseRev={current.rev} />}
              </div>
            </li>
          );
        })}
      </ol>
    </div>
  );
}
