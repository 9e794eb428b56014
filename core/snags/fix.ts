import jsonpatch, { type Operation } from "fast-json-patch";
import { keysOf } from "../design/pointer";
import type { Build } from "../document/schema";

type Container = Record<string, unknown> | unknown[];

const copyOf = (node: Container): Container => (Array.isArray(node) ? [...node] : { ...node });

/** A build whose containers along some pointers are its own copies; all else is shared with the one given. */
function copyAlong(build: Build, pointers: readonly string[]): Build {
  const root = { ...build };
  const copied = new Map<string, Container>([["", root as unknown as Container]]);
  for (const pointer of pointers) {
    const keys = keysOf(pointer).slice(0, -1);
    let at = root as unknown as Record<string, unknown>;
    let path = "";
    for (const key of keys) {
      path += `/${key}`;
      const known = copied.get(path);
      const next = known ?? at[key];
      if (typeof next !== "object" || next === null) break;
      const own = known ?? copyOf(next as Container);
      copied.set(path, own);
      at[key] = own;
      at = own as Record<string, unknown>;
    }
  }
  return root;
}

/** A build with a fix's JSON Patch (RFC 6902) applied; the build given is left as it was, and shares what is not changed. */
export const applyFix = (build: Build, patch: Operation[]): Build =>
  // One operation at a time: places in a list move under those that follow.
  patch.reduce((at, op) => {
    const own = copyAlong(at, "from" in op ? [op.from, op.path] : [op.path]);
    return jsonpatch.applyPatch(own, [structuredClone(op)]).newDocument;
  }, build);

/** The same, or undefined where the patch does not fit the build: a place it names is gone, or a test of it fails. */
export function tryFix(build: Build, patch: Operation[]): Build | undefined {
  try {
    return applyFix(build, patch);
  } catch {
    return undefined;
  }
}
