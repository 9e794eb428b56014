/** Writes each demo build, and every kind of door and lid on one, to `examples/`, as an exported build file. `npm run examples`. */
import { mkdirSync, writeFileSync } from "node:fs";
import { exampleBuilds } from "../demo/builds";
import { demoLog } from "../demo/logs";
import { DEMO_NOW, demoBook, demoStock, demoWorkshop } from "../demo/tern-street";
import { writeBuildFile } from "../files/buildFile";

mkdirSync("examples", { recursive: true });
for (const design of exampleBuilds()) {
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
