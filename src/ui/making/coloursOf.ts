import type { Ingredient } from "@/core/making";
import type { Material } from "@/core/material";
import type { PictureProps } from "./pictures/pictureProps";

const PLAIN: PictureProps["potColour"] = [0.6, 0.05, 110];
/** What is drawn of something wet is poured; what is left of the rest has its colour. */
const isPoured = ({ family, form }: Material): boolean => family === "oil" || form === "liquid";

/** The colours of what went in: of each, and of what of it stays in the sieve or on the floor. */
export const coloursOf = (things: readonly Ingredient[]): Pick<PictureProps, "parts" | "potColour"> => ({
  parts: things.map(({ massG, material }) => ({ massG, colour: material.colour })),
  potColour: (things.find(({ material }) => !isPoured(material)) ?? things[0])?.material.colour ?? PLAIN,
});
