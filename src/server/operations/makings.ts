import { EventsInput } from "@/inputs/bookInput";
import { BegunInput, MakingInput, PutUpInput } from "@/inputs/shelfInput";
import type { Operation } from "./operation";

/** What is made before the bowl. */
export const MAKINGS: readonly Operation[] = [
  { method: "get", path: "/makings", summary: "Makings that were followed, newest first.", answer: "MakingsAnswer" },
  {
    method: "post",
    path: "/makings",
    summary: "Makes something by a method, such as a tea, and puts it on the shelf with figures of its own.",
    input: MakingInput,
    answer: "Written",
  },
  {
    method: "post",
    path: "/makings/begun",
    summary: "Begins a making that is followed step by step.",
    input: BegunInput,
    answer: "Written",
  },
  {
    method: "get",
    path: "/makings/{id}",
    summary: "A making, its history and where it stands.",
    answer: "MakingAnswer",
  },
  {
    method: "get",
    path: "/makings/{id}/events",
    summary: "What happened to a making.",
    answer: "MakingEventsAnswer",
    query: ["after"],
  },
  {
    method: "post",
    path: "/makings/{id}/events",
    summary: "Adds what happened to a making; repeats add nothing.",
    input: EventsInput,
    answer: "MakingEventsAnswer",
  },
  {
    method: "get",
    path: "/makings/{id}/times",
    summary: "What is still to be done of a making as iCalendar.",
    answer: { file: "text/calendar" },
  },
  {
    method: "post",
    path: "/makings/{id}/jar",
    summary: "Puts up what came of a making, and closes it; 409 where that was done already.",
    input: PutUpInput,
    answer: "Written",
  },
  { method: "get", path: "/log/makings", summary: "Makings as CSV.", answer: { file: "text/csv" } },
];
