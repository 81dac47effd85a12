import { MeaningsInput, SettingsInput } from "@/inputs/bookInput";
import { ImportInput, PreviewInput, UndoneInput } from "@/inputs/importInput";
import type { Operation } from "./operation";

/** The house: its settings, its book, what comes in and what goes out. */
export const HOUSE: readonly Operation[] = [
  {
    method: "get",
    path: "/removed",
    summary: "What was removed in the last thirty days, and can be put back.",
    answer: "RemovedAnswer",
  },
  {
    method: "get",
    path: "/changes",
    summary: "What was written after a rev.",
    answer: "ChangesAnswer",
    query: ["after"],
  },
  { method: "get", path: "/settings", summary: "The household's settings.", answer: "Settings" },
  {
    method: "put",
    path: "/settings",
    summary: "Changes settings; what is left out stays.",
    input: SettingsInput,
    answer: "RevAnswer",
  },
  {
    method: "post",
    path: "/settings/meanings",
    summary: "Remembers what words of a notebook meant in this house.",
    input: MeaningsInput,
    answer: "RevAnswer",
  },
  { method: "get", path: "/book", summary: "Everything as one book file.", answer: "Book" },
  {
    method: "post",
    path: "/imports/preview",
    summary: "What importing a book file would do.",
    input: PreviewInput,
    answer: "ImportPlan",
  },
  {
    method: "post",
    path: "/imports",
    summary: "Imports a book file in one step.",
    input: ImportInput,
    answer: "ImportAnswer",
  },
  {
    method: "put",
    path: "/imports/{id}/undone",
    summary: "Undoes an import in one step.",
    input: UndoneInput,
    answer: "Written",
  },
  {
    method: "get",
    path: "/instruments/scale",
    summary: "What the kitchen scale shows, g, as server-sent events.",
    answer: { file: "text/event-stream" },
  },
  {
    method: "get",
    path: "/instruments/probe",
    summary: "What the probe thermometer shows, °C, as server-sent events.",
    answer: { file: "text/event-stream" },
  },
  { method: "get", path: "/openapi", summary: "This document.", answer: { file: "application/json" } },
];
