"use client";
import { useRouter } from "next/navigation";
import { useWrite } from "../forms/useWrite";

/** What was just removed, and the way back. */
export function PutBack({ path, then, words }: { path: string; then: string; words: string }) {
  const router = useRouter();
  const { trouble, write } = useWrite();
  const back = async () => {
    if (!(await write("PUT", path, { removed: false })).ok) return;
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
