import { existsSync, readdirSync, readFileSync, statSync } from "node:fs";
import { dirname, join, relative } from "node:path";
import ts from "typescript";
import { describe, expect, it } from "vitest";

/**
 * What may read what: each entry of `core/` stands in one layer, and reads only its own and those before. Schemas and the
 * names they are made of are a layer of their own, wherever they lie; imports of types count.
 */
const LAYERS: readonly (readonly string[])[] = [
  ["units", "figures", "cache", "labels"],
  ["design"],
  ["schemas"],
  ["materials", "workshop", "ledgers", "log", "levels", "rates"],
  ["shell", "escape", "passing", "trade", "features", "light", "climate", "sure", "gauge"],
  ["trades of their own"],
  // The reckoners, and the starter book.
  ["bench", "book", "buying", "compare", "cuts", "diary", "registers"],
  ["trades", "document", "snags", "tally.ts"],
  ["plan.ts", "planWithDay.ts"],
  // What screens ask of a plan: what can be taken in hand, and how it is drawn, what would mend its air.
  ["sent.ts", "things", "views", "levers", "putUpWays.ts"],
];
const RANK = new Map(LAYERS.flatMap((names, i) => names.map((name) => [name, i] as const)));

const isSchema = (path: string) => /(^|\/)(schemas?|names)\.ts$/.test(path);
const filesIn = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return filesIn(path);
    return /\.ts$/.test(path) && !/\.(test|d)\.ts$/.test(path) ? [path] : [];
  });

interface Import {
  from: string;
  to: string;
}

/** Every import between files of `core/`, types too. */
const imports: Import[] = filesIn("core").flatMap((from) =>
  ts.preProcessFile(readFileSync(from, "utf8"), true, true).importedFiles.flatMap(({ fileName }) => {
    if (!fileName.startsWith(".")) return [];
    const base = join(dirname(from), fileName);
    const to = [`${base}.ts`, `${base}/index.ts`].find((path) => existsSync(path));
    return to ? [{ from, to }] : [];
  }),
);

/** The layer a file stands in: a folder with a trade in it is a trade's own, unless it is named above. */
function layerOf(path: string): string {
  if (isSchema(path)) return "schemas";
  const entry = relative("core", path).split("/")[0]!;
  return !RANK.has(entry) && existsSync(join("core", entry, "trade.ts")) ? "trades of their own" : entry;
}

/** A way round from one of some nodes back to itself; undefined where there is none. */
function circle(edges: ReadonlyMap<string, ReadonlySet<string>>): string[] | undefined {
  const done = new Set<string>();
  const visit = (node: string, path: string[]): string[] | undefined => {
    if (path.includes(node)) return [...path.slice(path.indexOf(node)), node];
    if (done.has(node)) return undefined;
    for (const next of edges.get(node) ?? []) {
      const found = visit(next, [...path, node]);
      if (found) return found;
    }
    done.add(node);
    return undefined;
  };
  for (const node of edges.keys()) {
    const found = visit(node, []);
    if (found) return found;
  }
  return undefined;
}

/** Imports between the entries of a folder: its files, and its folders as one each. Schemas stand apart from their folders. */
function edgesOf(folder: string, list: readonly Import[]): Map<string, Set<string>> {
  const entryOf = (path: string) => {
    if (!path.startsWith(`${folder}/`)) return undefined;
    const entry = relative(folder, path).split("/")[0]!;
    return isSchema(path) ? `${entry} (schemas)` : entry;
  };
  const edges = new Map<string, Set<string>>();
  for (const { from, to } of list) {
    const [a, b] = [entryOf(from), entryOf(to)];
    if (a && b && a !== b) edges.set(a, (edges.get(a) ?? new Set()).add(b));
  }
  return edges;
}

const folders = [
  ...new Set(
    filesIn("core").flatMap((path) => {
      const parts = dirname(path).split("/");
      return parts.map((_, i) => parts.slice(0, i + 1).join("/"));
    }),
  ),
];

describe("the layers of the core", () => {
  it("hold every folder", () => {
    const there = [...new Set(filesIn("core").map(layerOf))].filter((name) => !RANK.has(name));
    expect(there).toEqual([]);
  });

  it("read only their own and those before", () => {
    const wrong = imports
      .filter(({ from, to }) => RANK.get(layerOf(to))! > RANK.get(layerOf(from))!)
      .map(({ from, to }) => `${from} reads ${to}`);
    expect(wrong).toEqual([]);
  });

  it("go round in no circle, in any folder", () => {
    for (const folder of folders) expect(circle(edgesOf(folder, imports)), folder).toBeUndefined();
  });

  it("would be seen to go round", () => {
    const list = [
      { from: "core/a/x.ts", to: "core/b/y.ts" },
      { from: "core/b/z.ts", to: "core/a/w.ts" },
    ];
    expect(circle(edgesOf("core", list))).toEqual(["a", "b", "a"]);
    expect(circle(edgesOf("core", list.slice(1)))).toBeUndefined();
    // A schema is read from anywhere.
    expect(circle(edgesOf("core", [list[0]!, { from: "core/b/z.ts", to: "core/a/schema.ts" }]))).toBeUndefined();
  });
});
