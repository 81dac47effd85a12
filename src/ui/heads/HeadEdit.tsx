"use client";
import { useRouter } from "next/navigation";
import { useMemo, useState, type ReactNode } from "react";
import { checkHead, coverage, PURPOSES, wettingNeed, WETTINGS, type Coverage, type Head } from "@/core/head";
import { LIMITS } from "@/core/limits";
import type { StoredHead } from "@/store/heads";
import { bandWords, problemWords, PURPOSE_NAME, WETTING_NAME } from "@/words";
import { hairWords } from "@/words/hair";
import { draftHead, headOf, type DraftHead } from "./draftHead";
import { headSides } from "@/words/sides";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { OfferedDraft } from "../forms/OfferedDraft";
import { Sides } from "../forms/Sides";
import { useWrite } from "../forms/useWrite";
import { useDraft } from "../forms/useDraft";
import { CountsAndTrials } from "./CountsAndTrials";
import { HairFields } from "./HairFields";
import { HeadPicture } from "./HeadPicture";

interface HeadDraft {
  readonly name: string;
  readonly draft: DraftHead;
}

function isHeadDraft(kept: unknown): kept is HeadDraft {
  try {
    const { name, draft } = kept as HeadDraft;
    return typeof name === "string" && typeof headOf(draft) === "object";
  } catch {
    return false;
  }
}

/** Scalp and lengths apart. */
const takesOf = ({ pasteG, scalpG, lengthsG }: Coverage) => ({
  band: pasteG,
  apart: `scalp ${bandWords(scalpG).mid} g, lengths ${bandWords(lengthsG).mid} g`,
});

interface HeadEditProps {
  readonly saved?: StoredHead;
  readonly start?: Head;
  /** What stands under the picture of a head that is in the book. */
  readonly children?: ReactNode;
}

/** One head: the picture, its fields, and what each purpose takes, while one types. */
export function HeadEdit({ saved, start, children }: HeadEditProps) {
  const router = useRouter();
  const [name, setName] = useState(saved?.name ?? "");
  const [draft, setDraft] = useState<DraftHead>(() => draftHead(saved?.hair ?? start));
  const { busy, wholeTrouble, theirs, settle, write, idFor } = useWrite<StoredHead>();
  const [noName, setNoName] = useState("");
  const hair = headOf(draft);
  const problems = checkHead(hair, "hair");
  const usable = problems.length === 0;
  const [lastGood, setLastGood] = useState(hair);
  if (usable && JSON.stringify(hair) !== JSON.stringify(lastGood)) setLastGood(hair);
  const known = useMemo(() => ({ ...lastGood, ...(saved?.usual ? { usual: saved.usual } : {}) }), [lastGood, saved]);
  const takes = useMemo(
    () => [
      ...PURPOSES.map((purpose) => ({ name: PURPOSE_NAME[purpose], ...takesOf(coverage(known, purpose)) })),
      ...WETTINGS.map((id) => ({ name: WETTING_NAME[id], band: wettingNeed(lastGood, id).makeG, apart: "" })),
    ],
    [known, lastGood],
  );
  const problemAt = (field: string) => {
    const found = problems.find((problem) => problem.field === field);
    return found && problemWords(found);
  };

  const content = JSON.stringify({ name, draft });
  const [firstContent] = useState(content);
  const kept = useDraft(
    `head:${saved?.id ?? "new"}`,
    { name, draft },
    isHeadDraft,
    content !== firstContent,
    saved?.rev ?? 0,
  );

  const go = (to: string) => {
    kept.clear();
    router.push(to);
    router.refresh();
  };
  const save = async (baseRev = saved?.rev) => {
    setNoName(name.trim() === "" ? "Give the head a name." : "");
    if (name.trim() === "") return settle();
    const body = { name: name.trim(), hair };
    const answer = saved
      ? await write("PUT", `heads/${saved.id}`, { ...body, baseRev }, { theirsAt: `heads/${saved.id}` })
      : await write("POST", "heads", { id: idFor("head"), ...body });
    if (answer.ok) go("/heads");
  };
  const remove = async (id: string) => {
    if ((await write("PUT", `heads/${id}/removed`, { removed: true })).ok) go(`/heads?removed=${id}`);
  };

  return (
    <div className="mx-auto grid max-w-[82rem] gap-x-12 gap-y-6 px-4 pt-6 md:grid-cols-2 md:px-10">
      <div>
        <h1 className="text-sentence break-words">{name.trim() || "A head of hair"}</h1>
        <div className="mx-auto max-w-[26rem]">
          <HeadPicture head={lastGood} text={hairWords(lastGood)} />
        </div>
        <div className="mt-6 flex flex-col gap-6">{children}</div>
      </div>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        {kept.offered && JSON.stringify(kept.offered) !== content && (
          <p role="status" className="border-l-4 border-madder pl-3">
            You had changed this head and not kept it{kept.overtaken ? "; somebody has since" : ""}.{" "}
            <OfferedDraft
              draft={kept}
              onTake={(then) => {
                setName(then.name);
                setDraft(then.draft);
              }}
            />
          </p>
        )}
        <Field label="Name">
          {(a) => (
            <input {...a} value={name} maxLength={LIMITS.nameChars.max} onChange={(e) => setName(e.target.value)} />
          )}
        </Field>
        <HairFields head={draft} path="hair" problemAt={problemAt} onChange={setDraft} />
        {saved && (
          <CountsAndTrials
            hair={draft.hair}
            onChange={(change) => setDraft({ ...draft, hair: { ...draft.hair, ...change } })}
          />
        )}
        <section aria-label="What it takes">
          <h2>What it takes</h2>
          <dl className={usable ? "" : "opacity-50"}>
            {takes.map(({ name, band, apart }) => (
              <div key={name} className="flex justify-between gap-4 border-b border-line py-1">
                <dt>{name}</dt>
                <dd className="text-right">
                  <span className="font-semibold">{bandWords(band).both} g</span>
                  {apart && <span className="block text-sm text-quiet">{apart}</span>}
                </dd>
              </div>
            ))}
          </dl>
        </section>
        <div className="flex flex-wrap items-center gap-3">
          <Button look="main" type="submit" disabled={busy || !usable}>
            Keep this head
          </Button>
          {saved && (
            <Button look="text" disabled={busy} onClick={() => void remove(saved.id)}>
              remove it
            </Button>
          )}
          {saved && (
            <a href={`/api/v1/heads/${saved.id}/book`} className="pressable flex min-h-11 items-center">
              this head as a book file
            </a>
          )}
        </div>
        <p aria-live="assertive" className="text-stop">
          {noName || wholeTrouble}
        </p>
        {theirs && (
          <Sides
            rows={headSides(theirs, { name: name.trim(), hair })}
            busy={busy}
            onTheirs={() => {
              kept.clear();
              settle();
              router.refresh();
            }}
            onMine={() => void save(theirs.rev)}
          />
        )}
      </form>
    </div>
  );
}
