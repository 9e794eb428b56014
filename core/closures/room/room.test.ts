import { describe, expect, it } from "vitest";
import { bareTank, plainWall, planned, pressed } from "../../../tests/bareTank";
import { jobBuild, jobVariant } from "../../../tests/job";
import { statedMm } from "../../design/measure";
import type { Build, Variant } from "../../document/schema";
import type { Feature } from "../../features/schema";
import { newHinged } from "../kinds/hinged/kind";
import { kindsFor } from "../kinds/index";
import type { SlidingLid } from "../kinds/slidingLid/schema";
import type { Closure } from "../schema";

const rules = (build: Build) => planned(build).snags.map((s) => s.rule);
const figureOf = (build: Build, id: string) => planned(build).figures.find((f) => f.id === id)?.value;

/** The job of 1500 × 440 clear with one door on its left, and what is said of it. */
function oneDoor(change: (door: ReturnType<typeof newHinged>, variant: Variant) => void = () => {}): Build {
  const build = jobBuild();
  const before = planned(build);
  const door = newHinged(before.site, before.shell.openings[0]);
  door.leaves = 1;
  door.lock = { kind: "key", origin: "made" };
  build.variants[0]!.closures = [door];
  change(door, build.variants[0]!);
  return build;
}

/** The tank of 900 × 450 with one kind of lid. */
function lidded(kind: Closure["kind"], change: (lid: Closure, variant: Variant) => void = () => {}): Build {
  const build = bareTank();
  const { site, shell } = planned(build);
  const [opening] = shell.openings;
  const lid = kindsFor(build.variants[0]!.shell, opening.id)
    .find((k) => k.kind === kind)!
    .start(site, opening) as Closure;
  build.variants[0]!.closures = [lid];
  change(lid, build.variants[0]!);
  return build;
}

const port = (face: Feature["face"], u: number, v: number): Feature => ({
  ...{ id: "hose", name: "Hose", face, kind: "port", origin: "made", use: "tube", tube: null },
  ...{ bore: statedMm(16), gap: statedMm(0), u: statedMm(u), v: statedMm(v) },
});

describe("room to open", () => {
  it("is a leaf's width and thickness before it, and a lid's over or before it", () => {
    const door = planned(oneDoor());
    const width = door.figures.find((f) => f.id === "front/door-width")!.value;
    const thickness = 18;
    expect(figureOf(oneDoor(), "front/room")).toBeCloseTo(width + thickness, 6);
    // What is lifted off, and panes that pass one another, take none.
    expect(figureOf(lidded("meshLid"), "front/room")).toBeUndefined();
    expect(figureOf(jobBuild(), "front/room")).toBeUndefined();
    // Drawn out to the front by its own length.
    const sliding = lidded("slidingLid");
    expect(figureOf(sliding, "front/room")).toBeCloseTo(
      figureOf(sliding, "front/lid-along")! - (sliding.variants[0]!.closures[0] as SlidingLid).front.value,
      6,
    );
  });

  it("that is not there is told, with what would open; unknown it says nothing", () => {
    const tight = oneDoor((door) => Object.assign(door, { clearRoom: statedMm(900) }));
    expect(rules(oneDoor())).not.toContain("front/no-room-to-open");
    const { snag, left, variant } = pressed(tight, "front/no-room-to-open");
    expect(snag.severity).toBe("stop");
    expect(left).toBeUndefined();
    expect(variant.closures[0]).toMatchObject({ kind: "hinged", leaves: 2, clearRoom: { value: 900 } });
    // Where two leaves do not open either, something that needs no room before it.
    const narrow = pressed(
      oneDoor((door) => Object.assign(door, { clearRoom: statedMm(300) })),
      "front/no-room-to-open",
    );
    expect(narrow.left).toBeUndefined();
    expect(narrow.variant.closures).toHaveLength(1);
    expect(narrow.variant.closures[0]!.kind).not.toBe("hinged");
    expect(narrow.variant.closures[0]!.lock).toMatchObject({ kind: "key" });
  });
});

describe("what a lid carries, and what stands under it", () => {
  it("is told: a hose on it, a fitting where a door would be laid back", () => {
    expect(rules(lidded("meshLid", (_, v) => v.features.push(port("top", 400, 200))))).toContain("front/carried");
    expect(rules(lidded("meshLid", (_, v) => v.features.push(port("left", 200, 500))))).not.toContain("front/carried");
    // The opening of the job begins at the left edge: over it, the head rail; beside a split lid's flap, its fixed half.
    const beside = lidded("splitLid", (_, v) => v.features.push(port("top", 400, 400)));
    expect(rules(beside)).toContain("front/opens-half");
    expect(rules(beside)).not.toContain("front/carried");
  });

  it("stops the lid where it is too high", () => {
    const under = (mm: number) => lidded("meshLid", (lid) => Object.assign(lid, { standsUnder: statedMm(mm) }));
    expect(rules(under(580))).not.toContain("front/stands-in-the-lid");
    const { snag, left } = pressed(under(620), "front/stands-in-the-lid");
    expect(snag.severity).toBe("stop");
    expect(left).toBeUndefined();
  });
});

describe("a hand, and what goes in whole", () => {
  it("reaches the farthest corner by Pythagoras", () => {
    // Inside 600 deep; the opening begins 100 over the base, the ground lies 60 high.
    expect(figureOf(jobBuild(), "front/reach")).toBeCloseTo(Math.hypot(600, 40), 6);
    expect(rules(lidded("meshLid"))).not.toContain("front/out-of-reach");
  });

  it("a board larger than the opening is told, and goes in in pieces", () => {
    // 600 wide and 1200 high, its doors 400 high: before a fixed pane half of them is free.
    const variant = jobVariant(["600", "600", "1200"]);
    variant.shell.front.headRail = statedMm(700);
    variant.background.walls = [plainWall("back", { buildUp: "board" })];
    const build = jobBuild(variant);
    expect(rules(build)).not.toContain("front/does-not-pass");
    const { site, shell } = planned(build);
    const kind = kindsFor(variant.shell, "front").find((k) => k.kind === "sliderAndPane")!;
    variant.closures = [kind.start(site, shell.openings[0]) as Closure];
    const { snag, left, variant: mended } = pressed(build, "front/does-not-pass");
    expect(snag).toMatchObject({ severity: "stop", stage: "background" });
    expect(mended.background.walls[0]!.pieces).toBe(2);
    expect(left).toBeUndefined();
    const board = planned({ ...build, variants: [mended] }).parts.find((p) => p.id === "background/back/board")!;
    expect(Math.min(board.lengthMm, board.widthMm)).toBeCloseTo((600 - 3) / 2, 6);
  });
});
