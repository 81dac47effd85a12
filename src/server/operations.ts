import { EventsInput, NewBatchInput, NewBlendInput, BlendChangeInput, MeaningsInput, RemovedInput, SettingsInput } from "@/inputs/bookInput";
import { ErasedInput, PairingInput, PasswordInput, SentAwayInput } from "@/inputs/doorInput";
import { HeadChangeInput, NewHeadInput } from "@/inputs/headInput";
import { ImportInput, PreviewInput, UndoneInput } from "@/inputs/importInput";
import { CorrectionInput, PasteInput } from "@/inputs/pasteInput";
import { JarReadingInput } from "@/inputs/readingInput";
import { JarChangeInput, JarsCsvInput, LeftInput, NewJarInput, OwnThingInput, PremixInput, WeighingInput, WithdrawnInput } from "@/inputs/shelfInput";

/** One thing that can be asked of the API. */
export interface Operation {
  readonly method: "get" | "post" | "put";
  readonly path: string;
  readonly summary: string;
  readonly input?: new () => object;
  /** Name of the answer's type in `answers.ts`, or the media type of a file. */
  readonly answer: string | { readonly file: string };
  readonly query?: readonly string[];
}

const LOG_QUERY = ["head", "text", "blend", "material", "purpose", "how", "from", "to"] as const;

/** Every route; a check holds this list equal to the files under `app/api/v1`. */
export const OPERATIONS: readonly Operation[] = [
  { method: "post", path: "/paste", summary: "Computes a blend; stores nothing.", input: PasteInput, answer: "PasteAnswer" },
  { method: "post", path: "/paste/correction", summary: "The ways on after a word, a test, or a pour that went wrong; stores nothing.", input: CorrectionInput, answer: "CorrectionAnswer" },
  { method: "post", path: "/paste/draws", summary: "Where the pour will stop by 20 000 draws; stores nothing.", input: PasteInput, answer: "DrawsAnswer" },
  { method: "post", path: "/paste/feel", summary: "How it will feel, what to do about it, and the order of mixing; stores nothing.", input: PasteInput, answer: "FeelAndOrder" },
  { method: "get", path: "/materials", summary: "The catalogue with every figure and its source.", answer: "MaterialsAnswer" },
  { method: "get", path: "/materials/search", summary: "Materials by any name, spelling or use.", answer: "SearchAnswer", query: ["text"] },
  { method: "get", path: "/shelf", summary: "Things of the house's own, and every jar.", answer: "ShelfAnswer" },
  { method: "get", path: "/shelf/jars", summary: "The jars as CSV.", answer: { file: "text/csv" } },
  { method: "post", path: "/shelf/jars", summary: "Reads a CSV of jars in one step; jars that are here stay as they are.", input: JarsCsvInput, answer: "JarsRead" },
  { method: "get", path: "/shelf/gathering", summary: "What some blends want against the shelf; `want` is `blend~head,blend…`.", answer: "GatheringAnswer", query: ["want"] },
  { method: "post", path: "/things", summary: "Keeps a thing of the house's own: like something, or mixed of several.", input: OwnThingInput, answer: "ThingWritten" },
  { method: "put", path: "/things/{id}/removed", summary: "Takes a thing of the house's own off the shelf, or puts it back.", input: RemovedInput, answer: "Written" },
  { method: "post", path: "/jars", summary: "Puts a jar on the shelf.", input: NewJarInput, answer: "Written" },
  { method: "post", path: "/jars/premixes", summary: "Mixes jars into a new one.", input: PremixInput, answer: "Written" },
  { method: "get", path: "/jars/{id}", summary: "One jar and its ledger.", answer: "JarAnswer" },
  { method: "put", path: "/jars/{id}", summary: "Changes a jar's details that still has `baseRev`; 412 otherwise.", input: JarChangeInput, answer: "Written" },
  { method: "put", path: "/jars/{id}/removed", summary: "Takes a jar off the shelf, or puts it back.", input: RemovedInput, answer: "Written" },
  { method: "post", path: "/jars/{id}/weighings", summary: "Weighs level spoons of a jar.", input: WeighingInput, answer: "Written" },
  { method: "post", path: "/jars/{id}/left", summary: "Weighs what is left in a jar.", input: LeftInput, answer: "Written" },
  { method: "post", path: "/jars/{id}/readings", summary: "Tests a jar's powder with water on a ring or a plate.", input: JarReadingInput, answer: "Written" },
  { method: "put", path: "/readings/{id}/withdrawn", summary: "Lets a reading count for its jars or not.", input: WithdrawnInput, answer: "Written" },
  { method: "put", path: "/weighings/{id}/withdrawn", summary: "Takes a weighing back, or lets it count again.", input: WithdrawnInput, answer: "Written" },
  { method: "get", path: "/heads", summary: "Every head that is kept.", answer: "HeadsAnswer" },
  { method: "post", path: "/heads", summary: "Keeps a head.", input: NewHeadInput, answer: "Written" },
  { method: "get", path: "/heads/{id}", summary: "One head.", answer: "StoredHead" },
  { method: "put", path: "/heads/{id}", summary: "Changes a head that still has `baseRev`; 412 otherwise.", input: HeadChangeInput, answer: "Written" },
  { method: "put", path: "/heads/{id}/removed", summary: "Removes a head, or puts it back.", input: RemovedInput, answer: "Written" },
  { method: "get", path: "/heads/{id}/book", summary: "One head as a book file.", answer: "Book" },
  { method: "get", path: "/blends", summary: "Every blend in its current version.", answer: "BlendsAnswer" },
  { method: "post", path: "/blends", summary: "Saves a new blend.", input: NewBlendInput, answer: "BlendWritten" },
  { method: "get", path: "/blends/{id}", summary: "One blend in its current version.", answer: "StoredBlend" },
  { method: "put", path: "/blends/{id}", summary: "Saves a version of a blend that still has `baseRev`; 412 otherwise.", input: BlendChangeInput, answer: "BlendWritten" },
  { method: "put", path: "/blends/{id}/removed", summary: "Removes a blend, or puts it back.", input: RemovedInput, answer: "Written" },
  { method: "get", path: "/blends/{id}/versions", summary: "Every version of a blend, newest first.", answer: "VersionsAnswer" },
  { method: "get", path: "/blends/{id}/recipe", summary: "A blend as schema.org Recipe.", answer: { file: "application/ld+json" } },
  { method: "get", path: "/blends/{id}/book", summary: "One blend with its versions as a book file.", answer: "Book" },
  { method: "get", path: "/batches", summary: "A page of the log, newest first.", answer: "LogAnswer", query: [...LOG_QUERY, "before"] },
  { method: "post", path: "/batches", summary: "Opens a bowl.", input: NewBatchInput, answer: "Written" },
  { method: "get", path: "/batches/{id}", summary: "A bowl, its history and where it stands.", answer: "BatchAnswer" },
  { method: "get", path: "/batches/{id}/events", summary: "What happened to a bowl, or only after a rev.", answer: "EventsAnswer", query: ["after"] },
  { method: "post", path: "/batches/{id}/events", summary: "Adds what happened; repeats add nothing.", input: EventsInput, answer: "EventsAnswer" },
  { method: "get", path: "/batches/{id}/times", summary: "A bowl's clock times as iCalendar.", answer: { file: "text/calendar" } },
  { method: "get", path: "/batches/{id}/book", summary: "One bowl with its events as a book file.", answer: "Book" },
  { method: "get", path: "/log", summary: "The log as CSV.", answer: { file: "text/csv" }, query: LOG_QUERY },
  { method: "get", path: "/log/lines", summary: "What went into the log's bowls as CSV.", answer: { file: "text/csv" }, query: LOG_QUERY },
  { method: "get", path: "/now", summary: "What is going on now.", answer: "NowAnswer" },
  { method: "get", path: "/removed", summary: "What was removed in the last thirty days, and can be put back.", answer: "RemovedAnswer" },
  { method: "get", path: "/changes", summary: "What was written after a rev.", answer: "ChangesAnswer", query: ["after"] },
  { method: "get", path: "/settings", summary: "The household's settings.", answer: "Settings" },
  { method: "put", path: "/settings", summary: "Changes settings; what is left out stays.", input: SettingsInput, answer: "RevAnswer" },
  { method: "post", path: "/settings/meanings", summary: "Remembers what words of a notebook meant in this house.", input: MeaningsInput, answer: "RevAnswer" },
  { method: "get", path: "/book", summary: "Everything as one book file.", answer: "Book" },
  { method: "post", path: "/imports/preview", summary: "What importing a book file would do.", input: PreviewInput, answer: "ImportPlan" },
  { method: "post", path: "/imports", summary: "Imports a book file in one step.", input: ImportInput, answer: "ImportAnswer" },
  { method: "put", path: "/imports/{id}/undone", summary: "Undoes an import in one step.", input: UndoneInput, answer: "Written" },
  { method: "get", path: "/door", summary: "Who may come in.", answer: "DoorAnswer" },
  { method: "put", path: "/door/password", summary: "Sets, changes or takes away the household's password.", input: PasswordInput, answer: "LockedAnswer" },
  { method: "post", path: "/pairings", summary: "A code for one more device.", input: PairingInput, answer: "Written" },
  { method: "put", path: "/devices/{id}/away", summary: "Ends a device's session.", input: SentAwayInput, answer: "Written" },
  { method: "put", path: "/persons/{id}/away", summary: "Ends the sessions of all of a person's devices.", input: SentAwayInput, answer: "Written" },
  { method: "put", path: "/persons/{id}/erased", summary: "Erases a person for good.", input: ErasedInput, answer: "Written" },
  { method: "get", path: "/openapi", summary: "This document.", answer: { file: "application/json" } },
];
