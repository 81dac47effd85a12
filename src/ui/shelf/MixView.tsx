"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Material } from "@/core/material";
import { typed } from "../forms/typed";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useWrite, type Writing } from "../forms/useWrite";
import { Options } from "../forms/Options";
import { MaterialPicker } from "./MaterialPicker";

type Kind = "mixture" | "like";
const KINDS: readonly { readonly value: Kind; readonly label: string; readonly note: string }[] = [
  { value: "mixture", label: "bought as a mixture", note: "the bag names its herbs, perhaps not their shares" },
  { value: "like", label: "one thing that is in no table", note: "takes the numbers of the nearest, with wider bands" },
];

/** A thing of one's own: bought mixed, or like another. */
export function MixView() {
  const [kind, setKind] = useState<Kind>("mixture");
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <p>
        <Link href="/shelf" className="pressable inline-flex min-h-11 items-center">
          the whole shelf
        </Link>
      </p>
      <h1 className="text-sentence">Something of your own</h1>
      <div className="mt-3 grid gap-x-16 gap-y-6 md:grid-cols-[20rem_minmax(0,1fr)]">
        <div>
          <Options label="What kind of thing?" value={kind} options={KINDS} onChange={setKind} />
          <p className="mt-3">
            Mixed here, from your own jars?{" "}
            <Link href="/making/premix" className="pressable">
              Make a dry mixture
            </Link>
            .
          </p>
        </div>
        <div className="max-w-[34rem]">
          <OwnThing kind={kind} key={kind} />
        </div>
      </div>
    </div>
  );
}

/** What is wrong stands at its field; only what has none is said here. */
const besides = ({ refused, at, trouble }: Writing<never>): string =>
  refused && refused.errors.length > 0 ? (at("parts") ?? "") : trouble;

interface DraftPart {
  readonly key: number;
  readonly material: Material | undefined;
  readonly shareText: string;
}

function OwnThing({ kind }: { kind: "mixture" | "like" }) {
  const router = useRouter();
  const writing = useWrite();
  const { at, settle, write, idFor } = writing;
  const [name, setName] = useState("");
  const [like, setLike] = useState<Material>();
  const [parts, setParts] = useState<readonly DraftPart[]>([{ key: 0, material: undefined, shareText: "" }]);
  const chosen = parts.filter((part) => part.material);
  const change = (key: number, to: Partial<DraftPart>) => {
    settle();
    setParts((now) => now.map((part) => (part.key === key ? { ...part, ...to } : part)));
  };
  const save = async () => {
    const body =
      kind === "like"
        ? { likeId: like?.id }
        : {
            parts: chosen.map(({ material, shareText }) => ({
              materialId: material!.id,
              ...(shareText.trim() ? { share: typed(shareText) / 100 } : {}),
            })),
          };
    const answer = await write<{ materialId: string }>("POST", "things", { id: idFor("thing"), name, ...body });
    if (!answer.ok) return;
    router.push(`/shelf/new?of=${encodeURIComponent(answer.value.materialId)}`);
    router.refresh();
  };
  const usable = name.trim() !== "" && (kind === "like" ? like !== undefined : chosen.length > 0);
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
      noValidate
    >
      <Field label="What is it called?" problem={at("name")}>
        {(a) => (
          <input
            {...a}
            value={name}
            maxLength={50}
            onChange={(e) => {
              setName(e.target.value);
              settle();
            }}
          />
        )}
      </Field>
      {kind === "like" && (
        <MaterialPicker label="It is most like" value={like} onChange={setLike} problem={at("likeId")} />
      )}
      {kind === "mixture" && (
        <fieldset className="flex min-w-0 flex-col gap-3">
          <legend className="text-sm font-semibold">What is in it, with its share where the bag says so</legend>
          {parts.map((part, i) => (
            <div
              key={part.key}
              className="grid grid-cols-[minmax(0,1fr)_6rem] items-start gap-3 border-b border-line pb-2"
            >
              <MaterialPicker
                label={`Part ${i + 1}`}
                value={part.material}
                onChange={(material) => change(part.key, { material })}
                problem={at(`parts.${i}.materialId`)}
              />
              <Field label="share, %" problem={at(`parts.${i}.share`)}>
                {(a) => (
                  <input
                    {...a}
                    inputMode="decimal"
                    className="w-full"
                    value={part.shareText}
                    onChange={(e) => change(part.key, { shareText: e.target.value })}
                  />
                )}
              </Field>
            </div>
          ))}
          <Button
            className="self-start"
            onClick={() =>
              setParts((now) => [...now, { key: (now.at(-1)?.key ?? 0) + 1, material: undefined, shareText: "" }])
            }
          >
            one more part
          </Button>
          <p className="text-sm text-quiet">
            A share left empty is not known: the parts share alike, and every band is as wide as its extreme part.
          </p>
        </fieldset>
      )}
      <div className="flex flex-wrap items-center gap-4">
        <Button look="main" type="submit" disabled={!usable}>
          Keep it, and put a jar of it up
        </Button>
        <span role="alert" className="text-stop">
          {besides(writing)}
        </span>
      </div>
    </form>
  );
}
