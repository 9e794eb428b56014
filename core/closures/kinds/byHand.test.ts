import { describe, expect, it } from "vitest";
import { jobInput } from "../../../tests/job";
import { statedMm } from "../../design/measure";
import { newBuild, newSheetVariant, newVariant } from "../../document/create";
import type { Variant } from "../../document/schema";
import { plan } from "../../plan";
import type { TankShell } from "../../shell/kinds/tank/schema";
import type { Closure } from "../schema";
import { CLOSURE_KINDS } from "./list";

/** A sheet box with an opening of 900 × 350: 500 high, a dam of 100 and a head rail of 50. */
function box(): Variant {
  const variant = newSheetVariant({ width: statedMm(900), depth: statedMm(400), height: statedMm(500) }, "pvc-foam-10");
  variant.shell.front.dam = statedMm(100);
  variant.shell.front.headRail = statedMm(50);
  return variant;
}
/** A tank of 6 mm glass, 800 × 400 outside: an opening above of 788 × 388. */
function tank(): Variant {
  const variant = newVariant("tank");
  const shell = variant.shell as TankShell;
  shell.found = {
    ...shell.found,
    length: statedMm(800),
    width: statedMm(400),
    height: statedMm(400),
    glass: statedMm(6),
  };
  return variant;
}

const exact = (mm: number) => statedMm(mm);
const CLEAR = { hinge: exact(2), lock: exact(3), meet: exact(4), head: exact(2.5), foot: exact(2.5) };

/** What a kind is cut to, its measures set by `with`: by part, length × width × how many. */
function cut(kind: string, variant: Variant, withMeasures: (closure: Closure) => Closure) {
  const bare = newBuild("By hand", { unit: "mm" }, { ...variant, closures: [] });
  const before = plan(jobInput(bare));
  const closure = CLOSURE_KINDS.find((k) => k.kind === kind)!.start(before.site, before.shell.openings[0]);
  const p = plan(jobInput(newBuild("By hand", { unit: "mm" }, { ...variant, closures: [withMeasures(closure)] })));
  const round = (mm: number) => Math.round(mm * 100) / 100;
  return {
    opening: [before.shell.openings[0].widthMm, before.shell.openings[0].heightMm],
    parts: Object.fromEntries(
      p.parts
        .filter(
          (x) =>
            x.id.startsWith("front/") && !/dam|rail$|head-rail|vent-rail/.test(x.id.replace(/door-rail|lid-rail/, "")),
        )
        .map((x) => [x.id.slice("front/".length), [round(x.lengthMm), round(x.widthMm), x.qty]]),
    ),
    supplies: Object.fromEntries(
      p.supplies.filter((s) => s.id.startsWith("front/")).map((s) => [s.materialId, round(s.likely)]),
    ),
    bars: p.buying.lines.filter((l) => /bar/.test(l.materialId)).map((l) => [l.materialId, l.likely[0]?.count]),
  };
}
const set = (more: object) => (closure: Closure) => ({ ...closure, ...more }) as Closure;

// Every size worked by hand from the opening and the rule beside it.
describe("the cut list of each kind, by hand", () => {
  it("starts from openings of 900 × 350 and 788 × 388", () => {
    expect(cut("hinged", box(), set({})).opening).toEqual([900, 350]);
    expect(cut("meshLid", tank(), set({})).opening).toEqual([788, 388]);
  });

  it("doors on hinges: (900 − 2 × 2 − 4) ÷ 2 by 350 − 5, pine 30 butted, glass 8 deep with 2.5 clear", () => {
    const leaf = { frame: { bar: "pine-bar-30", join: "butt" }, infill: "glass-4", rebate: exact(8), play: exact(2.5) };
    const { parts, supplies, bars } = cut("hinged", box(), (closure) => ({
      ...(closure as Extract<Closure, { kind: "hinged" }>),
      ...{ leaves: 2, clearance: CLEAR },
      leaf: { ...leaf, blocks: true, window: null, moisture: null } as never,
    }));
    expect(parts["door-stile"]).toEqual([345, 0, 4]);
    expect(parts["door-rail"]).toEqual([446 - 60, 0, 4]);
    // 446 − 60 + 16 − 5 and 345 − 60 + 16 − 5.
    expect(parts["door-glass"]).toEqual([397, 296, 2]);
    expect(supplies).toMatchObject({
      "butt-hinge": 4,
      "setting-block": 4,
      "corner-piece": 8,
      "finger-pull": 2,
      "door-stop": 4,
    });
    // 4 × 345 + 4 × 386 and their kerfs out of lengths of 2400: two.
    expect(bars).toEqual([["pine-bar-30", 2]]);
  });

  it("mitred bars are whole, and cost their width at each end", () => {
    const leaf = {
      frame: { bar: "aluminium-bar-20", join: "mitre" },
      infill: "glass-4",
      rebate: exact(8),
      play: exact(2),
    };
    const { parts, bars } = cut("hinged", box(), (closure) => ({
      ...(closure as Extract<Closure, { kind: "hinged" }>),
      ...{ leaves: 1, clearance: CLEAR },
      leaf: { ...leaf, blocks: true, window: null, moisture: null } as never,
    }));
    // 900 − 2 − 3.
    expect(parts["door-stile"]).toEqual([345, 0, 2]);
    expect(parts["door-rail"]).toEqual([895, 0, 2]);
    expect(parts["door-glass"]).toEqual([895 - 40 + 12, 345 - 40 + 12, 1]);
    // 2 × (345 + 40) + 2 × (895 + 40) = 2640 with kerfs: two lengths of 2000.
    expect(bars).toEqual([["aluminium-bar-20", 2]]);
  });

  it("lift-out panel: 900 − 2 × 3 by 350 − 5, of sheet", () => {
    const { parts, supplies } = cut("liftOut", box(), set({ clearance: CLEAR }));
    expect(parts["panel-sheet"]).toEqual([894, 345, 1]);
    // All round, 2 × (894 + 345) ÷ 300.
    expect(supplies["turn-catch"]).toBe(9);
  });

  it("pane lifting in grooves: 900 − 2 × 2 web − 2 × 1.5 by 350 − 2 web − 3 clear", () => {
    const { parts, supplies } = cut("liftingPane", box(), set({ groove: "groove-4", pane: "glass-4", head: exact(3) }));
    expect(parts.pane).toEqual([893, 345, 1]);
    expect(supplies["groove-4"]).toBe(2 * 350 + 900);
  });

  it("slider before a fixed pane: both 900 ÷ 2 + 12.5 − 2 wide, between 345 and 346 high", () => {
    const { parts } = cut("sliderAndPane", box(), set({}));
    // G = 350 − 6 − 12 − 2 × 2 = 328; least 328 + 6 + 3, most 328 + 12 − 2.
    expect(parts["slide-a"]).toEqual([460.5, 337.5, 1]);
    expect(parts["slide-b"]).toEqual([460.5, 337.5, 1]);
    expect(parts["track-top"]).toEqual([900, 0, 1]);
  });

  it("framed mesh lid: 788 − 6 by 388 − 5, mesh over its bars but for 2 mm", () => {
    const { parts, supplies } = cut("meshLid", tank(), (closure) => ({
      ...(closure as Extract<Closure, { kind: "meshLid" }>),
      clearance: CLEAR,
      leaf: {
        ...(closure as Extract<Closure, { kind: "meshLid" }>).leaf,
        ...{ frame: { bar: "pine-bar-30", join: "butt" }, infill: "fly-screen" },
      },
    }));
    expect(parts["lid-stile"]).toEqual([383, 0, 2]);
    expect(parts["lid-rail"]).toEqual([782 - 60, 0, 2]);
    // 782 − 60 + 2 × 28 and 383 − 60 + 56.
    expect(parts["lid-mesh"]).toEqual([778, 379, 1]);
    expect(supplies["mesh-batten"]).toBe(2 * (778 + 379));
    // 0.778 × 0.379 m² and a fifth.
    expect(supplies["fly-screen"]).toBeCloseTo(778 * 379 * 1.2, 0);
  });

  it("solid lid: 782 × 383 of sheet, a window of half with 20 lap", () => {
    const { parts } = cut("panelLid", tank(), set({ clearance: CLEAR }));
    expect(parts["lid-sheet"]).toEqual([782, 383, 1]);
    expect(parts["lid-window"]).toEqual([394 + 40, 194 + 40, 1]);
  });

  it("lid in two: a flap of 788 − 5 by 190 − 2 − 3, and the rest behind it", () => {
    const { parts } = cut("splitLid", tank(), set({ clearance: CLEAR, flap: exact(190) }));
    expect(parts["flap-sheet"]).toEqual([185, 783, 1]);
    // 788 − 2 × 2.5 by 388 − 190 − 2.5.
    expect(parts["half-sheet"]).toEqual([783, 195.5, 1]);
  });

  it("lid sliding in grooves: 788 − 4 − 3 by 388 − 2 − 1", () => {
    const { parts, supplies } = cut(
      "slidingLid",
      tank(),
      set({ groove: "groove-4", pane: "glass-4", front: exact(1) }),
    );
    expect(parts.lid).toEqual([781, 385, 1]);
    expect(supplies["groove-4"]).toBe(2 * 388 + 788);
  });

  it("a tub's own lid: mesh of its window and 20 lap all round", () => {
    const { parts, supplies } = cut(
      "tubLid",
      newVariant("tub"),
      set({ width: exact(300), height: exact(200), lap: exact(20) }),
    );
    expect(parts["lid-mesh"]).toEqual([340, 240, 1]);
    expect(supplies).toMatchObject({ "turn-catch": 4, "mesh-batten": 1000 });
  });
});
