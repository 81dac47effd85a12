"use client";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import type { PastVersion } from "@/store/blends";
import { send } from "../api";

/** Saves an old version's content as the newest; nothing in between is lost. */
export function BringBack({ version, baseRev }: { version: PastVersion; baseRev: number }) {
  const router = useRouter();
  const id = useRef("");
  const [trouble, setTrouble] = useState("");
  const back = async () => {
    id.current ||= uuid();
    const answer = await send("PUT", `blends/${version.id}`, {
      name: version.name,
      versionId: id.current,
      headId: version.headId ?? undefined,
      baseRev,
      blend: version.blend,
    });
    if (!answer.ok) return setTrouble(answer.title);
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
