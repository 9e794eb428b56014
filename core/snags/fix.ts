import jsonpatch, { type Operation } from "fast-json-patch";
import type { Build } from "../design/schema";

/** A build with a fix's JSON Patch (RFC 6902) applied; the build given is left as it was. */
export function applyFix(build: Build, patch: Operation[]): Build {
  const copy = structuredClone(build);
  return jsonpatch.applyPatch(copy, structuredClone(patch)).newDocument;
}
