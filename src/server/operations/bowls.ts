import { EventsInput, LeftoverInput, NewBatchInput } from "@/inputs/bookInput";
import type { Operation } from "./operation";

const LOG_QUERY = ["head", "text", "blend", "material", "purpose", "how", "from", "to"] as const;

/** Bowls, what happened in them, the log. */
export const BOWLS: readonly Operation[] = [
  {
    method: "get",
    path: "/batches",
    summary: "A page of the log, newest first.",
    answer: "LogAnswer",
    query: [...LOG_QUERY, "before"],
  },
  { method: "post", path: "/batches", summary: "Opens a bowl.", input: NewBatchInput, answer: "Written" },
  { method: "get", path: "/batches/{id}", summary: "A bowl, its history and where it stands.", answer: "BatchAnswer" },
  {
    method: "get",
    path: "/batches/{id}/events",
    summary: "What happened to a bowl, or only after a rev.",
    answer: "EventsAnswer",
    query: ["after"],
  },
  {
    method: "post",
    path: "/batches/{id}/events",
    summary: "Adds what happened; repeats add nothing.",
    input: EventsInput,
    answer: "EventsAnswer",
  },
  {
    method: "post",
    path: "/batches/{id}/leftover",
    summary: "Keeps what is left of a bowl as a jar, mixed of what went in.",
    input: LeftoverInput,
    answer: "Written",
  },
  {
    method: "get",
    path: "/batches/{id}/times",
    summary: "A bowl's clock times as iCalendar.",
    answer: { file: "text/calendar" },
  },
  { method: "get", path: "/batches/{id}/book", summary: "One bowl with its events as a book file.", answer: "Book" },
  { method: "get", path: "/log", summary: "The log as CSV.", answer: { file: "text/csv" }, query: LOG_QUERY },
  {
    method: "get",
    path: "/log/lines",
    summary: "What went into the log's bowls as CSV.",
    answer: { file: "text/csv" },
    query: LOG_QUERY,
  },
  { method: "get", path: "/now", summary: "What is going on now.", answer: "NowAnswer" },
];
