import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../../demo/builds";
import { doorsSideBySide } from "../../../demo/builds/doorsSideBySide";
import { jobInput } from "../../../tests/job";
import { checkDesign } from "../../document/check";
import type { Build } from "../../document/schema";
import { OWN_PANES } from "../../materials/ownPanes";
import { plan } from "../../plan";
import { kindsFor } from "./index";
import { CLOSURE_KINDS } from "./list";

/** Every demo build with every opening closed by every kind that suits it, one at a time. */
const all = demoBuilds().flatMap((build) => {
  const before = plan(jobInput(build));
  return before.shell.openings.flatMap((opening) =>
    kindsFor(before.site.variant.shell, opening.id).map((kind) => {
      const next: Build = structuredClone(build);
      const variant = next.variants.find((v) => v.id === before.site.variant.id)!;
      variant.closures = [
        ...variant.closures.filter((c) => c.opening !== opening.id),
        kind.start(before.site, opening),
      ];
      return { name: `${kind.kind} on the ${opening.id} of ${build.name}`, kind: kind.kind, next, opening };
    }),
  );
});

describe("every kind on every opening it suits, from nothing", () => {
  it("covers every kind", () => {
    expect(new Set(all.map((a) => a.kind))).toEqual(new Set(CLOSURE_KINDS.map((k) => k.kind)));
  });

  it.each(all)("$name is allowed, planned, cut, bought, dated, audited", ({ next, opening }) => {
    const input = jobInput(next);
    expect(checkDesign(next, input.book)).toEqual([]);
    const p = plan(input);
    const main = p.shell.openings[0].id === opening.id;
    const own = <T extends { id: string }>(list: readonly T[]) =>
      list.filter((x) => x.id.startsWith(main ? "front/" : `front/${opening.id}/`));
    // Cut: every part has a size and says how it came about.
    for (const part of own(p.parts)) {
      expect(part.lengthMm, part.id).toBeGreaterThan(0);
      expect(part.working.length, part.id).not.toBe("");
    }
    expect(new Set(p.parts.map((x) => x.id)).size).toBe(p.parts.length);
    // Bought: all its steps use is on the shopping list, or came with the shell.
    const bought = new Set(p.buying.lines.map((l) => l.materialId));
    for (const step of own(p.steps))
      for (const used of step.uses ?? [])
        expect(bought.has(used) || used === OWN_PANES, `${step.id} uses ${used}`).toBe(true);
    // Dated: each step has its day.
    for (const step of own(p.steps))
      expect(
        p.diary.entries.some((e) => e.stepId === step.id),
        step.id,
      ).toBe(true);
    // Audited: something is told of it.
    expect(p.audit.ways.some((w) => w.where === opening.face)).toBe(true);
    // What it begins with stops nothing, but for what only its residents decide.
    const stops = p.snags.filter((s) => s.stage === "front" && s.severity === "stop");
    const decided = ["front/way-out", "front/no-lock", "front/no-door"];
    expect(stops.filter((s) => !decided.includes(s.rule)).map((s) => `${s.rule}: ${s.sentence}`)).toEqual([]);
  });
});

describe("the example of doors side by side", () => {
  const build = doorsSideBySide();

  it("has every kind on a variant of its own, all allowed", () => {
    expect(new Set(build.variants.flatMap((v) => v.closures.map((c) => c.kind)))).toEqual(
      new Set(CLOSURE_KINDS.map((k) => k.kind)),
    );
    expect(checkDesign(build, jobInput(build).book)).toEqual([]);
  });

  it.each(build.variants.map((v) => [v.name, v.id] as const))("%s stands closed", (_, chosen) => {
    const p = plan(jobInput({ ...build, chosen }));
    expect(p.audit.ways.some((w) => w.standsOpen)).toBe(false);
    expect(p.snags.filter((s) => s.stage === "front" && s.severity === "stop" && !s.rule.includes("way-out"))).toEqual(
      [],
    );
  });
});
