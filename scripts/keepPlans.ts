/** `npm run keep-plans`: writes the plans of kept builds as they are now, where a rule was changed on purpose. */
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { publicPlan } from "../core/plan";
import { keptBuilds, planKept } from "../tests/keptPlans";

/** A row a line, so that a change shows as what it is. */
const rows = (plan: object) =>
  `{\n${Object.entries(plan)
    .map(([key, value]) =>
      Array.isArray(value)
        ? `${JSON.stringify(key)}: [\n${value.map((row) => JSON.stringify(row)).join(",\n")}\n]`
        : `${JSON.stringify(key)}: ${JSON.stringify(value)}`,
    )
    .join(",\n")}\n}\n`;

for (const { name, text } of keptBuilds(5)) {
  const path = join("tests/kept/plans", `${name}.json`);
  writeFileSync(path, rows(publicPlan(planKept(text).planned)));
  console.log(path);
}
