/**
 * Which build this is; the browser and the server each carry their own, and a page that was left open finds that they
 * differ.
 */
export const BUILD = process.env.INFUSING_BUILD ?? "unbuilt";
