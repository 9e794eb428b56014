/** Which scripts a page of the built application fetches before it can be used, by the router's own manifest. */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const CLIENT = "build/client";

/** The router's manifest of the last build: each route's module and what that imports. */
function manifest() {
  const folder = join(CLIENT, "assets");
  const name = readdirSync(folder).find((file) => file.startsWith("manifest-"));
  const text = readFileSync(join(folder, name), "utf8");
  return JSON.parse(text.slice(text.indexOf("{"), text.lastIndexOf("}") + 1));
}

/**
 * @param {string[]} routes ids of the routes a page is made of, the root's left out
 * @returns {string[]} paths of scripts from the project's root
 */
export function scriptsOf(routes) {
  const { entry, routes: known } = manifest();
  const files = new Set([entry.module, ...entry.imports]);
  for (const id of ["root", ...routes])
    for (const file of [known[id].module, ...(known[id].imports ?? [])]) files.add(file);
  return [...files].filter((file) => file.endsWith(".js")).map((file) => join(CLIENT, file));
}
