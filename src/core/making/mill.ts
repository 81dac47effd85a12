/** ml from which a kitchen blender turns what is in it. Common practice. */
export const LEAST_TURNED_ML = 120;
