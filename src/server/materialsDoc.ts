import { writeFileSync } from "node:fs";
import { materialsTable } from "@/words/materialsTable";

writeFileSync("docs/materials.md", materialsTable());
