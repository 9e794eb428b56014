import { describe, expect, it } from "vitest";
import { plainWall } from "../../tests/bareTank";
import { jobBuild, jobInput, jobVariant } from "../../tests/job";
import { statedMm } from "../design/measure";
import { newVariant } from "../document/create";
import type { Build, Variant } from "../document/schema";
import type { Fix } from "../ledgers/ledger";
import { plan } from "../plan";
import { tryFix } from "../snags/fix";
import { newHinged } from "./kinds/hinged/kind";
import type { Hinged } from "./kinds/hinged/schema";
import { kindsFor } from "./kinds/index";
import type { Closure } from "./schema";

/** The job with doors on hinges that nothing is said against, and then something wrong with them. */
function hung(wrong: (door: Hinged, build: Build) => void = () => {}, build = jobBuild()): Build {
  const before = plan(jobInput(build));
  const door = newHinged(before.site, before.shell.openings[0]);
  door.lock = { kind: "key", origin: "made" };
  wrong(door, build);
  build.variants[0]!.closures = [door];
  return build;
}
const rules = (build: Build) =>
  plan(jobInput(build))
    .snags.filter((s) => s.stage === "front")
    .map((s) => s.rule);
const snagOf = (build: Build, rule: string) => plan(jobInput(build)).snags.find((s) => s.rule === rule);
const fixed = (build: Build, { patch }: Fix): Build => tryFix(build, patch)!;

/** Each made wrong on purpose: told, with a fix that clears it; and not told of the sound twin. */
const wrong: [rule: string, build: () => Build][] = [
  ["front/magnet-alone", () => hung((door) => Object.assign(door.holds, { catch: "magnet-catch" }))],
  ["front/few-catches", () => hung((door) => Object.assign(door.holds, { every: statedMm(600) }))],
  ["front/no-blocks", () => hung((door) => Object.assign(door.leaf, { blocks: false }))],
  ["front/no-stop", () => hung((door) => Object.assign(door, { stop: false }))],
  [
    "front/few-hinges",
    () =>
      hung(
        (door) => {
          door.leaf.frame = null;
          door.leaf.infill = "glass-6";
          door.leaves = 1;
        },
        jobBuild(jobVariant(["1500", "600", "900"])),
      ),
  ],
  [
    "front/hinge-pulls-out",
    () =>
      hung((door, build) => {
        // Glass doors on 6 mm foam sheet.
        (build.variants[0] as Variant & { shell: { material: string } }).shell.material = "pvc-foam-6";
        door.leaf.frame = null;
        door.leaf.infill = "glass-6";
        door.hinges.spacing = statedMm(150);
      }),
  ],
];

it("nothing is screwed or bolted to glass: a door on a tank is clamped from the start, and told where it is not", () => {
  const tank = jobBuild({ ...newVariant("tankOnEnd"), closures: [] });
  const bare = plan(jobInput(tank));
  const door = newHinged(bare.site, bare.shell.openings[0]);
  expect(door.hinges.fixing).toBe("clamped");
  for (const fixing of ["screws", "bolts"] as const) {
    tank.variants[0]!.closures = [{ ...door, hinges: { ...door.hinges, fixing } }];
    const snag = snagOf(tank, "front/hinge-not-drilled");
    expect(snag).toMatchObject({ severity: "stop", title: expect.stringMatching(/glass/) });
    expect(rules(fixed(tank, snag!.fix!))).not.toContain("front/hinge-not-drilled");
  }
  expect(rules(hung())).not.toContain("front/hinge-not-drilled");
});

it("a window that leaves a leaf no rim is told, with one that does; only sheet has one", () => {
  const windowed = (width: number, infill = "pvc-foam-10") =>
    hung((door) => {
      door.leaf.frame = null;
      door.leaf.infill = infill;
      door.leaf.window = { infill: "fly-screen", width: statedMm(width), height: statedMm(200), lap: statedMm(20) };
    });
  const snag = snagOf(windowed(2000), "front/window-too-large");
  expect(snag!.severity).toBe("stop");
  expect(rules(fixed(windowed(2000), snag!.fix!))).not.toContain("front/window-too-large");
  expect(rules(windowed(300))).not.toContain("front/window-too-large");
  const parts = (build: Build) => plan(jobInput(build)).parts.map((p) => p.id);
  expect(parts(windowed(300))).toContain("front/door-window");
  expect(parts(windowed(300, "glass-6"))).not.toContain("front/door-window");
});

describe("made wrong on purpose", () => {
  it.each(wrong)("%s is told, cleared by its fix, and not told of the twin", (rule, build) => {
    const snag = snagOf(build(), rule);
    expect(snag, rule).toBeDefined();
    expect(snag!.fix, rule).toBeDefined();
    expect(rules(fixed(build(), snag!.fix!))).not.toContain(rule);
    expect(rules(hung())).not.toContain(rule);
  });

  it("slides into foam are told, and bare strips clear them", () => {
    const build = jobBuild();
    build.variants[0]!.background.walls = [plainWall("left"), plainWall("right")];
    const snag = snagOf(build, "front/slides-into-wall");
    expect(snag!.sentence).toContain("left and right");
    const bare = fixed(build, snag!.fix!);
    expect(rules(bare)).not.toContain("front/slides-into-wall");
    expect(bare.variants[0]!.background.zones).toHaveLength(2);
    // The back wall is nothing to a pane that slides.
    build.variants[0]!.background.walls = [plainWall("back")];
    expect(rules(build)).not.toContain("front/slides-into-wall");
  });
});

describe("a snare at a lid in two", () => {
  /** A tank under a lid in two, with a lizard whose head is known. */
  function lidInTwo(acrossMm: number, girth: number | null): Build {
    const build = jobBuild();
    const before = plan(jobInput(build));
    const [opening] = before.shell.openings;
    build.brief.residents[0]!.girth = girth === null ? null : statedMm(girth);
    const door = newHinged(before.site, opening);
    door.lock = { kind: "key", origin: "made" };
    door.clearance.hinge = statedMm(acrossMm);
    build.variants[0]!.closures = [door as Closure];
    return build;
  }

  it("is told where a head goes in and the body behind it does not, apart from a way out", () => {
    // 14 mm at its narrowest: 13 + 2 at worst take the head, and 40 mm of body stay outside.
    const build = lidInTwo(13, 40);
    expect(rules(build)).toEqual(expect.arrayContaining(["front/snare", "front/way-out"]));
    expect(snagOf(build, "front/snare")!.title).toMatch(/caught at the hinges/);
    expect(rules(fixed(build, snagOf(build, "front/snare")!.fix!))).not.toContain("front/snare");
    expect(rules(lidInTwo(3, 40))).not.toContain("front/snare");
    // What nobody has measured is not told.
    expect(rules(lidInTwo(13, null))).not.toContain("front/snare");
  });

  it("stands on every shell that is open above", () => {
    const kinds = kindsFor({ kind: "tank", lid: { there: true } } as never, "top").map((k) => k.kind);
    expect(kinds).toContain("splitLid");
  });
});

it("a push opens an edge, and closer catches or a stiffer bar shut it", () => {
  const pushed = hung((door, build) => {
    build.brief.residents[0]!.mass = statedMm(900);
    build.brief.residents[0]!.narrowestRigid = statedMm(15);
    door.leaf.frame = { bar: "pvc-bar-30", join: "butt" };
    door.holds.every = statedMm(300);
  });
  const still = structuredClone(pushed);
  still.brief.residents[0]!.mass = null;
  const worst = (build: Build) =>
    plan(jobInput(build)).audit.audits[0]!.ways.find((w) => w.id === "leaf/door-head")!.worstMm;
  expect(worst(pushed)).toBeGreaterThan(worst(still));
  const out = plan(jobInput(pushed)).snags.filter((s) => s.rule === "front/way-out");
  expect(out.length).toBeGreaterThan(0);
  for (const snag of out)
    expect(rules(fixed(pushed, snag.fix!)).filter((r) => r === "front/way-out").length).toBeLessThan(out.length);
});
