"use client";
import { BUILD } from "@/build";

/** What keeps worksheets on the device (`public/worksheet.js`), and does as it is told. */
export const KEEPER = `/worksheet.js?build=${BUILD}`;
export type Message =
  | { readonly do: "keep"; readonly path: string; readonly files: readonly string[] }
  | { readonly do: "forget"; readonly path: string }
  | { readonly do: "check" }
  | { readonly do: "forgetAll" };

/** Whether this device may keep a page: a browser lets it on this machine itself and over https, and nowhere else. */
export const canKeep = (): boolean =>
  process.env.NODE_ENV === "production" && window.isSecureContext && "serviceWorker" in navigator;

/** Tells what keeps worksheets, where there is such a thing; what it does with it is its own affair. */
export function tellKeeper(message: Message): void {
  if (!canKeep()) return;
  void navigator.serviceWorker
    .getRegistration()
    .then((found) => found?.active?.postMessage(message))
    .catch(() => undefined);
}
