"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import type { StoredThing } from "@/store/ownThings";
import { useWrite } from "../forms/useWrite";
import { useShelf } from "./ShelfContext";

/** What only this house has: mixtures and things like others. */
export function OwnThings({ things }: { things: readonly StoredThing[] }) {
  const { find } = useShelf();
  const router = useRouter();
  const { trouble, write } = useWrite();
  const name = (id: string) => find(id)?.names[0].text ?? id;
  const remove = async (rowId: string, removed: boolean) => {
    if ((await write("PUT", `things/${rowId}/removed`, { removed })).ok) router.refresh();
  };
  return (
    <section aria-label="Things of your own">
      <h2>Things of your own</h2>
      {things.every(({ removed }) => removed) && (
        <p className="mt-1">
          A bought mixture, a home blend of powders, a herb that is in no table:{" "}
          <Link href="/shelf/mix" className="pressable">
            tell what it is
          </Link>
          , and it goes in a bowl like anything else.
        </p>
      )}
      <ul className="mt-1">
        {things.map((thing) => (
          <li
            key={thing.rowId}
            className={
              "flex flex-wrap items-baseline justify-between gap-x-4 border-b border-line py-1 " +
              `${thing.removed ? "text-quiet" : ""}`
            }
          >
            <span>
              <strong>{thing.name}</strong>,{" "}
              {thing.kind === "like"
                ? `like ${name(thing.likeId)}`
                : thing.parts
                    .map(
                      ({ materialId, share }) =>
                        `${name(materialId)}${share === undefined ? "" : ` ${Math.round(share * 100)} %`}`,
                    )
                    .join(", ")}
              {thing.kind === "mixture" && thing.parts.some(({ share }) => share === undefined)
                ? "; shares not known"
                : ""}
            </span>
            <button
              type="button"
              className="pressable min-h-11"
              onClick={() => void remove(thing.rowId, !thing.removed)}
            >
              {thing.removed ? "put it back" : "take it off"}
            </button>
          </li>
        ))}
      </ul>
      <p role="status" className="text-stop">
        {trouble}
      </p>
    </section>
  );
}
