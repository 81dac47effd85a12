"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { send } from "../api";

/** What was just removed, and the way back. */
export function PutBack({ path, then, words }: { path: string; then: string; words: string }) {
  const router = useRouter();
  const [trouble, setTrouble] = useState("");
  const back = async () => {
    const answer = await send("PUT", path, { removed: false });
    if (!answer.ok) return setTrouble(answer.title);
    router.push(then);
    router.refresh();
  };
  return (
    <p role="status" className="text-lg">
      {words}{" "}
      <button type="button" className="pressable min-h-11" onClick={back}>
        put it back
      </button>{" "}
      <span className="text-stop">{trouble}</span>
    </p>
  );
}
