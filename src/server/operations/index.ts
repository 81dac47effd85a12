import { BLENDS } from "./blends";
import { BOWLS } from "./bowls";
import { DOOR } from "./door";
import { HEADS } from "./heads";
import { HOUSE } from "./house";
import { MAKINGS } from "./makings";
import { PASTE } from "./paste";
import { SHELF } from "./shelf";
import type { Operation } from "./operation";

export type { Operation };

/** Every route; a check holds this list equal to the files under `app/api/v1`. */
export const OPERATIONS: readonly Operation[] = [
  ...PASTE,
  ...SHELF,
  ...MAKINGS,
  ...HEADS,
  ...BLENDS,
  ...BOWLS,
  ...HOUSE,
  ...DOOR,
];
