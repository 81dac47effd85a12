"use client";
import { LANDMARKS, PLAIN_HEAD, type Landmark } from "@/core/head";
import { LANDMARK_NAME } from "@/words/names";
import { TILE } from "../parts/tile";
import { HeadPicture } from "./HeadPicture";

const SHOWN: readonly Landmark[] = LANDMARKS.filter((one) => one !== "collar" && one !== "armpit");

interface LengthsProps {
  readonly chosen?: Landmark;
  readonly onChoose: (landmark: Landmark) => void;
}

/** How long hair is, as heads from behind to press. */
export function Lengths({ chosen, onChoose }: LengthsProps) {
  return (
    <ul className="grid grid-cols-3 gap-x-2 sm:grid-cols-6">
      {SHOWN.map((landmark) => (
        <li key={landmark}>
          <button
            type="button"
            aria-pressed={chosen === landmark}
            onClick={() => onChoose(landmark)}
            className={`pb-1 ${TILE}`}
          >
            <HeadPicture head={{ ...PLAIN_HEAD, longest: { landmark } }} text={LANDMARK_NAME[landmark]} bare />
            {LANDMARK_NAME[landmark]}
          </button>
        </li>
      ))}
    </ul>
  );
}
