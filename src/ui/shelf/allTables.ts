import { fetched } from "../parts/wanted";

/**
 * Done when every material is in reach, or cannot be fetched: before something comes in that this page was not sent.
 */
export const allTables = (): Promise<void> =>
  fetched(() => import("@/core/catalogue")).then(
    () => undefined,
    () => undefined,
  );
