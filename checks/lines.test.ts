import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";

/** Characters of a line; Prettier keeps to it for code, and does not break a string, a comment or the shell. */
const LONGEST = 120;
const READ_BY_PEOPLE = ["*.ts", "*.tsx", "*.js", "*.mjs", "*.css", "run", ".ci/run"];

test("no line of ours is longer than a person can read", () => {
  const files = execFileSync("git", ["ls-files", "-z", ...READ_BY_PEOPLE], { encoding: "utf8" }).split("\0");
  const longer = files
    .filter((file) => file !== "")
    .flatMap((file) =>
      readFileSync(file, "utf8")
        .split("\n")
        .flatMap((line, at) => ([...line].length > LONGEST ? [`${file}:${at + 1}`] : [])),
    );
  expect(longer).toEqual([]);
});
