import { DateTime } from "luxon";
import { v7 as uuid } from "uuid";
import { foldMaking, timed, type MakingPayload } from "@/core/making";
import type { BegunInput, MakingSettingInput } from "@/inputs/shelfInput";
import { planOf } from "@/server/makings/asked";
import { putUp } from "@/server/makings/putUp";
import { shelfOf } from "@/server/shelf";
import type { Settings } from "@/store/household";
import { insertMaking, setMakingJar, writeMakingEvents, type KeptEvent } from "@/store/makings";
import type { Write } from "@/store/transaction";
import { MAKINGS } from "./household";

const settingOf = ([id, value]: [string, number | string | boolean]): MakingSettingInput => ({
  id,
  ...(typeof value === "number" ? { number: value } : typeof value === "boolean" ? { yes: value } : { choice: value }),
});

/** The demo household's makings, dated back from `now`. */
export async function loadMakings(write: Write, house: Settings, deviceId: string, now: Date): Promise<void> {
  for (const { name, method, things, settings, daysAgo, hour = 0, minutesAgo, came, done, words } of MAKINGS) {
    const asked: Pick<BegunInput, "method" | "things" | "settings"> = {
      method,
      things: things.map(([materialId, massG]) => ({ materialId, massG })),
      settings: Object.entries(settings).map(settingOf),
    };
    const shelf = await shelfOf(write.householdId, write.trx);
    const plan = planOf(asked, shelf, house);
    const startsAt =
      minutesAgo === undefined
        ? DateTime.fromJSDate(now)
            .setZone(house.timeZone)
            .minus({ days: daysAgo })
            .set({ hour, minute: 0, second: 0, millisecond: 0 })
        : DateTime.fromJSDate(now).minus({ minutes: minutesAgo });
    const startsAtMs = startsAt.toMillis();
    const id = uuid();
    await insertMaking(write, { id, name, ...plan, startsAtMs, createdAt: startsAt.toJSDate() });
    const steps = timed(plan.made, startsAtMs, { doneMs: {} });
    const tapped: [number, MakingPayload][] = steps
      .filter((step) => came || done?.includes(step.id))
      .map((step) => [step.toMs, { kind: "stepDone", step: step.id, done: true }]);
    const endMs = steps.at(-1)!.toMs;
    if (words) tapped.push([Math.min(endMs, now.getTime()), { kind: "noted", text: words }]);
    const events = tapped.map(([atMs, payload], i): KeptEvent => ({
      id: uuid(),
      payload,
      deviceId,
      deviceSeq: i + 1,
      revSeen: write.rev,
      atMs: Math.min(atMs, now.getTime()),
      deviceClockMs: Math.min(atMs, now.getTime()),
      personId: null,
    }));
    await writeMakingEvents(write, id, events, foldMaking(events));
    if (!came) continue;
    const { rest, ...stands } = came;
    const jarId = uuid();
    await putUp(
      write,
      house,
      shelf,
      {
        id: jarId,
        thingId: uuid(),
        name,
        ...stands,
        ...(rest ? { rest: { id: uuid(), thingId: uuid(), name: rest } } : {}),
      },
      { ...plan, id, startsAtMs, events },
      new Date(endMs),
    );
    await setMakingJar(write, id, jarId, new Date(endMs));
  }
}
