import { describe, expect, it } from "vitest";
import { bareTank, plainWall, planned, pressed } from "../../tests/bareTank";
import { jobBuild } from "../../tests/job";
import { statedMm } from "../design/measure";
import { newBuild, newVariant } from "../document/create";
import type { Build, Variant } from "../document/schema";
import { stackOf } from "../ground/layers/starts";
import { fillOf } from "../ground/mass";
import { newBlock, newBranch } from "./create";
import { cutHardscape } from "./cut";
import { branchMm } from "./line";
import { weightOf } from "./mass";
import type { Block, Branch, Piece } from "./schema";
import { endLoads, tippingOf } from "./statics";

const block = (own: Partial<Block> = {}): Block => ({ ...newBlock("stone", "stone", 300, 200), ...own });
/** A branch across the tank's 900, 50 thick, weighed. */
const branch = (own: Partial<Branch> = {}): Branch => ({
  ...newBranch("branch", 900, 220, 300),
  ...{ thick: statedMm(50), length: statedMm(50), mass: { typed: "4", value: 4, how: "stated" } },
  ...own,
});
const tank = (pieces: Piece[], change: (variant: Variant) => void = () => {}): Build =>
  bareTank((v) => {
    v.hardscape = pieces;
    change(v);
  });
const rules = (build: Build) => planned(build).snags.map((s) => s.rule);
const bed = (side: number) => ({ bedWidth: statedMm(side), bedHeight: statedMm(side) });

describe("what a piece weighs", () => {
  it("is as weighed, or of its size with a span", () => {
    expect(weightOf(branch())).toEqual({ kg: 4, lowKg: 4, highKg: 4, weighed: true });
    // 120 × 100 × 140 mm, six tenths of it stone of 2700 kg/m³.
    expect(weightOf(block()).kg).toBeCloseTo(0.12 * 0.1 * 0.14 * 0.6 * 2700, 9);
    const { lowKg, kg, highKg } = weightOf(block());
    expect(lowKg < kg && kg < highKg).toBe(true);
  });
});

describe("statics, by hand", () => {
  it("a span rests half at each end, on its bed in shear", () => {
    const held = branch({ left: { ...branch().left, ...bed(50) }, right: { ...branch().right, ...bed(50) } });
    const [left, right] = endLoads(held);
    // 4 kg × 9.81 ÷ 2 = 19.6 N on 50 × 50 mm = 7.85 kPa.
    expect(left!.downN).toBeCloseTo(19.61, 1);
    expect(left!.shearKPa).toBeCloseTo(7.85, 1);
    expect(right).toMatchObject({ downN: left!.downN, outN: 0 });
  });

  it("one that only leans on its wall stands on its foot and pushes the wall by weight × run ÷ (2 × rise)", () => {
    const leaning = branch({
      left: { ...branch().left, on: "base", height: statedMm(25), hold: "loose" },
      right: { ...branch().right, height: statedMm(425), hold: "loose" },
    });
    const [foot, head] = endLoads(leaning);
    expect(foot!.downN).toBeCloseTo(4 * 9.80665, 6);
    expect(head!.downN).toBe(0);
    // Across 897, up 400.
    expect(head!.outN).toBeCloseTo((4 * 9.80665 * 897) / 800, 6);
  });

  it("a block tips about its foot", () => {
    const tall = block({
      width: statedMm(100),
      length: statedMm(80),
      height: statedMm(400),
      mass: { typed: "5", value: 5, how: "stated" },
    });
    // atan(80 ÷ 400) = 11.31°; 5 × 9.81 × 80 ÷ 800 = 4.9 N.
    expect(tippingOf(tall).degrees).toBeCloseTo(11.31, 2);
    expect(tippingOf(tall).pushN).toBeCloseTo(4.903, 3);
  });
});

describe("told, with a cure, and not of the twin", () => {
  const sound = branch({ left: { ...branch().left, ...bed(60) }, right: { ...branch().right, ...bed(60) } });
  it("a span on beds too small, or on silicone where it does not hold", () => {
    expect(rules(tank([sound])).filter((r) => r.startsWith("hardscape/"))).toEqual([]);
    const small = branch({ left: { ...branch().left, ...bed(30) }, right: { ...sound.right } });
    const mended = pressed(tank([small]), "hardscape/end-not-held");
    expect(mended.snag.severity).toBe("stop");
    expect(mended.left).toBeUndefined();
    // 19.61 N ÷ 7 kPa is 53 mm square: by fives, 55.
    expect((mended.variant.hardscape[0] as Branch).left.bedWidth.value).toBe(55);
    // Foam on the wall: silicone is not counted there.
    const foamed = pressed(
      tank([sound], (v) => {
        v.background.walls = [plainWall("left")];
      }),
      "hardscape/end-not-held",
    );
    expect(foamed.snag.sentence).toContain("Silicone holds on clean glass");
    expect((foamed.variant.hardscape[0] as Branch).left.hold).not.toBe("silicone");
    expect(foamed.left).toBeUndefined();
  });

  it("a span that lies loose between two walls, and not one that leans on its foot", () => {
    const loose = { ...sound, left: { ...sound.left, hold: "loose" as const } };
    const { snag, left } = pressed(tank([loose]), "hardscape/end-not-held");
    expect(snag.sentence).toContain("nothing holds it");
    expect(left).toBeUndefined();
    const leaning = branch({
      left: { ...branch().left, on: "base", height: statedMm(25), hold: "loose" },
      right: { ...branch().right, height: statedMm(425), hold: "loose" },
    });
    expect(rules(tank([leaning]))).not.toContain("hardscape/end-not-held");
  });

  it("ends that touch nothing, and wood that has no room to swell", () => {
    const short = pressed(tank([{ ...sound, width: statedMm(800) }]), "hardscape/end-in-the-air");
    expect(short.snag.title).toMatch(/touches nothing/);
    const tight = pressed(tank([{ ...sound, width: statedMm(900) }]), "hardscape/no-play");
    expect(tight.left).toBeUndefined();
    expect((tight.variant.hardscape[0] as Branch).width.value).toBe(897);
    const foot = branch({ left: { ...branch().left, on: "base", height: statedMm(200) } });
    expect(pressed(tank([foot]), "hardscape/end-in-the-air").left).toBeUndefined();
  });

  it("a stone on substrate that is dug, and one that falls", () => {
    const dug = (on: "base" | "ground") => {
      const build = tank([block({ on, mass: { typed: "3", value: 3, how: "stated" } })], (v) => {
        v.shell.groundDepth = statedMm(80);
      });
      const [boa] = jobBuild().brief.residents;
      build.brief.residents = [{ ...boa!, traits: { ...boa!.traits, digs: true } }];
      return build;
    };
    expect(rules(dug("base"))).not.toContain("hardscape/on-dug-ground");
    const { left, variant } = pressed(dug("ground"), "hardscape/on-dug-ground");
    expect(left).toBeUndefined();
    expect((variant.hardscape[0] as Block).on).toBe("base");
    const tall = block({ height: statedMm(450), mass: { typed: "5", value: 5, how: "stated" } });
    for (const on of ["base", "ground"] as const) {
      const { left: still, variant: mended } = pressed(tank([{ ...tall, on }]), "hardscape/topples");
      expect(still).toBeUndefined();
      // Silicone holds on the base; on substrate there is nothing for it to hold on.
      expect(mended.hardscape[0]).toMatchObject({ on: "base", hold: "silicone" });
    }
    expect(rules(tank([block()]))).not.toContain("hardscape/topples");
  });

  it("a foot through the barrier, a piece outside, a hide that takes a head only", () => {
    const drained = (v: Variant) => {
      v.shell.groundDepth = statedMm(100);
      v.ground.layers = stackOf({ drain: { body: "clay", mm: 50 }, barrier: { cloth: "weedCloth", curlMm: 30 } });
    };
    const through = pressed(tank([block({ cutOut: false })], drained), "hardscape/through-the-barrier");
    expect(through.left).toBeUndefined();
    expect(rules(tank([block()], drained))).not.toContain("hardscape/through-the-barrier");
    const out = pressed(tank([block({ u: statedMm(20) })]), "hardscape/outside");
    expect(out.left).toBeUndefined();
    expect(out.variant.hardscape[0]!.u.value).toBe(60);
    const hide = (bore: number) => {
      const build = tank([block({ hollow: { bore: statedMm(bore), through: false } })]);
      const [boa] = jobBuild().brief.residents;
      build.brief.residents = [{ ...boa!, girth: statedMm(40) }];
      return build;
    };
    expect(rules(hide(10))).not.toContain("hardscape/hide-is-a-snare");
    expect(rules(hide(60))).not.toContain("hardscape/hide-is-a-snare");
    expect(pressed(hide(60), "hardscape/one-way-out").left).toBeUndefined();
    const snare = pressed(hide(20), "hardscape/hide-is-a-snare");
    expect(snare.left).toBeUndefined();
  });

  it("a stone larger than any opening", () => {
    const large = (side: number) => {
      const build = jobBuild();
      build.variants[0]!.hardscape = [
        block({
          width: statedMm(side),
          length: statedMm(side),
          height: statedMm(side),
          u: statedMm(700),
          v: statedMm(300),
        }),
      ];
      return rules(build);
    };
    // The job's doors leave 1500 × 418 clear.
    expect(large(410)).not.toContain("front/does-not-pass");
    expect(large(430)).toContain("front/does-not-pass");
  });
});

describe("the top of a piece, and what holds it, is counted", () => {
  it("a block's by what it stands on, a branch's by its higher end", () => {
    const p = planned(
      tank([block({ on: "ground" })], (v) => {
        v.shell.groundDepth = statedMm(80);
      }),
    );
    const piece = p.site.variant.hardscape[0] as Block;
    const top = p.figures.find((f) => f.id === `hardscape/${piece.id}/top`)!;
    expect(top.value).toBe(80 + piece.height.value);
    expect(top.inputs.find((x) => x.name === "above the substrate")!.value).toBe(piece.height.value);
  });
  it("plates with their bed, foam by its yield, and a piece that is bought", () => {
    const branch = newBranch("b", 900, 225, 300);
    const held = (hold: "screwPlate" | "foam") =>
      planned(tank([{ ...branch, got: "bought", left: { ...branch.left, hold }, right: { ...branch.right, hold } }]));
    const plates = held("screwPlate").supplies;
    expect(plates.find((s) => s.materialId === "screw-plate")!.likely).toBe(2);
    // Two plates of 40 × 40 on 3 mm of silicone.
    expect(plates.find((s) => s.id === "hardscape/silicone-neutral")!.likely).toBeCloseTo((2 * 40 * 40 * 3) / 1000, 9);
    expect(plates.find((s) => s.materialId === "wood-piece")!.likely).toBe(1);
    const foam = held("foam").supplies.find((s) => s.materialId === "foam-pond")!;
    // 2 × 40 × 40 × 20 = 64 mL at 23 mL a gram.
    expect(foam.likely).toBeCloseTo(64 / 23, 6);
  });
});

describe("what stands in it takes its room", () => {
  const litres = (build: Build, id: string) => {
    const p = planned(build);
    return fillOf(p.site).find((f) => f.id === id)?.litres;
  };
  it("walls: 600 × 450 with a wall 100 thick along the back leave 50 mm of clay 10.5 L, held and poured", () => {
    const build = bareTank((v) => {
      const { found } = v.shell as { found: Record<string, unknown> };
      Object.assign(found, { length: statedMm(612), width: statedMm(462) });
      v.shell.groundDepth = statedMm(120);
      v.ground.layers = stackOf({ drain: { body: "clay", mm: 50 } });
      v.background.walls = [plainWall("back", { depth: statedMm(100), foot: statedMm(0) })];
    });
    expect(litres(build, "drain")).toBeCloseTo(10.5, 6);
    // Its voids of 0.42.
    const held = planned(build).figures.find((f) => f.id === "ground/capacity")!.value;
    expect(held).toBeCloseTo(10.5 * 0.42, 6);
  });

  it("stones: by their foot, as high as they are", () => {
    const ground = (v: Variant) => {
      v.shell.groundDepth = statedMm(100);
    };
    const bare = litres(tank([], ground), "mix")!;
    // 120 × 100 mm of foot through 100 mm of mix is 1.2 L; 60 high, 0.72.
    expect(bare - litres(tank([block()], ground), "mix")!).toBeCloseTo(1.2, 6);
    expect(bare - litres(tank([block({ height: statedMm(60) })], ground), "mix")!).toBeCloseTo(0.72, 6);
    expect(litres(tank([block({ on: "ground" })], ground), "mix")).toBeCloseTo(bare, 6);
  });
});

it("a stone on a base that hangs bends it by its own patch beside what fills the shell", () => {
  const build = newBuild("Glass", { unit: "mm" }, newVariant("frontGlass"));
  const variant = build.variants[0]!;
  variant.shell.groundDepth = statedMm(80);
  const stress = (id: string) => planned(build).figures.find((f) => f.id === `panes/lying-${id}`)?.value ?? 0;
  const fill = stress("base");
  expect(fill).toBeGreaterThan(0);
  variant.hardscape = [block({ mass: { typed: "6", value: 6, how: "stated" } })];
  const light = stress("base-stone");
  variant.hardscape = [block({ mass: { typed: "12", value: 12, how: "stated" } })];
  // What the stone adds goes with its weight.
  expect(stress("base-stone") - fill).toBeCloseTo(2 * (light - fill), 9);
  expect(light).toBeGreaterThan(fill);
});

it("sections cut a block where it stands, and a branch along and across", () => {
  const { shell } = planned(tank([]));
  const bow = (points: readonly (readonly number[])[], axis: 0 | 1) => {
    const of = points.map((p) => p[axis]!);
    return [Math.min(...of), Math.max(...of)];
  };
  const cut = (piece: Piece, way: "frontBack" | "leftRight", at: number) =>
    cutHardscape(shell, { hardscape: [piece] }, way, at)[0]?.points;
  expect(bow(cut(block(), "frontBack", 300)!, 0)).toEqual([150, 250]);
  expect(bow(cut(block(), "leftRight", 200)!, 1)).toEqual([0, 140]);
  expect(cut(block(), "frontBack", 500)).toBeUndefined();
  expect(bow(cut(branch(), "leftRight", 220)!, 0)).toEqual([1.5, 898.5]);
  expect(bow(cut(branch(), "frontBack", 450)!, 1)).toEqual([275, 325]);
  expect(branchMm(branch())).toBeCloseTo(897, 6);
});

it("laid out dry first, what stands on the base before the drainage layer, and silicone for its beds is counted", () => {
  const p = planned(
    tank([branch(), block({ hold: "silicone" })], (v) => {
      v.shell.groundDepth = statedMm(100);
      v.ground.layers = stackOf({ drain: { body: "clay", mm: 50 } });
    }),
  );
  const drain = p.steps.find((s) => s.id === "ground/drain/drain")!;
  expect(drain.after.map((a) => a.id)).toContain("hardscape/base");
  expect(p.steps.find((s) => s.id === "hardscape/base")!.after.map((a) => a.id)).toContain("hardscape/dry-fit");
  // Two beds of 40 × 40 and a foot of 120 × 100, 3 mm thick.
  const silicone = p.supplies.find((s) => s.id === "hardscape/silicone-neutral")!;
  expect(silicone.likely).toBeCloseTo(((2 * 1600 + 12000) * 3) / 1000, 6);
});
