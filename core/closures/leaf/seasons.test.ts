import { describe, expect, it } from "vitest";
import { jobBuild, jobInput } from "../../../tests/job";
import { statedMm } from "../../design/measure";
import type { Build } from "../../document/schema";
import type { Fix } from "../../ledgers/ledger";
import { plan } from "../../plan";
import { tryFix } from "../../snags/fix";
import { woodMoisturePercent } from "../door/moisture";
import { newHinged } from "../kinds/hinged/kind";
import type { Hinged } from "../kinds/hinged/schema";

/** Doors framed in pine, made at 9 %, in a shell kept damp, in a room that is dry in January. */
function pineDoors(change: (door: Hinged) => void = () => {}): Build {
  const build = jobBuild();
  const [boa] = build.brief.residents;
  build.brief.room = { tempC: { low: 17, high: 24 }, rh: { low: 30, high: 60 } };
  boa!.narrowestRigid = statedMm(40);
  boa!.bands = { tempC: { low: 20, high: 27 }, rh: { low: 70, high: 90 } };
  const before = plan(jobInput(build));
  const door = newHinged(before.site, before.shell.openings[0]);
  door.leaf.moisture = statedMm(9);
  door.leaf.frame = { bar: "pine-bar-44", join: "butt" };
  door.lock = { kind: "key", origin: "made" };
  door.clearance.meet = statedMm(3);
  change(door);
  build.variants[0]!.closures = [door];
  return build;
}
const snagsOf = (build: Build, rule: string) => plan(jobInput(build)).snags.filter((s) => s.rule === rule);
const fixed = (build: Build, { patch }: Fix): Build => tryFix(build, patch)!;

describe("a pine frame made at 9 %", () => {
  const build = pineDoors();

  it("is told to bind at 90 % rh, long before it does", () => {
    const [snag] = snagsOf(build, "front/binds");
    expect(snag!.severity).toBe("stop");
    expect(snag!.title).toMatch(/bind when it is warm and wet/);
    expect(snag!.sentence).toMatch(/90 % rh.*wood goes from 9 % to (19|20|21)/);
    // Two stiles of 44 mm on two leaves: 4 × 44 × 0.25 % × so many per cent.
    const swollen = 4 * 44 * 0.0025 * (woodMoisturePercent(90, 27) - 9);
    expect(swollen).toBeGreaterThan(4);
  });

  it("is cleared by a fix, of clearance", () => {
    const [snag] = snagsOf(build, "front/binds");
    expect(snag!.fix!.label).toMatch(/^Leave .* where the doors meet/);
    const wider = fixed(build, snag!.fix!);
    expect(snagsOf(wider, "front/binds")).toEqual([]);
  });

  it("is cleared by bars that move less where no clearance keeps its resident in", () => {
    // 17 mm × 0.5: what the wood wants in August lets it out in January.
    const small = structuredClone(build);
    small.brief.residents[0]!.narrowestRigid = statedMm(17);
    const [snag] = snagsOf(small, "front/binds");
    expect(snag!.fix!.label).toMatch(/^Make it of (aluminium|pvc)/);
    const other = fixed(small, snag!.fix!);
    expect(snagsOf(other, "front/binds")).toEqual([]);
    expect(snagsOf(other, "front/way-out").filter((s) => s.subject.startsWith("leaf/"))).toEqual([]);
  });
});

describe("the same doors in January", () => {
  /** As mended for August, with crickets of 2 mm inside. */
  const fed = (() => {
    const build = pineDoors();
    const mended = fixed(build, snagsOf(build, "front/binds")[0]!.fix!);
    const next = structuredClone(mended);
    next.brief.residents[0]!.lives = [
      { life: "feeder", name: "Cricket", body: "hardBodied", narrowestRigid: statedMm(2), girth: null },
    ];
    return next;
  })();
  const atMeet = (build: Build) => snagsOf(build, "front/way-out-beside").find((s) => s.subject === "leaf/door-meet");

  it("are told to let a cricket out, as a warning of its own", () => {
    const snag = atMeet(fed);
    expect(snag).toMatchObject({ severity: "mind" });
    expect(snag!.title).toMatch(/^Cricket: a way out where the doors meet/);
    // The boa is kept in all the while.
    expect(snagsOf(fed, "front/way-out")).toEqual([]);
  });

  it("are cleared by a seal, which does not bring back August", () => {
    const snag = atMeet(fed)!;
    const sealed = fixed(fed, snag.fix!);
    expect(atMeet(sealed)).toBeUndefined();
    expect(snagsOf(sealed, "front/binds")).toEqual([]);
    expect(snagsOf(sealed, "front/bites-the-jamb")).toEqual([]);
  });
});

it("a door that a tighter clearance would shut in time is told that clearance, and it still opens", () => {
  // Aluminium hardly moves: there is a clearance that neither binds nor opens too far.
  const build = pineDoors((door) => {
    door.leaf.frame!.bar = "aluminium-bar-20";
    door.clearance.meet = statedMm(6);
  });
  build.brief.residents[0]!.narrowestRigid = statedMm(15);
  const [snag] = snagsOf(build, "front/way-out").filter((s) => s.subject === "leaf/door-meet");
  expect(snag!.fix!.label).toMatch(/^Leave .* clear where the doors meet/);
  const tighter = fixed(build, snag!.fix!);
  expect(snagsOf(tighter, "front/way-out").filter((s) => s.subject === "leaf/door-meet")).toEqual([]);
  expect(snagsOf(tighter, "front/binds")).toEqual([]);
});
