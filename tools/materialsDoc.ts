import { writeFileSync } from "node:fs";
import { materialsTable } from "./materialsTable";

writeFileSync("docs/materials.md", materialsTable());
