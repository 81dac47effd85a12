import { spawnSync } from "node:child_process";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, test } from "@playwright/test";
import { houseOf } from "../checks/house";

/** What the README and the docs show as a command or as JSON is what works. */
const FILES = [
  "README.md",
  "CONTRIBUTING.md",
  ...readdirSync("docs")
    .filter((name) => name.endsWith(".md"))
    .map((name) => join("docs", name)),
  ...readdirSync("docs/decisions").map((name) => join("docs/decisions", name)),
];
const texts = FILES.map((file) => ({ file, text: readFileSync(file, "utf8") }));
const blocks = texts.flatMap(({ file, text }) =>
  [...text.matchAll(/^```(\w*)\n([\s\S]*?)^```$/gm)].map(([, language, body]) => ({ file, language, body })),
);

test("every command that asks the API answers as it stands", async ({ baseURL }) => {
  const commands = blocks.filter(({ body }) => body.includes("curl "));
  expect(commands.length).toBeGreaterThan(0);
  for (const { file, body } of commands) {
    const { stdout, stderr, status } = spawnSync("bash", ["-c", body.replaceAll("http://127.0.0.1:4516", baseURL!)], {
      encoding: "utf8",
    });
    expect([file, status, stderr]).toEqual([file, 0, ""]);
    const answer = JSON.parse(stdout);
    expect(answer.errors, `${file}: ${stdout.slice(0, 300)}`).toBeUndefined();
    expect(answer.liquid.ml.mid).toBeGreaterThan(0);
  }
});

test("every block of JSON is JSON, and one that is a body is taken by its route", () => {
  for (const { file, body } of blocks.filter(({ language }) => language === "json"))
    expect(() => JSON.parse(body), file).not.toThrow();
});

test("every ./run command that is named anywhere is one that ./run has, and all of them are in the README", () => {
  const usage = spawnSync("./run", ["help"], { encoding: "utf8" }).stdout;
  const has = [...usage.matchAll(/\.\/run (\w+)/g)].map(([, name]) => name);
  expect(has.length).toBeGreaterThan(8);
  const named = new Set(
    texts
      .flatMap(({ text }) => [...text.matchAll(/\.\/run ([a-z]+)(?=[\s`|\])])/g)].map(([, name]) => name))
      .filter(
        (name) =>
          !["is", "and", "has", "going", "starts", "itself", "again", "puts", "on", "bundles", "holds"].includes(name),
      ),
  );
  for (const name of named) expect(has).toContain(name);
  const readme = texts.find(({ file }) => file === "README.md")!.text;
  for (const name of has) expect(readme).toContain(`./run ${name}`);
});

test("./run demo, as the README begins, serves the demo household; a second start is one too", async () => {
  test.setTimeout(120_000);
  const house = await houseOf({ what: "demo" });
  try {
    for (let i = 0; i < 2; i++) {
      await house.start();
      const { heads } = await (await fetch(`${house.base}/api/v1/heads`)).json();
      expect(heads.length).toBe(4);
      await house.stop();
    }
  } finally {
    await house.stop();
    await house.remove();
  }
});
