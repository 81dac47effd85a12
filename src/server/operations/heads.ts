import { RemovedInput } from "@/inputs/bookInput";
import { HeadChangeInput, NewHeadInput } from "@/inputs/headInput";
import type { Operation } from "./operation";

/** Heads. */
export const HEADS: readonly Operation[] = [
  { method: "get", path: "/heads", summary: "Every head that is kept.", answer: "HeadsAnswer" },
  { method: "post", path: "/heads", summary: "Keeps a head.", input: NewHeadInput, answer: "Written" },
  { method: "get", path: "/heads/{id}", summary: "One head.", answer: "StoredHead" },
  {
    method: "put",
    path: "/heads/{id}",
    summary: "Changes a head that still has `baseRev`; 412 otherwise.",
    input: HeadChangeInput,
    answer: "Written",
  },
  {
    method: "put",
    path: "/heads/{id}/removed",
    summary: "Removes a head, or puts it back.",
    input: RemovedInput,
    answer: "Written",
  },
  { method: "get", path: "/heads/{id}/book", summary: "One head as a book file.", answer: "Book" },
];
