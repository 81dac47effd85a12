import { estimate, practice, type Figure } from "../figure";

export const PURPOSES = ["lightCoat", "mask", "soakedMask", "dyePacked", "rootsOnly"] as const;
export type PurposeId = (typeof PURPOSES)[number];

/** What a purpose asks of the paste. */
export interface Purpose {
  /** Grams of paste per gram of hair. */
  readonly loadGPerG: Figure;
  /** Thickness of paste on the scalp, mm. */
  readonly filmMm: Figure;
  /** Minutes from the last section to the rinse. */
  readonly leaveOnMin: Figure;
}

export const PURPOSE: Readonly<Record<PurposeId, Purpose>> = {
  lightCoat: { loadGPerG: practice(1, 0.8, 1.25), filmMm: estimate(0.2, 0.1, 0.3), leaveOnMin: practice(25, 20, 30) },
  mask: { loadGPerG: practice(2, 1.6, 2.4), filmMm: estimate(0.5, 0.3, 0.8), leaveOnMin: practice(40, 30, 60) },
  soakedMask: { loadGPerG: practice(3.5, 2.9, 4.1), filmMm: estimate(0.5, 0.3, 0.8), leaveOnMin: practice(45, 30, 60) },
  dyePacked: {
    loadGPerG: practice(6.5, 5.6, 7.4, "calibrated: henna by hair length"),
    filmMm: practice(1.5, 1.1, 1.9, "calibrated: henna by hair length"),
    leaveOnMin: practice(150, 120, 180),
  },
  rootsOnly: {
    loadGPerG: practice(6.5, 5.6, 7.4),
    filmMm: practice(1.5, 1.1, 1.9),
    leaveOnMin: practice(150, 120, 180),
  },
};

/** Share of the paste that stays in the bowl. */
export const LEFT_IN_BOWL = practice(0.08, 0.05, 0.1);

/** g/ml of a paste before its own composition is known. */
export const PASTE_DENSITY = estimate(1.1, 1.04, 1.16);

/**
 * How this person's hand differs from the middle one, before the first weighed session. With the other ranges it
 * makes a whole head known only by words span about 0.6–1.6 of the middle (ln f of sd 0.3, an estimate).
 */
export const HAND_FACTOR = estimate(1, 0.69, 1.46);
