/** Writes each demo build to `examples/`, as an exported build file. `npm run examples`. */
import { mkdirSync, writeFileSync } from "node:fs";
import { demoBuilds } from "../demo/builds";
import { demoLog } from "../demo/logs";
import { DEMO_NOW, demoBook, demoStock, demoWorkshop } from "../demo/tern-street";
import { writeBuildFile } from "../files/buildFile";

mkdirSync("examples", { recursive: true });
for (const design of demoBuilds()) {
  const name = design.name.toLowerCase().replace(/[^a-z0-9]+/g, "-");
  writeFileSync(
    `examples/${name}.json`,
    writeBuildFile({
      design,
      log: demoLog(design),
      nestings: [],
      book: demoBook(),
      stock: demoStock,
      workshop: demoWorkshop,
      now: DEMO_NOW,
      seed: 1,
    }),
  );
}
