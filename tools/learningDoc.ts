import { readFileSync, writeFileSync } from "node:fs";
import { learningDocument } from "../checks/makers";

/** Writes docs/learning.md from 500 makers; with --check, only says whether it is as they say. */
const now = learningDocument();
if (process.argv.includes("--check")) {
  if (readFileSync("docs/learning.md", "utf8") !== now) {
    console.error("docs/learning.md is not what the makers say; ./run openapi makes it anew.");
    process.exit(1);
  }
} else writeFileSync("docs/learning.md", now);
