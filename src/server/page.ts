import "@/core/catalogue";
import { cache } from "react";
import { cookies, headers } from "next/headers";
import { notFound, redirect } from "next/navigation";
import type { Household, Settings } from "@/store/household";
import { isUuid } from "@/core/text";
import { ASKED_HEADER } from "./askedHeader";
import { sessionOf } from "./session";

export interface House {
  readonly household: Household;
  readonly settings: Settings;
  readonly deviceId: string;
}

/** The household whose pages are read, asked once for a page; undefined on a machine where none has been loaded. */
export const house = cache(async (): Promise<House | undefined> => {
  const asked = await headers();
  const session = await sessionOf(asked);
  // The proxy believes for a second that an open door is open still.
  if (session === "stranger") redirect(`/enter?${new URLSearchParams({ then: asked.get(ASKED_HEADER) ?? "/" })}`);
  if (!session) return undefined;
  const { household, settings, deviceId } = session;
  return { household, settings, deviceId };
});

/** An id out of an address; what is none leads nowhere. */
export async function idIn(params: Promise<{ id: string }>): Promise<string> {
  const { id } = await params;
  return isUuid(id) ? id : notFound();
}

export const THEME_COOKIE = "infusing_theme";
export const themeOf = async (): Promise<"dim" | "light" | undefined> => {
  const value = (await cookies()).get(THEME_COOKIE)?.value;
  return value === "dim" || value === "light" ? value : undefined;
};
