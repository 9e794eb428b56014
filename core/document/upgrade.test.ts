import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { antYard, haberdasher } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import { readBuild } from "./read";
import type { Build } from "./schema";
import { upgradeBuild } from "./upgrade";

/** The ant yard as version 1 wrote it: the tube in the shell, openings without a shape. */
function asVersion1(): Record<string, unknown> {
  const build = structuredClone(antYard()) as Build & Record<string, unknown>;
  const variant = build.variants[0]! as unknown as Record<string, unknown> & { shell: Record<string, unknown> };
  variant.shell.tube = {
    outer: statedMm(16),
    bore: statedMm(12),
    height: statedMm(42),
    rise: statedMm(60),
    run: statedMm(220),
    bendRadius: statedMm(60),
  };
  variant.features = (variant.features as Record<string, unknown>[])
    .filter((f) => f.kind === "mesh")
    .map(({ shape, ...rest }) => rest);
  return { ...build, version: 1 };
}

describe("older builds", () => {
  it("of version 1 are read, and their tube is kept as a port", () => {
    const read = readBuild(asVersion1(), jobInput().book);
    if (!read.ok) throw new Error(read.message);
    const features = read.value.variants[0]!.features;
    expect(features.map((f) => [f.id, f.kind])).toEqual([
      ["lid-mesh", "mesh"],
      ["tube-1", "port"],
    ]);
    expect(features[0]).toMatchObject({ shape: "panel" });
    // The middle of a quarter of a wall 250 across: π·250/8 = 98.
    expect(features[1]).toMatchObject({
      use: "tube",
      u: { value: 98 },
      v: { value: 42 },
      tube: { run: { value: 220 } },
    });
    expect(read.value.variants[0]!.shell).not.toHaveProperty("tube");
  });

  it("keep their tube also where its name is taken", () => {
    const build = asVersion1();
    const [variant] = build.variants as { features: Record<string, unknown>[] }[];
    variant!.features[0]!.id = "tube-1";
    const read = readBuild(build, jobInput().book);
    if (!read.ok) throw new Error(read.message);
    expect(read.value.variants[0]!.features.map((f) => f.id)).toEqual(["tube-1", "tube-2"]);
  });

  it("of version 4 are read with nothing inside, and their keep-outs reach no further than their face", () => {
    const build = haberdasher();
    const variants = build.variants.map(({ background, ground, service, ...variant }) => ({
      ...variant,
      features: variant.features.map((f) => (f.kind === "keepOut" ? { ...f, deep: undefined } : f)),
    }));
    const read = readBuild(JSON.parse(JSON.stringify({ ...build, version: 4, variants })), jobInput().book);
    if (!read.ok) throw new Error(read.message);
    const [variant] = read.value.variants;
    expect(variant).toMatchObject({
      background: { walls: [], zones: [] },
      ground: { drain: null, plants: [] },
      service: [],
    });
    expect(variant!.features.find((f) => f.kind === "keepOut")).toMatchObject({ deep: null });
    expect(variant!.seal).toEqual(build.variants[0]!.seal);
  });

  it("are brought up in their own version's terms: what an upgrade writes is its own, not today's", () => {
    const written = upgradeBuild({ version: 4, variants: [{}] }) as { variants: unknown[] };
    expect(written.variants[0]).toEqual({
      features: [],
      background: { walls: [], zones: [], swatches: [] },
      ground: {
        ...{ front: null, drain: null, barrier: null, charcoal: null, litter: null, misting: null, lost: null },
        ...{ mix: { unit: "parts", parts: [] }, outlet: "none", pool: null, dish: null, plants: [] },
        quarantineDays: { typed: "30", value: 30, how: "stated" },
        ...{ roots: "strip", wild: "bought", crew: "before" },
        settleWeeks: { typed: "0", value: 0, how: "stated" },
      },
      service: [],
    });
    // Nothing of today's design is imported by it but types.
    const imports = readFileSync(new URL("./upgrade.ts", import.meta.url), "utf8").match(/^import .*$/gm) ?? [];
    expect(imports.filter((line) => !line.startsWith("import type"))).toEqual([]);
  });

  it("of this version, and what is no build, are left as they are", () => {
    const build = antYard();
    expect(upgradeBuild(build)).toBe(build);
    for (const odd of [null, 7, [], { version: "1" }, { version: 0 }]) expect(upgradeBuild(odd)).toBe(odd);
  });
});
