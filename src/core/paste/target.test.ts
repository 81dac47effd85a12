import { wordFor } from ".";

test("the words meet without a gap", () => {
  expect([1.9, 2, 7.9, 8, 19.9, 20, 54.9, 55, 149.9, 150, 249.9, 250].map(wordFor)).toEqual([
    undefined,
    "drizzle",
    "drizzle",
    "pancakeBatter",
    "pancakeBatter",
    "cream",
    "cream",
    "thickPaste",
    "thickPaste",
    "mash",
    "mash",
    "tooStiff",
  ]);
});
