/** Writes the JSON Schemas of what Hornwort reads to `docs/schema/`. `npm run schemas`. */
import { mkdirSync, writeFileSync } from "node:fs";
import { SCHEMAS } from "../files/schemas";

mkdirSync("docs/schema", { recursive: true });
for (const [name, text] of Object.entries(SCHEMAS())) writeFileSync(`docs/schema/${name}`, text);
