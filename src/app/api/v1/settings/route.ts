import { SettingsInput } from "@/inputs/bookInput";
import { reads, writes } from "@/server/route";
import { changeSettings } from "@/server/settings";

export const GET = reads(async ({ settings }) => settings);
export const PUT = writes(SettingsInput, changeSettings);
