"use client";
import { useRouter } from "next/navigation";
import type { PastVersion } from "@/store/blends";
import { useWrite } from "../forms/useWrite";

/** Saves an old version's content as the newest; nothing in between is lost. */
export function BringBack({ version, baseRev }: { version: PastVersion; baseRev: number }) {
  const router = useRouter();
  const { trouble, idFor, write } = useWrite();
  const back = async () => {
    const answer = await write("PUT", `blends/${version.id}`, {
      name: version.name,
      versionId: idFor(version.versionId),
      headId: version.headId ?? undefined,
      baseRev,
      blend: version.blend,
    });
    if (!answer.ok) return;
    router.push(`/blend/${version.id}`);
    router.refresh();
  };
  return (
    <p>
      <button type="button" className="pressable min-h-11" onClick={back}>
        bring this one back
      </button>{" "}
      <span role="status" className="text-stop">
        {trouble}
      </span>
    </p>
  );
}
