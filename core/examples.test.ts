import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

/** Files of `core/` whose doc comments give an example. */
const filesIn = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return filesIn(path);
    return /(?<!\.test)\.ts$/.test(path) && readFileSync(path, "utf8").includes("* @example") ? [path] : [];
  });

/** The lines of each example of a file, without the comment's stars. */
const examplesOf = (path: string): string[][] =>
  [...readFileSync(path, "utf8").matchAll(/\* @example\n((?: \* .*\n)+?)(?= \*\/| \* @)/g)].map((found) =>
    found[1]!.split("\n").flatMap((line) => (line === "" ? [] : [line.replace(/^ \* /, "")])),
  );

/** An example as a function of what its file exports: it answers each line that says what it is with both. */
function runnable(lines: readonly string[], names: readonly string[]) {
  const body: string[] = [];
  for (const line of lines) {
    const said = /^(.*?);?\s*\/\/ (.+)$/.exec(line);
    // What a line is may also stand under it.
    const code = said ? said[1]!.trim() || body.pop()!.replace(/;\s*$/, "") : undefined;
    if (code === undefined) body.push(line);
    else body.push(`answers.push([(${code}), (${said![2]!.replace(/,? …/g, "")}), ${said![2]!.includes(", …")}]);`);
  }
  return new Function(...names, `const answers = []; ${body.join("\n")}; return answers;`) as (
    ...values: unknown[]
  ) => [unknown, unknown, boolean][];
}

const FILES = filesIn("core");

describe("examples in doc comments", () => {
  it("are there for what other programs call", () => {
    const called = [
      "auditEscape",
      "sizePane",
      "judgeLeak",
      "nest",
      "cutBars",
      "parseLength",
      "readBuild",
      "settleWaits",
    ];
    const all = FILES.flatMap(examplesOf).flat().join("\n");
    expect(called.filter((name) => !all.includes(`${name}(`))).toEqual([]);
  });

  it.each(FILES)("%s does what its example says", async (path) => {
    const module = (await import(join(process.cwd(), path))) as Record<string, unknown>;
    const examples = examplesOf(path);
    expect(examples.length).toBeGreaterThan(0);
    for (const lines of examples) {
      const answers = runnable(lines, Object.keys(module))(...Object.values(module));
      expect(answers.length).toBeGreaterThan(0);
      for (const [is, said, inPart] of answers)
        if (said instanceof RegExp) expect(is).toMatch(said);
        else if (inPart) expect(is).toMatchObject(said as object);
        else expect(is).toEqual(said);
    }
  });

  it("would be seen to be wrong", () => {
    expect(runnable(["twice(3); // 7"], ["twice"])((n: number) => 2 * n)).toEqual([[6, 7, false]]);
  });
});
