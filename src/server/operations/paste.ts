import { CorrectionInput, PasteInput } from "@/inputs/pasteInput";
import type { Operation } from "./operation";

/** A blend computed, and the tables it is computed from; nothing of it is stored. */
export const PASTE: readonly Operation[] = [
  {
    method: "post",
    path: "/paste",
    summary: "Computes a blend; stores nothing.",
    input: PasteInput,
    answer: "PasteAnswer",
  },
  {
    method: "post",
    path: "/paste/correction",
    summary: "The ways on after a word, a test, or a pour that went wrong; stores nothing.",
    input: CorrectionInput,
    answer: "CorrectionAnswer",
  },
  {
    method: "post",
    path: "/paste/draws",
    summary: "Where the pour will stop by 20 000 draws; stores nothing.",
    input: PasteInput,
    answer: "DrawsAnswer",
  },
  {
    method: "post",
    path: "/paste/feel",
    summary: "How it will feel, what to do about it, and the order of mixing; stores nothing.",
    input: PasteInput,
    answer: "FeelAndOrder",
  },
  {
    method: "get",
    path: "/materials",
    summary: "The catalogue with every figure and its source.",
    answer: "MaterialsAnswer",
  },
  {
    method: "get",
    path: "/materials/search",
    summary: "Materials by any name, spelling or use.",
    answer: "SearchAnswer",
    query: ["text"],
  },
];
