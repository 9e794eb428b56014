import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";
import { describe, expect, it } from "vitest";

/** Source files of the application, parsed. */
const sources = readdirSync("app", { recursive: true, encoding: "utf8" })
  .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name))
  .map((name) => join("app", name))
  .map((path) => {
    const code = readFileSync(path, "utf8");
    return { path, code, tree: ts.createSourceFile(path, code, ts.ScriptTarget.Latest, true) };
  });

const nameOf = (fn: ts.Node): string => {
  if ((ts.isFunctionDeclaration(fn) || ts.isFunctionExpression(fn)) && fn.name) return fn.name.text;
  const { parent } = fn;
  if (ts.isVariableDeclaration(parent) && ts.isIdentifier(parent.name)) return parent.name.text;
  return ts.isCallExpression(parent) ? nameOf(parent) : "";
};
/** A component or a hook: what React may call at any time, and more than once. */
const isDrawn = (fn: ts.Node) => /^([A-Z]|use[A-Z])/.test(nameOf(fn));

/** Places where a ref is written while something is drawn, and not in what it hands on to be called later. */
function refsWritten(tree: ts.SourceFile): string[] {
  const found: string[] = [];
  const visit = (node: ts.Node, drawing: boolean) => {
    const own = ts.isFunctionLike(node) ? isDrawn(node) : drawing;
    if (
      own &&
      ts.isBinaryExpression(node) &&
      node.operatorToken.kind === ts.SyntaxKind.EqualsToken &&
      ts.isPropertyAccessExpression(node.left) &&
      node.left.name.text === "current"
    )
      found.push(node.getText(tree));
    ts.forEachChild(node, (child) => visit(child, own));
  };
  visit(tree, false);
  return found;
}

const parsed = (code: string) => ts.createSourceFile("x.tsx", code, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);

describe("the application's own habits", () => {
  it("no ref is written while something is drawn", () => {
    expect(refsWritten(parsed("function Panel() { last.current = 1; return null; }"))).toHaveLength(1);
    expect(
      refsWritten(parsed("const Panel = memo(function Panel() { const f = () => { last.current = 1; }; });")),
    ).toEqual([]);
    const written = sources.flatMap(({ path, tree }) => refsWritten(tree).map((text) => `${path}: ${text}`));
    expect(written).toEqual([]);
  });

  it("nothing is compared by its JSON, which is for what is sent", () => {
    const compared = sources
      .flatMap(({ path, code }) => code.split("\n").map((line) => ({ path, line })))
      .filter(({ line }) => line.includes("JSON.stringify("))
      .filter(({ line }) => !/body: JSON|submit\(JSON|const key = JSON\.stringify\(group\.instance\)/.test(line));
    expect(compared).toEqual([]);
  });

  it("no effect copies a value into a state", () => {
    const copied = sources.filter(({ code }) => /useEffect\(\(\) => set[A-Z]/.test(code)).map(({ path }) => path);
    expect(copied).toEqual([]);
  });

  it("only drawings, and panels drawn with them, follow the whole plan of every frame", () => {
    const followers = sources
      .filter(
        ({ path, code }) =>
          /useBuild\(\)/.test(code) && !path.startsWith("app/drawing/") && path !== "app/state/context.tsx",
      )
      .map(({ path }) => path);
    expect(followers).toEqual(["app/closures/marks.tsx"]);
  });
});
