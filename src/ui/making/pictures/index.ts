import type { ComponentType } from "react";
import { BrewPicture } from "./BrewPicture";
import type { PictureProps } from "./pictureProps";

/** What each method looks like. */
export const PICTURES: Readonly<Record<string, ComponentType<PictureProps>>> = { brew: BrewPicture };
