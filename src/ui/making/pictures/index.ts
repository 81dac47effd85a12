import type { ComponentType } from "react";
import { BrewPicture } from "./BrewPicture";
import { ClothPicture } from "./ClothPicture";
import { CurdPicture } from "./CurdPicture";
import { DissolvePicture, LayersPicture } from "./JarPictures";
import { OilPicture } from "./OilPicture";
import type { PictureProps } from "./pictureProps";
import { StarchPicture } from "./StarchPicture";

/** What each method looks like. */
export const PICTURES: Readonly<Record<string, ComponentType<PictureProps>>> = {
  brew: BrewPicture,
  oil: OilPicture,
  juice: ClothPicture,
  grind: ClothPicture,
  curd: CurdPicture,
  starch: StarchPicture,
  dissolve: DissolvePicture,
  premix: LayersPicture,
  own: LayersPicture,
};
