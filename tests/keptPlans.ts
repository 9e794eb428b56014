import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { plan, type publicPlan } from "../core/plan";
import { readBuildFile } from "../files/buildFile";

const HERE = join(import.meta.dirname, "kept");

/** A plan as `hornwort plan` wrote it. */
export type KeptPlan = ReturnType<typeof publicPlan>;

/** Build files of a version of the Build document, as they stood in `examples/` when it was the newest. */
export const keptBuilds = (version: number): { name: string; text: string }[] => {
  const folder = join(HERE, "builds", `v${version}`);
  return readdirSync(folder).map((file) => ({
    name: file.replace(".json", ""),
    text: readFileSync(join(folder, file), "utf8"),
  }));
};

/** Reads a kept build file and plans it. */
export function planKept(text: string) {
  const read = readBuildFile(JSON.parse(text));
  if (!read.ok) throw new Error(read.message);
  return { input: read.value, planned: plan(read.value) };
}

/** What an example's plan was when its rules were last changed on purpose. */
export const keptPlan = (name: string): KeptPlan =>
  JSON.parse(readFileSync(join(HERE, "plans", `${name}.json`), "utf8")) as KeptPlan;
