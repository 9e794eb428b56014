import { expect, it } from "vitest";
import { planned, pressed } from "../../../tests/bareTank";
import { jobBuild } from "../../../tests/job";

const labels = (strong: boolean, children: boolean) => {
  const build = jobBuild();
  Object.assign(build.brief, { childrenAtHome: children });
  for (const r of build.brief.residents) Object.assign(r, { strong, dangerous: false });
  return planned(build).supplies.filter((s) => s.materialId === "lock-label").length;
};

it("a lock is labelled where somebody dangerous lives, or children do", () => {
  expect(labels(false, false)).toBe(0);
  expect(labels(true, false)).toBe(1);
  expect(labels(false, true)).toBe(1);
});

it("what bolts wants the room's door as a second one", () => {
  const build = jobBuild();
  expect(planned(build).snags.map((s) => s.rule)).not.toContain("front/one-door");
  build.brief.residents[0]!.traits.bolts = true;
  const { snag, left } = pressed(build, "front/one-door");
  expect(snag.severity).toBe("mind");
  expect(left).toBeUndefined();
});
