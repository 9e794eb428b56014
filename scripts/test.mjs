/** `npm test`: everything, on a fresh machine too. Its last line is `N passed, N failed`. */
import { mkdirSync, readFileSync, rmSync } from "node:fs";
import { resolve } from "node:path";
import { installPackages, needChromium, root, run, runBeside } from "./run.mjs";

const results = resolve(root, "test-results");
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
installPackages();
const chromium = needChromium();

let passed = 0;
let failed = 0;
let since = Date.now();
/** Says how long what was just done took: all of it shall stay under a quarter of an hour. */
const took = (what) => {
  console.log(`(${what}: ${Math.round((Date.now() - since) / 1000)} s)`);
  since = Date.now();
};
const check = (what, command, args, env) => {
  console.log(`\n— ${what}`);
  const ok = run(command, args, env) === 0;
  if (ok) passed++;
  else failed++;
  took(what);
  return ok;
};
/** Adds up a runner's JSON report; a runner that failed without naming a test counts as one failure. */
const count = (what, file, ok, read) => {
  try {
    const [good, bad] = read(JSON.parse(readFileSync(file, "utf8")));
    passed += good;
    failed += bad;
    if (!ok && bad === 0) failed++;
  } catch {
    console.error(`${what} left no report.`);
    failed++;
  }
  took(what);
};

// The routes' types come first: linters and compiler read them, and a fresh clone has none.
check("Types of routes", "npx", ["react-router", "typegen"]);
const FOLDERS = ["core", "app", "db", "files", "cli", "demo", "scripts", "server"];
/** Checks that get in one another's way at nothing, all at once. */
async function together(what, checks) {
  const results = await Promise.all(
    checks.map(async ([name, command, args]) => {
      const { status, said } = await runBeside(command, args);
      console.log(`\n— ${name}\n${said}`);
      if (status === 0) passed++;
      else failed++;
      return status === 0;
    }),
  );
  took(what);
  return results;
}
const [built] = await together("Build, lint and types", [
  ["Build", "npx", ["react-router", "build", "--logLevel", "warn"]],
  ["Formatting and lint", "npx", ["biome", "check", "."]],
  ["Import directions", "npx", ["depcruise", "--config", ".dependency-cruiser.cjs", ...FOLDERS]],
  ["Unused code", "npx", ["knip"]],
  ["Types", "npx", ["tsc", "--noEmit"]],
]);

console.log("\n— Unit tests");
const unitReport = resolve(results, "unit.json");
const unitOk =
  run("npx", ["vitest", "run", "--reporter=default", "--reporter=json", `--outputFile.json=${unitReport}`]) === 0;
count("Vitest", unitReport, unitOk, (r) => [r.numPassedTests, r.numFailedTests]);

if (built) {
  check("Size of scripts", "npx", ["size-limit"]);
  console.log("\n— Browser tests");
  const browserReport = resolve(results, "browser.json");
  const browserOk =
    run("npx", ["playwright", "test"], { CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport }) === 0;
  count("Playwright", browserReport, browserOk, (r) => {
    const { expected, unexpected, flaky } = r.stats;
    if (flaky > 0) console.log(`\n${flaky} passed only at the second try; see above which.`);
    return [expected + flaky, unexpected];
  });
  await together("Attacks and kills", [
    ["Attacks", "npx", ["tsx", "scripts/attack.ts", "short"]],
    ["Five kills while saving", "npx", ["tsx", "scripts/kill-check.ts", "5"]],
    ["Three kills while a bench sends", "npx", ["tsx", "scripts/kill-bench.ts", "3"]],
  ]);
}

console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
