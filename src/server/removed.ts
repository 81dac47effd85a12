import { LISTED_DAYS, listRemoved } from "@/store/removed";

const DAY_MS = 24 * 3_600_000;

/** What was removed in the last thirty days, newest first. */
export const removedLately = async (householdId: string) => ({
  removed: await listRemoved(householdId, new Date(Date.now() - LISTED_DAYS * DAY_MS)),
});
