import { readFileSync } from "node:fs";

/** OWASP ASVS 4.0.3 (from memory): docs/asvs.md says what is held, and by which test. */
const rows = readFileSync("docs/asvs.md", "utf8")
  .split("\n")
  .filter((line) => /^\| \d/.test(line))
  .map((line) => line.split(" | ").map((cell) => cell.replace(/^\||\|$/g, "").trim()));

test("every row says held, by design or missing, and most are held", () => {
  expect(rows.length).toBeGreaterThan(60);
  expect([...new Set(rows.map(([, , state]) => state))].sort()).toEqual(["by design", "held", "missing"]);
});

test.each(rows.filter(([, , state]) => state === "held").map(([no, what, , where]) => [no, what, where] as const))(
  "%s, %s: its test is there",
  (_, __, where) => {
    const [, file, title] = /^(\S+): (.+)$/.exec(where)!;
    // Titles of tests, and rows of a table of them.
    const source = readFileSync(file, "utf8").replace(/\\u2019/g, "’");
    expect(
      source.split("\n").some((line) => /\b(test|test\.each|it)\b|^\s*\[?"/.test(line) && line.includes(title)),
    ).toBe(true);
  },
);
