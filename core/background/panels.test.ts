import { describe, expect, it } from "vitest";
import { bareTank, plainWall, planned } from "../../tests/bareTank";
import { jobBuild } from "../../tests/job";
import { statedMm } from "../design/measure";
import { newBuild, newVariant } from "../document/create";
import type { FrontGlassShell } from "../shell/kinds/frontGlass/schema";
import { laminate } from "./works/laminate";

const panels = (own = {}) =>
  bareTank((v) => {
    v.shell.groundDepth = statedMm(80);
    v.background.walls = (["back", "left", "right"] as const).map((f) =>
      plainWall(f, { buildUp: "panels", depth: statedMm(50), ...own }),
    );
  });

describe("panels made outside", () => {
  it("are cut so that the sides press the back, by hand", () => {
    const parts = planned(panels()).parts.filter((p) => p.id.endsWith("/board"));
    const size = Object.fromEntries(parts.map((p) => [p.id.split("/")[1], [p.lengthMm, p.widthMm]]));
    // Inside 900 × 450 × 600, begun at 100: 500 high less 1.5. Back 900 − 2 × 1.5; sides 450 − 3 − 20 of the back's board.
    expect(size.back).toEqual([897, 498.5]);
    expect(size.left).toEqual([498.5, 427]);
    expect(size.right).toEqual(size.left);
  });
  it("lose at the sides what the back is thick at its edge, however that is made", () => {
    const side = (own: Parameters<typeof plainWall>[1]) =>
      planned(
        bareTank((v) => {
          v.background.walls = [plainWall("back", own), plainWall("left", { buildUp: "panels", depth: statedMm(50) })];
        }),
      ).parts.find((p) => p.id === "background/left/board")!.widthMm;
    // 450 − 3 to fit: less nothing, 20 of bare board, 3 × 20 of carved board, 40 + 15 of foam at its ridges.
    expect(side({ buildUp: "none" })).toBe(447);
    expect(side({ buildUp: "panels", depth: statedMm(50) })).toBe(427);
    expect(side({ buildUp: "board", relief: statedMm(15) })).toBe(387);
    expect(side({ buildUp: "foam", relief: statedMm(15) })).toBe(392);
  });
  it("are butted from pieces where the board is too short", () => {
    const wide = bareTank((v) => {
      (v.shell as { found: { length: unknown } }).found.length = statedMm(1512);
      v.background.walls = [plainWall("back", { buildUp: "panels" })];
    });
    const plan = planned(wide);
    const board = plan.parts.find((p) => p.id === "background/back/board")!;
    // 1500 − 3 in two, from boards of 1250 × 600; the wall is 598.5 high, which no trimmed board of 590 spans.
    expect(board.qty).toBeGreaterThanOrEqual(2);
    expect(board.working.length + board.working.width).toMatch(/÷ \d, butted/);
  });
  it("leave a gap that what is small gets behind by: told, not as a way out", () => {
    const told = (narrowest: number) => {
      const build = panels();
      const [boa] = jobBuild().brief.residents;
      build.brief.residents = [{ ...boa!, narrowestRigid: statedMm(narrowest) }];
      return planned(build).snags.filter((s) => s.rule === "front/gets-behind");
    };
    expect(told(3).map((s) => [s.subject, s.severity])).toEqual([
      ["behind-back", "mind"],
      ["behind-left", "mind"],
      ["behind-right", "mind"],
    ]);
    expect(told(3)[0]!.title).toBe("Rosy boa: gets behind the back panel");
    expect(told(3)[0]!.fix).toBeDefined();
    expect(told(14)).toEqual([]);
  });
  it("before a background that is kept have a gap of their own", () => {
    const build = newBuild("Kept", { unit: "mm" }, newVariant("frontGlass"));
    const variant = build.variants[0]!;
    const { found } = variant.shell as FrontGlassShell;
    found.background = { is: "kept", thickness: statedMm(30), gap: statedMm(6) };
    variant.background.walls = [plainWall("back", { buildUp: "panels" })];
    const behind = planned(build).audit.ways.filter((w) => w.inside);
    expect(behind.map((w) => w.id).sort()).toEqual(["behind-back", "behind-lining"]);
  });
  it("lie on no side of the shell and wait for its seams only to go in", () => {
    const { steps } = planned(panels());
    const own = steps.filter((s) => /^background\/(back|left|right)\//.test(s.id));
    expect(own.length).toBeGreaterThan(9);
    expect(own.filter((s) => s.posture)).toEqual([]);
    const waiting = own.filter((s) => s.after.some((a) => a.id === "seal/bead")).map((s) => s.id.split("/")[2]);
    expect([...new Set(waiting)]).toEqual(["fit"]);
  });
});

describe("boards laminated", () => {
  const { site } = planned(bareTank());
  it("reach the depth with the least left over, then in the fewest layers", () => {
    expect(laminate(site, 50)).toEqual({ thicknessMm: 50, layers: 1 });
    expect(laminate(site, 60)).toEqual({ thicknessMm: 30, layers: 2 });
    expect(laminate(site, 40)).toEqual({ thicknessMm: 20, layers: 2 });
    expect(laminate(site, 72)).toEqual({ thicknessMm: 20, layers: 4 });
  });
});
