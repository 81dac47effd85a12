import type { Material } from "../material";
import { OILS } from "./oils";
import { POWDERS } from "./powders";
import { WATERS } from "./waters";
import { WETS } from "./wets";

export const CATALOGUE: readonly Material[] = [...POWDERS, ...WETS, ...OILS, ...WATERS];

const BY_ID: ReadonlyMap<string, Material> = new Map(CATALOGUE.map((material) => [material.id, material]));

export const findMaterial = (id: string): Material | undefined => BY_ID.get(id);
