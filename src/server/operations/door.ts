import { ErasedInput, PairingInput, PasswordInput, SentAwayInput } from "@/inputs/doorInput";
import type { Operation } from "./operation";

/** Who may come in. */
export const DOOR: readonly Operation[] = [
  { method: "get", path: "/door", summary: "Who may come in.", answer: "DoorAnswer" },
  {
    method: "put",
    path: "/door/password",
    summary: "Sets, changes or takes away the household's password.",
    input: PasswordInput,
    answer: "LockedAnswer",
  },
  { method: "post", path: "/pairings", summary: "A code for one more device.", input: PairingInput, answer: "Written" },
  {
    method: "put",
    path: "/devices/{id}/away",
    summary: "Ends a device's session.",
    input: SentAwayInput,
    answer: "Written",
  },
  {
    method: "put",
    path: "/persons/{id}/away",
    summary: "Ends the sessions of all of a person's devices.",
    input: SentAwayInput,
    answer: "Written",
  },
  {
    method: "put",
    path: "/persons/{id}/erased",
    summary: "Erases a person for good.",
    input: ErasedInput,
    answer: "Written",
  },
];
