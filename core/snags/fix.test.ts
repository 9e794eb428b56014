import jsonpatch, { type Operation } from "fast-json-patch";
import { describe, expect, it } from "vitest";
import { haberdasher } from "../../demo/builds";
import { applyFix } from "./fix";

const frozen = <T>(node: T): T => {
  if (typeof node === "object" && node !== null) {
    Object.freeze(node);
    for (const child of Object.values(node)) frozen(child);
  }
  return node;
};

const PATCHES: Record<string, Operation[]> = {
  "a value deep down": [{ op: "replace", path: "/variants/0/shell/tray/height/value", value: 90 }],
  "one added to a list, and the one it moved": [
    { op: "add", path: "/variants/0/features/0", value: { id: "new" } },
    { op: "replace", path: "/variants/0/features/1/name", value: "Moved on" },
  ],
  "a list's end, and what was put there": [
    { op: "add", path: "/variants/0/dividers/-", value: { id: "d", height: { value: 1 } } },
    { op: "replace", path: "/variants/0/dividers/1/height/value", value: 2 },
  ],
  "moved within a list": [
    { op: "move", from: "/variants/0/seal/stacks/0/layers/1", path: "/variants/0/seal/stacks/0/layers/0" },
  ],
  "removed, then its neighbour changed": [
    { op: "remove", path: "/variants/0/background/zones/0" },
    { op: "replace", path: "/variants/0/background/zones/0/name", value: "Next" },
  ],
};

describe("a fix", () => {
  it.each(Object.entries(PATCHES))("applies %s as RFC 6902 says, and leaves the build as it was", (_, patch) => {
    const build = frozen(haberdasher());
    const before = JSON.stringify(build);
    const fixed = applyFix(build, patch);
    expect(fixed).toEqual(jsonpatch.applyPatch(structuredClone(haberdasher()), structuredClone(patch)).newDocument);
    expect(JSON.stringify(build)).toBe(before);
  });
  it("shares what it does not change", () => {
    const build = frozen(haberdasher());
    const fixed = applyFix(build, PATCHES["a value deep down"]!);
    expect(fixed.variants[0]!.features).toBe(build.variants[0]!.features);
    expect(fixed.variants[0]!.shell).not.toBe(build.variants[0]!.shell);
  });
});
