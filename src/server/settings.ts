import { checkNumber } from "@/core/checkNumber";
import { checkSpoons } from "@/core/measure";
import { toSpoons } from "@/inputs/spoonsInput";
import type { MeaningsInput, SettingsInput } from "@/inputs/bookInput";
import { addMeanings, renameHousehold, writeSettings } from "@/store/household";
import { lookupOf } from "./shelf";
import type { Write } from "@/store/transaction";
import { Refusal, unusable } from "./refusal";
import type { Asked } from "./route";

export async function changeSettings({ input, household }: Asked<SettingsInput>, write: Write) {
  const numbers = (["kitchenTempC", "nightTempC", "altitudeM"] as const).flatMap((name) => {
    const value = input[name] ?? undefined;
    return value === undefined ? [] : (checkNumber(name, value, name === "nightTempC" ? "kitchenTempC" : name) ?? []);
  });
  if (numbers.length > 0) throw unusable(numbers);
  const spoons = toSpoons(input.spoons);
  const wrong = spoons === undefined ? [] : checkSpoons(spoons);
  if (wrong.length > 0) throw unusable(wrong);
  if (input.network && household.passwordHash === undefined)
    throw new Refusal(409, "Set a password for the house first.");
  const vessels = input.vessels && {
    ...(input.vessels.blenderMl ? { blenderMl: input.vessels.blenderMl } : {}),
    ...(input.vessels.bottleMl ? { bottleMl: input.vessels.bottleMl } : {}),
  };
  const unfit = Object.entries(vessels ?? {}).flatMap(
    ([name, ml]) => checkNumber(`vessels.${name}`, ml, "vesselMl") ?? [],
  );
  if (unfit.length > 0) throw unusable(unfit);
  if (input.name !== undefined) await renameHousehold(write, input.name);
  await writeSettings(write, {
    spoons,
    vessels,
    kitchenTempC: input.kitchenTempC,
    nightTempC: input.nightTempC,
    altitudeM: input.altitudeM,
    timeZone: input.timeZone,
    currency: input.currency,
    network: input.network,
  });
  return { rev: write.rev };
}

/** Remembers what words of a notebook meant; a name can only mean a thing that there is. */
export async function remember({ input }: Asked<MeaningsInput>, write: Write) {
  const find = await lookupOf(write.householdId, write.trx);
  const wrong = input.things.flatMap(({ materialId }, i) =>
    find(materialId) ? [] : [{ field: `things.${i}.materialId`, code: "unknownMaterial" as const }],
  );
  if (wrong.length > 0) throw unusable(wrong);
  await addMeanings(write, {
    things: Object.fromEntries(input.things.map(({ said, materialId }) => [said, materialId])),
    units: Object.fromEntries(input.units.map(({ said, unit }) => [said, unit])),
  });
  return { rev: write.rev };
}
