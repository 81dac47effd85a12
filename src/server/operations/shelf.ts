import { RemovedInput } from "@/inputs/bookInput";
import { JarReadingInput } from "@/inputs/readingInput";
import {
  GoodInput,
  JarChangeInput,
  JarsCsvInput,
  LeftInput,
  NewJarInput,
  OwnThingInput,
  PremixInput,
  WeighingInput,
  WithdrawnInput,
} from "@/inputs/shelfInput";
import type { Operation } from "./operation";

/** The shelf: jars, what is weighed and tested of them, things of the house’s own. */
export const SHELF: readonly Operation[] = [
  { method: "get", path: "/shelf", summary: "Things of the house's own, and every jar.", answer: "ShelfAnswer" },
  { method: "get", path: "/shelf/jars", summary: "The jars as CSV.", answer: { file: "text/csv" } },
  {
    method: "post",
    path: "/shelf/jars",
    summary: "Reads a CSV of jars in one step; jars that are here stay as they are.",
    input: JarsCsvInput,
    answer: "JarsRead",
  },
  {
    method: "get",
    path: "/shelf/gathering",
    summary: "What some blends want against the shelf; `want` is `blend~head,blend…`.",
    answer: "GatheringAnswer",
    query: ["want"],
  },
  {
    method: "post",
    path: "/things",
    summary: "Keeps a thing of the house's own: like something, or mixed of several.",
    input: OwnThingInput,
    answer: "ThingWritten",
  },
  {
    method: "put",
    path: "/things/{id}/removed",
    summary: "Takes a thing of the house's own off the shelf, or puts it back.",
    input: RemovedInput,
    answer: "Written",
  },
  { method: "post", path: "/jars", summary: "Puts a jar on the shelf.", input: NewJarInput, answer: "Written" },
  {
    method: "post",
    path: "/jars/premixes",
    summary: "Mixes jars into a new one.",
    input: PremixInput,
    answer: "Written",
  },
  { method: "get", path: "/jars/{id}", summary: "One jar and its ledger.", answer: "JarAnswer" },
  {
    method: "put",
    path: "/jars/{id}",
    summary: "Changes a jar's details that still has `baseRev`; 412 otherwise.",
    input: JarChangeInput,
    answer: "Written",
  },
  {
    method: "put",
    path: "/jars/{id}/removed",
    summary: "Takes a jar off the shelf, or puts it back.",
    input: RemovedInput,
    answer: "Written",
  },
  {
    method: "post",
    path: "/jars/{id}/weighings",
    summary: "Weighs level spoons of a jar.",
    input: WeighingInput,
    answer: "Written",
  },
  {
    method: "put",
    path: "/jars/{id}/good",
    summary: "Says which of two goods, told apart since, a jar is.",
    input: GoodInput,
    answer: "Written",
  },
  {
    method: "post",
    path: "/jars/{id}/left",
    summary: "Weighs what is left in a jar.",
    input: LeftInput,
    answer: "Written",
  },
  {
    method: "post",
    path: "/jars/{id}/readings",
    summary: "Tests a jar's powder with water on a ring or a plate.",
    input: JarReadingInput,
    answer: "Written",
  },
  {
    method: "put",
    path: "/readings/{id}/withdrawn",
    summary: "Lets a reading count for its jars or not.",
    input: WithdrawnInput,
    answer: "Written",
  },
  {
    method: "put",
    path: "/weighings/{id}/withdrawn",
    summary: "Takes a weighing back, or lets it count again.",
    input: WithdrawnInput,
    answer: "Written",
  },
];
