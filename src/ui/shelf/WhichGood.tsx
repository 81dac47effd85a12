"use client";
import { useRouter } from "next/navigation";
import { splitOf } from "@/core/material";
import { useWrite } from "../forms/useWrite";
import { Button } from "../parts/Button";
import { useShelf } from "./ShelfContext";

/** Asked once of a jar from before two goods were told apart. */
export function WhichGood({ jarId, materialId }: { jarId: string; materialId: string }) {
  const { find } = useShelf();
  const router = useRouter();
  const { busy, trouble, write } = useWrite();
  const split = splitOf(materialId);
  if (!split) return null;
  const say = async (good: string) => {
    if ((await write("PUT", `jars/${jarId}/good`, { materialId: good })).ok) router.refresh();
  };
  return (
    <aside aria-label="Which of two goods" className="mt-3 max-w-[34rem] border-l-4 border-madder pl-3">
      <p>Two goods go by this name, and we now tell them apart. {split.ask}</p>
      <p className="mt-1 flex flex-wrap gap-3">
        {split.into.map((id) => (
          <Button key={id} disabled={busy} onClick={() => void say(id)}>
            It is {find(id)?.names[0].text ?? id}
          </Button>
        ))}
      </p>
      <p role="status" className="text-stop">
        {trouble}
      </p>
    </aside>
  );
}
