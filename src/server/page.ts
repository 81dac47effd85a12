import { cookies } from "next/headers";
import { theHousehold, readSettings, type Household, type Settings } from "@/store/household";

export interface House { readonly household: Household; readonly settings: Settings }

/** The household whose pages are read; undefined on a machine where none has been loaded. */
export async function house(): Promise<House | undefined> {
  const household = await theHousehold();
  return household && { household, settings: await readSettings(household.id) };
}

export const THEME_COOKIE = "infusing_theme";
export const themeOf = async (): Promise<"dim" | "light" | undefined> => {
  const value = (await cookies()).get(THEME_COOKIE)?.value;
  return value === "dim" || value === "light" ? value : undefined;
};
