"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { Suspense, useState } from "react";
import { LIMITS } from "@/core/limits";
import { weekdayFrom } from "@/core/shelf";
import type { StoredBlend } from "@/store/blends";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useWrite } from "../forms/useWrite";
import { opened } from "../parts/later";
import { Sheet } from "../parts/Sheet";
import { allTables } from "../shelf/allTables";
import { blendOf, documentOf, type BlendDocument } from "./document";
import type { Edit } from "./edit";
import { headOf } from "../heads/draftHead";
import type { ConflictProps } from "./Conflict";
import type { MakeItProps } from "./MakeIt";
import { toldOf, type MakePlan } from "./makePlan";
import type { BlendPage } from "@/server/blendPage";

const MakeIt = opened<MakeItProps>(() => import("./MakeIt").then((file) => file.MakeIt));
const Conflict = opened<ConflictProps>(() => import("./Conflict").then((file) => file.Conflict));

interface SaveAndMakeProps {
  readonly doc: BlendDocument;
  readonly saved: NonNullable<BlendPage["saved"]> | undefined;
  readonly changed: boolean;
  readonly heads: BlendPage["heads"];
  readonly usable: boolean;
  readonly tomorrow: string;
  readonly dispatch: (action: Edit) => void;
  readonly onSaved: (saved: NonNullable<BlendPage["saved"]>, doc: BlendDocument) => void;
}

/** A wall time, put off to the head's own wash day where it has one. */
const onWashDay = (wall: string, washDay: number | undefined): string =>
  washDay === undefined ? wall : weekdayFrom(wall.slice(0, 10), washDay) + wall.slice(10);

/**
 * Saves a version, opens a bowl. Ids are made before sending and kept until it worked, so that trying again saves once.
 */
export function SaveAndMake({ doc, saved, changed, heads, usable, tomorrow, dispatch, onSaved }: SaveAndMakeProps) {
  const router = useRouter();
  const { busy, wholeTrouble, theirs, settle, idFor, write } = useWrite<StoredBlend>();
  const [said, setSaid] = useState("");
  const [unnamed, setUnnamed] = useState("");
  const [touched, setTouched] = useState<Partial<MakePlan>>({});
  // What the sentence says of when it goes on holds until something else is said here.
  const plan: MakePlan = {
    when: doc.whenText ? "onHead" : "now",
    onHeadAt: doc.whenText || onWashDay(tomorrow, doc.head.hair.washDay),
    madeAt: "",
    pouredText: "",
    headName: "",
    ...touched,
  };
  const noName =
    doc.name.trim() === ""
      ? "Give it a name to find it by."
      : doc.name.length > LIMITS.nameChars.max
        ? "That name is too long."
        : undefined;

  /** The head's id, kept under a name first when it was described on the spot. */
  async function keepHead(): Promise<string | undefined> {
    if (doc.headId) return doc.headId;
    const hair = headOf(doc.head);
    const id = idFor({ hair, headName: plan.headName });
    const answer = await write("POST", "heads", { id, name: plan.headName.trim() || "Somebody", hair });
    if (!answer.ok) return undefined;
    dispatch({ do: "head", headId: id, head: doc.head });
    return id;
  }

  async function save(
    headId: string | null,
    asAnother = false,
    base = saved,
  ): Promise<NonNullable<BlendPage["saved"]> | undefined> {
    const name = doc.name.trim();
    setUnnamed(noName ?? "");
    if (noName) return void settle();
    const body = { name, headId: headId ?? undefined, blend: blendOf(doc) };
    const id = base && !asAnother ? base.id : idFor({ body, asAnother });
    const versionId = idFor({ version: id, body, base: base?.rev });
    const answer =
      base && !asAnother
        ? await write<{ rev: number }>(
            "PUT",
            `blends/${id}`,
            { ...body, versionId, baseRev: base.rev },
            { theirsAt: `blends/${id}` },
          )
        : await write<{ rev: number }>("POST", "blends", { ...body, id, versionId });
    if (!answer.ok) return undefined;
    const now: NonNullable<BlendPage["saved"]> = {
      id,
      versionId,
      version: base && !asAnother ? base.version + 1 : 1,
      rev: answer.value.rev,
    };
    setSaid(`Saved, version ${now.version}.`);
    onSaved(now, { ...doc, headId });
    return now;
  }

  const make = async () => {
    const headId = await keepHead();
    if (!headId) return;
    const version = saved && !changed ? saved : await save(headId);
    if (!version) return;
    const id = idFor({ version: version.versionId, headId, ...plan });
    const body = { id, versionId: version.versionId, headId, ...toldOf(plan) };
    if ((await write("POST", "batches", body)).ok) router.push(`/batches/${id}`);
  };

  /**
   * Theirs takes the place of what stands here; it is a saved version, and so is nothing of mine lost that was saved.
   */
  const takeTheirs = async (theirs: StoredBlend) => {
    await allTables();
    const head =
      theirs.headId === doc.headId
        ? headOf(doc.head)
        : (heads.find(({ id }) => id === theirs.headId)?.hair ?? headOf(doc.head));
    const now = documentOf(theirs.blend, { name: theirs.name, headId: theirs.headId, head });
    dispatch({ do: "restore", doc: now });
    settle();
    onSaved({ id: theirs.id, versionId: theirs.versionId, version: theirs.version, rev: theirs.rev }, now);
  };

  const remove = async ({ id }: NonNullable<typeof saved>) => {
    if ((await write("PUT", `blends/${id}/removed`, { removed: true })).ok) router.push(`/?removed=${id}`);
  };
  const trouble = unnamed || wholeTrouble;

  return (
    <div className="no-print flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <div className="w-full max-w-80">
          <Field label="Name of this blend">
            {(a) => (
              <input
                {...a}
                className="w-full"
                value={doc.name}
                maxLength={LIMITS.nameChars.max}
                onChange={(e) => dispatch({ do: "set", change: { name: e.target.value } })}
              />
            )}
          </Field>
        </div>
        <Button idle={busy || !usable || Boolean(saved && !changed)} onClick={() => void save(doc.headId)}>
          {saved ? (changed ? "Save the change" : `Saved, version ${saved.version}`) : "Save"}
        </Button>
        {saved && changed && (
          <Button look="text" disabled={busy || !usable} onClick={() => void save(doc.headId, true)}>
            save as another
          </Button>
        )}
        {saved && (
          <Link href={`/blend/${saved.id}/versions`} className="pressable order-last flex min-h-11 items-center">
            versions
          </Link>
        )}
        {saved && (
          <Link href={`/blend/${saved.id}/share`} className="pressable order-last flex min-h-11 items-center">
            one bowl for several heads
          </Link>
        )}
        {saved && (
          <Link href={`/blend/${saved.id}/bowls`} className="pressable order-last flex min-h-11 items-center">
            its bowls
          </Link>
        )}
        {saved && (
          <Link href={`/shelf/gathering?want=${saved.id}`} className="pressable order-last flex min-h-11 items-center">
            what is short?
          </Link>
        )}
        {saved && (
          <Link href={`/blend?copy=${saved.id}`} className="pressable order-last flex min-h-11 items-center">
            copy it
          </Link>
        )}
        {saved && (
          <Button look="text" className="order-last" disabled={busy} onClick={() => void remove(saved)}>
            remove it
          </Button>
        )}
        <Sheet
          title="Make it"
          trigger={
            <Button look="main" disabled={busy || !usable}>
              Make it …
            </Button>
          }
        >
          <MakeIt
            plan={plan}
            change={(change) => setTouched({ ...touched, ...change })}
            busy={busy}
            askName={!doc.headId}
            trouble={trouble}
            onMake={make}
          />
        </Sheet>
      </div>
      <p role="status" className="sr-only">
        {said}
      </p>
      <p aria-live="assertive" className="text-stop">
        {trouble}
      </p>
      {theirs && (
        <Suspense fallback={null}>
          <Conflict
            theirs={theirs}
            mine={{ name: doc.name.trim(), blend: blendOf(doc) }}
            busy={busy}
            onTheirs={() => void takeTheirs(theirs)}
            onMine={() => void save(doc.headId, false, theirs)}
            onBoth={() => void save(doc.headId, true)}
          />
        </Suspense>
      )}
    </div>
  );
}
