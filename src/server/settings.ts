import { checkNumber } from "@/core/checkNumber";
import type { SettingsInput } from "@/inputs/bookInput";
import { writeSettings } from "@/store/household";
import type { Write } from "@/store/transaction";
import { unusable } from "./refusal";
import type { Asked } from "./route";

export async function changeSettings({ input }: Asked<SettingsInput>, write: Write) {
  const problem = input.kitchenTempC === undefined ? undefined : checkNumber("kitchenTempC", input.kitchenTempC, "kitchenTempC");
  if (problem) throw unusable([problem]);
  await writeSettings(write, { spoons: input.spoons, kitchenTempC: input.kitchenTempC, timeZone: input.timeZone });
  return { rev: write.rev };
}
