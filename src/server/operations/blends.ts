import { AcceptedInput, BlendChangeInput, NewBlendInput, RemovedInput } from "@/inputs/bookInput";
import type { Operation } from "./operation";

/** Blends and their versions. */
export const BLENDS: readonly Operation[] = [
  { method: "get", path: "/blends", summary: "Every blend in its current version.", answer: "BlendsAnswer" },
  { method: "post", path: "/blends", summary: "Saves a new blend.", input: NewBlendInput, answer: "BlendWritten" },
  { method: "get", path: "/blends/{id}", summary: "One blend in its current version.", answer: "StoredBlend" },
  {
    method: "put",
    path: "/blends/{id}",
    summary: "Saves a version of a blend that still has `baseRev`; 412 otherwise.",
    input: BlendChangeInput,
    answer: "BlendWritten",
  },
  {
    method: "put",
    path: "/blends/{id}/removed",
    summary: "Removes a blend, or puts it back.",
    input: RemovedInput,
    answer: "Written",
  },
  {
    method: "put",
    path: "/blends/{id}/figures",
    summary: "What today’s figures change of a saved blend has been read, and is not said again.",
    input: AcceptedInput,
    answer: "Written",
  },
  {
    method: "get",
    path: "/blends/{id}/versions",
    summary: "Every version of a blend, newest first.",
    answer: "VersionsAnswer",
  },
  {
    method: "get",
    path: "/blends/{id}/recipe",
    summary: "A blend as schema.org Recipe.",
    answer: { file: "application/ld+json" },
  },
  { method: "get", path: "/blends/{id}/book", summary: "One blend with its versions as a book file.", answer: "Book" },
];
