import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";
import { describe, expect, it } from "vitest";
import { notUsedWords } from "../tests/notUsed";

const NOT_USED = notUsedWords();

/** Literals that are names for programs: imports, members, single words without a capital. */
const isName = (text: string) => !/[A-Z ]/.test(text.trim());

/** Everything of a source file that could be read on the screen: text between tags, and strings with words in them. */
function stringsOf(path: string): { line: number; text: string }[] {
  const source = ts.createSourceFile(
    path,
    readFileSync(path, "utf8"),
    ts.ScriptTarget.Latest,
    true,
    path.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found: { line: number; text: string }[] = [];
  const visit = (node: ts.Node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    if (ts.isStringLiteralLike(node) || ts.isTemplateLiteralToken(node) || ts.isJsxText(node))
      if (!isName(node.text))
        found.push({ line: source.getLineAndCharacterOfPosition(node.pos).line + 1, text: node.text });
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

const files = ["app", "cli", "core", "db", "files", "server"].flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: "utf8" })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name))
    .map((name) => join(folder, name)),
);

describe("the words people read", () => {
  it("are found in the glossary's list of those not used: the search can fail", () => {
    for (const word of ["nought", "Anew", "what comes of it", "in spite of", "waiver", "Waived"])
      expect(NOT_USED.test(`It says ${word} here`), word).toBe(true);
    expect(NOT_USED.test("The offcut is zero")).toBe(false);
  });
  it("have none of those in any string of application, command and core", () => {
    const wrong = files.flatMap((path) =>
      stringsOf(path)
        .filter(({ text }) => NOT_USED.test(text))
        .map(({ line, text }) => `${path}:${line}: ${text.trim()}`),
    );
    expect(wrong).toEqual([]);
  });
  it("of core state no length of their own in millimetres: a build in inches reads them too", () => {
    // What is sold by the millimetre, and what a builder types, keep the words they come in.
    const SOLD_OR_TYPED = /core\/(book\/starter|workshop\/schema|units|panes\/pane)|survey\.ts/;
    const METRIC = /\d ?(mm|cm)\b.*[a-z]{3}/;
    expect(METRIC.test("screws each 150 to 200 mm is the joint")).toBe(true);
    const wrong = files
      .filter((path) => path.startsWith("core") && !SOLD_OR_TYPED.test(path))
      .flatMap((path) =>
        stringsOf(path)
          .filter(({ text }) => METRIC.test(text))
          .map(({ line, text }) => `${path}:${line}: ${text.trim()}`),
      );
    expect(wrong).toEqual([]);
  });
});
