import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { SOURCES } from "./sources";

const text = readFileSync("docs/sources.md", "utf8");
const entries = [...text.matchAll(/^- `([a-z0-9-]+)`: ((?:.|\n(?! *\n|- |#))*)/gm)].map((m) => ({
  key: m[1]!,
  words: m[2]!.replace(/\s+/g, " "),
}));
const files = ["core", "app", "files", "db", "cli", "server"].flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: "utf8" })
    .filter((name) => /\.tsx?$/.test(name))
    .map((name) => {
      const path = join(folder, name);
      return { path, code: readFileSync(path, "utf8") };
    }),
);
const production = files.filter(({ path }) => !/\.test\.tsx?$/.test(path));
/** Keys of “(source: a, b; in words)”, wherever a comment breaks its line. */
const OWN = "core/figures/sources.test.ts";
const named = files
  .filter(({ path }) => path !== OWN)
  .flatMap(({ path, code }) =>
    [...code.replace(/\n\s*\*\s*/g, " ").matchAll(/\(source: ([^)]+)\)/g)].flatMap((m) =>
      m[1]!
        .split(";")[0]!
        .split(",")
        .map((key) => key.trim())
        .filter((key) => key !== "from memory" && /^[a-z0-9-]+$/.test(key))
        .map((key) => ({ path, key })),
    ),
  );

describe("docs/sources.md", () => {
  it("has an entry for every key that is named, each once", () => {
    const keys = entries.map((e) => e.key);
    expect(new Set(keys).size).toBe(keys.length);
    expect(named.filter(({ key }) => !keys.includes(key))).toEqual([]);
  });

  it("tells every published work as the code does, with its edition and its place", () => {
    for (const [key, words] of Object.entries(SOURCES)) {
      expect(words, key).toMatch(/\b(19|20)\d\d\b|-\d\d\b/);
      const entry = entries.find((e) => e.key === key);
      // The edition, told once in the code, stands in the entry too.
      expect(entry?.words, key).toContain(/\d{4}(-\d)?(:\d{4})?|E11-20/.exec(words)![0]);
      expect(
        production.some(({ code }) => code.includes(`published("${key}")`) || code.includes(key)),
        key,
      ).toBe(true);
    }
  });

  it("names every file with a constant from practice, a label or memory", () => {
    const basis = /import \{[^}]*\b(memory|practice|label)\b[^}]*\} from "[./]*figures\/figure"/;
    const unnamed = production
      .filter(
        ({ path, code }) => path.startsWith("core") && /from "[./]*figures\/figure"/.test(code) && basis.test(code),
      )
      .map(({ path }) => path)
      .filter((path) => !text.includes(`\`${path}\``));
    expect(unnamed).toEqual([]);
  });

  it("has no entry that nothing uses", () => {
    const used = new Set(named.map(({ key }) => key));
    const idle = entries.filter(({ key, words }) => !(key in SOURCES) && !used.has(key) && !/`core\//.test(words));
    expect(idle.map((e) => e.key)).toEqual([]);
  });

  it("leaves no pointer to a document that is not in the repository", () => {
    // Written apart, so that a search for them finds no place here.
    const pointer = new RegExp(`\\b(${["hand", "book|trade-", "tables|DESIGN ", "§|formats", "/"].join("")})`, "i");
    const published = new RegExp(
      Object.values(SOURCES)
        .map((s) => s.replace(/[.*+?^${}()|[\]\\]/g, "\\$&"))
        .join("|"),
      "g",
    );
    const others = /Hydraulic Resistance|Handbook—Fundamentals|Handbook of (Fundamentals|Mathematical)|crc-handbook/i;
    const left = files
      .filter(({ path }) => path !== OWN)
      .flatMap(({ path, code }) =>
        code
          .replace(published, "")
          .split("\n")
          .filter((line) => pointer.test(line) && !others.test(line))
          .map((line) => `${path}: ${line.trim()}`),
      );
    expect(left).toEqual([]);
  });
});
