import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyFoundBuild } from "../../tests/anyShell";
import { bareTank, plainWall, planned } from "../../tests/bareTank";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import { chosenVariant } from "../document/variant";
import { buildShell } from "../shell/buildShell";
import { toSpace } from "../shell/space";
import { standsOutMm } from "./cover";
import { coversOf } from "./covers";
import { newZone } from "./create";
import { cutCovers } from "./cut";
import { coverMesh } from "./mesh";

const coverOf = (build: ReturnType<typeof bareTank>) => {
  const variant = chosenVariant(build);
  const shell = buildShell(variant, jobInput().book);
  return { shell, variant, cover: coversOf(shell, variant)[0]! };
};

describe("what a wall covers", () => {
  it("is the wall over its bare foot less what stays free, by hand", () => {
    const { cover } = coverOf(
      bareTank((v) => {
        v.shell.groundDepth = statedMm(80);
        v.background.walls = [plainWall("back")];
        v.features = [
          {
            ...{ id: "pane", name: "Window", face: "back", kind: "keepOut", origin: "made", use: "window", deep: null },
            ...{ width: statedMm(200), height: statedMm(150), u: statedMm(450), v: statedMm(300) },
          },
        ];
      }),
    );
    // 900 × 600 inside; ground to 80, begun 20 over it: 900 × 500 − 200 × 150.
    expect(cover.footMm).toBe(100);
    expect(cover.m2).toBeCloseTo(0.45 - 0.03, 9);
    expect(cover.volumeMl).toBeCloseTo(0.42 * 40 * 1000, 6);
  });
  it("counts what of a keep-out lies over the foot only", () => {
    const { cover } = coverOf(
      bareTank((v) => {
        v.background.walls = [plainWall("back", { foot: statedMm(100) })];
        v.features = [
          {
            ...{ id: "w", name: "Window", face: "back", kind: "keepOut", origin: "made", use: "window", deep: null },
            ...{ width: statedMm(100), height: statedMm(100), u: statedMm(450), v: statedMm(100) },
          },
        ];
      }),
    );
    expect(cover.bareM2).toBeCloseTo(0.1 * 0.05, 9);
  });
  it("takes ledges, deeper foam, planters and bare strips into its foam", () => {
    const volume = (...zones: ReturnType<typeof newZone>[]) => {
      const { cover } = coverOf(
        bareTank((v) => {
          v.background = { walls: [plainWall("back")], zones, swatches: [] };
        }),
      );
      return cover.volumeMl / 1000;
    };
    const bare = volume();
    expect(bare).toBeCloseTo(0.54 * 40, 9);
    const at = { face: "back", u: 450, v: 300 } as const;
    const sized = (kind: Parameters<typeof newZone>[0], depth: number) => ({
      ...newZone(kind, "z", at),
      ...{ width: statedMm(200), height: statedMm(100), depth: statedMm(depth) },
    });
    // A ledge is a half ellipse over the wall: π/4 of 0.02 m² × 60 mm.
    expect(volume(sized("ledge", 100) as never) - bare).toBeCloseTo((Math.PI / 4) * 0.02 * 60, 9);
    expect(volume(sized("foam", 60) as never) - bare).toBeCloseTo(0.02 * 20, 9);
    expect(volume(sized("planter", 85) as never) - bare).toBeCloseTo((-Math.PI / 4) * 0.02 * 40, 9);
    expect(volume({ ...newZone("bare", "z", at), width: statedMm(200), height: statedMm(100) }) - bare).toBeCloseTo(
      -0.02 * 40,
      9,
    );
  });
  it("leaves the room what the walls do not take, by hand", () => {
    const figures = planned(
      bareTank((v) => {
        v.background.walls = [
          plainWall("back", { relief: statedMm(20) }),
          plainWall("left"),
          plainWall("right", { depth: statedMm(30) }),
        ];
      }),
    ).figures;
    const value = (id: string) => figures.find((f) => f.id === id)!.value;
    expect(value("background/net-width")).toBeCloseTo(900 - 40 - 30, 9);
    expect(value("background/net-depth")).toBeCloseTo(450 - 50, 9);
    expect(value("background/net-room")).toBeCloseTo((830 * 400 * 600) / 1e6, 6);
  });
  it("is judged against the resident's need within the walls", () => {
    const build = bareTank((v) => {
      v.background.walls = [plainWall("back", { depth: statedMm(120) })];
    });
    build.brief.residents = [
      { ...jobInput().design.brief.residents[0]!, needs: { length: null, width: statedMm(400), height: null } },
    ];
    expect(planned(build).snags.some((s) => s.rule === "fit/too-small")).toBe(true);
    chosenVariant(build).background.walls = [];
    expect(planned(build).snags.some((s) => s.rule === "fit/too-small")).toBe(false);
  });
});

describe("net, section and model of a wall agree", () => {
  it("on what is left bare: no foam stands over a window in any of them", () => {
    const { shell, cover } = coverOf(
      bareTank((v) => {
        v.background.walls = [plainWall("back")];
        v.features = [
          {
            ...{ id: "pane", name: "Window", face: "back", kind: "keepOut", origin: "made", use: "window", deep: null },
            ...{ width: statedMm(200), height: statedMm(150), u: statedMm(450), v: statedMm(300) },
          },
        ];
      }),
    );
    expect(cover.bare).toEqual([{ uMm: 350, vMm: 225, widthMm: 200, heightMm: 150 }]);
    expect([standsOutMm(cover, 450, 300), standsOutMm(cover, 450, 400), standsOutMm(cover, 200, 300)]).toEqual([
      0, 40, 40,
    ]);
    // Row and column 12 of the relief are the middle of the wall; the inside of the back is at 450.
    expect(coverMesh(shell, cover).points[12 * 25 + 12]![1]).toBeCloseTo(449.5, 6);
    const through = cutCovers(shell, [cover], "frontBack", 450)[0]!.points.filter(([, z]) => z > 226 && z < 374);
    expect(through.every(([y]) => Math.abs(y - 450) < 1e-6)).toBe(true);
    const beside = cutCovers(shell, [cover], "frontBack", 200)[0]!.points.filter(([, z]) => z > 226 && z < 374);
    expect(beside.some(([y]) => Math.abs(y - 410) < 1e-6)).toBe(true);
  });

  it("on any shell: the section's profile is the relief's, and both stand out as the wall says", () => {
    fc.assert(
      fc.property(anyFoundBuild(), (design) => {
        const variant = chosenVariant(design);
        const shell = buildShell(variant, jobInput().book);
        const covers = coversOf(shell, variant).filter((c) => c.rect.heightMm > 1);
        for (const cover of covers) {
          const mid = cover.rect.uMm + cover.rect.widthMm / 2;
          const cut = cover.wall.face === "back" ? "frontBack" : "leftRight";
          const axis = cut === "frontBack" ? 1 : 0;
          const piece = cutCovers(shell, [cover], cut, mid).find((p) => p.id === cover.wall.face)!;
          const mesh = coverMesh(shell, cover);
          // The relief's middle column is its 12th of 24.
          for (const row of [0, 8, 16, 24]) {
            const v = cover.rect.vMm + (cover.rect.heightMm * row) / 24;
            const out = standsOutMm(cover, mid, v);
            const onWall = toSpace(shell.faces[cover.wall.face].frame, [mid, v]);
            const model = mesh.points[row * 25 + 12]!;
            expect(Math.hypot(model[0] - onWall[0], model[1] - onWall[1], model[2] - onWall[2])).toBeCloseTo(
              Math.max(0.5, out),
              6,
            );
            // Heights of the relief's rows are among the section's own: its outline passes through the very point.
            const at = [out >= 0.5 ? model[axis] : onWall[axis], out >= 0.5 ? model[2] : onWall[2]] as const;
            const near = Math.min(...piece.points.map(([a, z]) => Math.hypot(a - at[0], z - at[1])));
            expect(near).toBeLessThan(0.51);
          }
        }
      }),
      { numRuns: 25 },
    );
  });
});
