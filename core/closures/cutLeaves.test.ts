import { expect, it } from "vitest";
import { bareTank, planned } from "../../tests/bareTank";
import { jobBuild } from "../../tests/job";
import type { Build } from "../document/schema";
import { cutLeaves } from "./cutLeaves";
import { drawnOpenings } from "./drawn";
import { insteadOf } from "./instead";
import type { Closure } from "./schema";

function closedBy(build: Build, kind: Closure["kind"]): Build {
  const { site, shell } = planned(build);
  const variant = build.variants[0]!;
  variant.closures = [insteadOf(variant.closures[0], kind, site, shell.openings[0])];
  return build;
}
function pieces(build: Build, cut: "frontBack" | "leftRight") {
  const p = planned(build);
  return cutLeaves(p.shell, drawnOpenings(p.site, p.facts), cut).map(({ id, points }) => {
    const [across, up] = [points.map(([a]) => a), points.map(([, b]) => b)];
    return { id, across: [Math.min(...across), Math.max(...across)], up: [Math.min(...up), Math.max(...up)] };
  });
}

it("a pane stands before the front where a section cuts it, once", () => {
  const [pane, ...more] = pieces(jobBuild(), "frontBack");
  expect(more).toEqual([]);
  // 4 mm glass before the front's plane; from the track's web over the dam.
  expect(pane!.across).toEqual([-4, 0]);
  expect(pane!.up[0]).toBeCloseTo(102, 6);
  expect(pieces(jobBuild(), "leftRight")).toEqual([]);
});

it("where two doors meet, one is drawn for both", () => {
  expect(pieces(closedBy(jobBuild(), "hinged"), "frontBack")).toMatchObject([{ across: [-18, 0] }]);
});

it("a lid lies on the top in both sections", () => {
  for (const cut of ["frontBack", "leftRight"] as const) {
    const [lid] = pieces(closedBy(bareTank(), "meshLid"), cut);
    expect(lid!.up[0]).toBeCloseTo(600, 6);
    expect(lid!.up[1]).toBeGreaterThan(lid!.up[0]!);
  }
});

it("what takes a closure's place keeps its lock and the room about it", () => {
  const build = jobBuild();
  const [was] = build.variants[0]!.closures;
  const { site, shell } = planned(build);
  const clearRoom = { typed: "700", value: 700, how: "stated" } as const;
  const door = insteadOf({ ...was!, clearRoom }, "hinged", site, shell.openings[0]);
  expect(door).toMatchObject({ kind: "hinged", lock: { kind: "key" }, clearRoom: { value: 700 } });
  const found = { ...was!, lock: { kind: "key", origin: "found" } } as Closure;
  expect(insteadOf(found, "hinged", site, shell.openings[0]).lock).toBeNull();
});
