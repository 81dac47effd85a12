import { writeFileSync } from "node:fs";
import { learningDocument } from "./makers";

writeFileSync("docs/learning.md", learningDocument());
