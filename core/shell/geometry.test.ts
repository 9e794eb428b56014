import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../demo/builds";
import { demoBook } from "../../demo/tern-street";
import { FACES } from "../design/names";
import { chosenVariant } from "../document/variant";
import { drawnCorners } from "../features/drawn";
import { centreOfMass, tippingDegrees } from "../standing/standing";
import { buildShell } from "./buildShell";
import { layNet, toNet } from "./net";
import { areaMm2, below, centroid, clearance, contains, disc, extent, rectangle, trapezium } from "./outline";
import { areaAtMm2, boxProfile, type Profile, volumeBelowMl } from "./profile";
import { cutShell } from "./section";
import type { Shell } from "./shell";
import { heightOf, toSpace, type Vec3, vAtHeight } from "./space";
import { wallMesh } from "./wallMesh";

const far = (a: readonly number[], b: readonly number[]) => Math.hypot(...a.map((x, i) => x - b[i]!));
const shells = demoBuilds().map((b): [string, Shell] => [b.name, buildShell(chosenVariant(b), demoBook())]);

describe("volumes", () => {
  const tub = (rim: [number, number], foot: [number, number], heightMm: number): Profile => ({
    round: false,
    rimWidthMm: rim[0],
    rimDepthMm: rim[1],
    footWidthMm: foot[0],
    footDepthMm: foot[1],
    heightMm,
    cornerRadiusMm: 0,
  });

  it("follows the prismoidal rule worked by hand (mensuration)", () => {
    // 500 × 300 at the rim, 400 × 200 at the foot, 300 high; middle 450 × 250.
    // 300/6 · (80 000 + 4 · 112 500 + 150 000) = 34 000 000 mm³.
    expect(volumeBelowMl(tub([500, 300], [400, 200], 300), 300)).toBeCloseTo(34_000, 6);
  });

  it("is π·h/12·(D² + Dd + d²) for a cone's frustum, and π/4·d²·h for a cylinder (mensuration)", () => {
    const round = (rim: number, foot: number, heightMm: number) => ({
      ...tub([rim, rim], [foot, foot], heightMm),
      round: true,
    });
    expect(volumeBelowMl(round(250, 230, 140), 140)).toBeCloseTo(
      ((Math.PI * 140) / 12) * (250 ** 2 + 250 * 230 + 230 ** 2) * 1e-3,
      6,
    );
    expect(volumeBelowMl(round(200, 200, 100), 100)).toBeCloseTo((Math.PI / 4) * 200 ** 2 * 100 * 1e-3, 6);
  });

  it("adds up slice by slice, and takes rounded corners off", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 900 }),
        fc.integer({ min: 0, max: 80 }),
        fc.integer({ min: 0, max: 40 }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (foot, lean, cornerRadiusMm, share) => {
          const profile = { ...tub([foot + lean, foot + lean], [foot, foot], 300), cornerRadiusMm };
          const to = share * 300;
          let slices = 0;
          for (let i = 0; i < 2000; i++) slices += (areaAtMm2(profile, ((i + 0.5) / 2000) * to) * to) / 2000 / 1000;
          expect(volumeBelowMl(profile, to) / slices).toBeCloseTo(1, 5);
        },
      ),
      { numRuns: 20 },
    );
  });

  it("is width × depth × height for a box", () => {
    expect(volumeBelowMl(boxProfile({ widthMm: 1500, depthMm: 600, heightMm: 600 }), 600)).toBeCloseTo(540_000, 6);
  });
});

describe("outlines", () => {
  it("have the areas and middles geometry gives them", () => {
    expect(areaMm2(rectangle(300, 200))).toBe(60_000);
    expect(areaMm2(trapezium(400, 500, 300))).toBe(135_000);
    expect(areaMm2(disc(200, 2000))).toBeCloseTo(Math.PI * 100 ** 2, 0);
    // A trapezium's centroid: h/3 · (a + 2b)/(a + b) from the edge a.
    expect(centroid(trapezium(400, 500, 300))[1]).toBeCloseTo((300 / 3) * (1400 / 900), 9);
    expect(centroid(rectangle(300, 200))).toEqual([150, 100]);
  });

  it("tell what lies within them, and by how much", () => {
    const wall = trapezium(400, 500, 300);
    expect(contains(wall, { uMm: 50, vMm: 0, widthMm: 400, heightMm: 300 })).toBe(true);
    expect(contains(wall, { uMm: 20, vMm: 0, widthMm: 400, heightMm: 100 })).toBe(false);
    expect(contains(wall, { uMm: 20, vMm: 200, widthMm: 400, heightMm: 100 })).toBe(true);
    expect(clearance(rectangle(300, 200), { uMm: 10, vMm: 25, widthMm: 100, heightMm: 100 })).toBe(10);
  });

  it("are cut at a height", () => {
    expect(areaMm2(below(rectangle(300, 200), 50))).toBe(15_000);
    // 400 at the foot, 433.3 at 100 of 300.
    expect(areaMm2(below(trapezium(400, 500, 300), 100))).toBeCloseTo(((400 + 400 + 100 / 3) / 2) * 100, 6);
  });
});

describe("standing", () => {
  it("finds the centre of mass and the tipping angle of two blocks by hand", () => {
    // 10 kg at 100 mm and 30 kg at 500 mm: (10 · 100 + 30 · 500) / 40 = 400.
    const blocks = [
      { id: "a", label: "a", kg: 10, at: [0, 300, 100] as Vec3 },
      { id: "b", label: "b", kg: 30, at: [200, 100, 500] as Vec3 },
    ];
    expect(centreOfMass(blocks)).toEqual([150, 150, 400]);
    // tan α = 150/400.
    expect(tippingDegrees(150, 400)).toBeCloseTo(20.556, 3);
    expect(tippingDegrees(100, 100)).toBeCloseTo(45, 9);
  });
});

describe.each(shells)("%s: one shell in every view", (_, shell) => {
  const net = layNet(shell.faces, 20);

  it("has faces that meet: the walls' feet are the base's edge, their rims the top's", () => {
    const { base, top, left, back } = shell.faces;
    for (const [wall, lying, at] of [
      [left, base, 0],
      [left, top, 1],
      [back, base, 0],
      [back, top, 1],
    ] as const) {
      const whole = extent(wall.outline);
      const edge = toSpace(wall.frame, [whole.uMm + whole.widthMm / 2, at * whole.heightMm]);
      const lies = extent(lying.outline);
      const middle =
        wall.id === "left"
          ? toSpace(lying.frame, [lies.uMm, lies.vMm + lies.heightMm / 2])
          : toSpace(lying.frame, [lies.uMm + lies.widthMm / 2, lies.vMm + lies.heightMm]);
      expect(far(edge, middle), `${wall.id} to ${lying.id}`).toBeLessThan(1e-6);
    }
  });

  it("draws lengths on the net as long as they are in space", () => {
    for (const id of FACES) {
      const face = shell.faces[id];
      const { uMm, vMm, widthMm, heightMm } = face.room;
      const a = [uMm + widthMm * 0.4, vMm + heightMm * 0.3] as const;
      const b = [uMm + widthMm * 0.4, vMm + heightMm * 0.8] as const;
      const [p, q] = [toNet(id, ...a, net), toNet(id, ...b, net)];
      // Along v a wall is straight, round ones too, so chord and arc agree but for the lean of the meridian.
      expect(Math.hypot(p.x - q.x, p.y - q.y) / far(toSpace(face.frame, a), toSpace(face.frame, b))).toBeCloseTo(1, 2);
    }
  });

  it("puts every level at the same height on the walls, in the sections and in the stack", () => {
    const heights = cutShell(shell, "frontBack").levels;
    expect(cutShell(shell, "leftRight").levels).toEqual(heights);
    for (const { zMm } of heights.filter((l) => l.zMm >= 0))
      for (const id of ["left", "right", "back", "front"] as const) {
        const { frame } = shell.faces[id];
        expect(heightOf(frame, vAtHeight(frame, zMm))).toBeCloseTo(zMm, 6);
        expect(toSpace(frame, [extent(shell.faces[id].outline).widthMm / 2, vAtHeight(frame, zMm)])[2]).toBeCloseTo(
          zMm,
          6,
        );
      }
  });

  it("cuts walls in the sections where the model has them", () => {
    for (const cut of ["frontBack", "leftRight"] as const)
      for (const wall of cutShell(shell, cut).walls.filter((w) => w.id === w.face)) {
        const points = wallMesh(shell.faces[wall.face]).points;
        const across = cut === "frontBack" ? 1 : 0;
        const span = (values: number[]) => [Math.min(...values), Math.max(...values)];
        const [low, high] = span(points.map((p) => p[2]));
        const [cutLow, cutHigh] = span(wall.points.map((p) => p[1]));
        // A round wall's slope is the section's own; both are within its thickness.
        expect(Math.abs(cutLow! - low!), wall.id).toBeLessThanOrEqual(
          shell.faces[wall.face].material.thicknessMm + 1e-6,
        );
        expect(Math.abs(cutHigh! - high!), wall.id).toBeLessThanOrEqual(
          shell.faces[wall.face].material.thicknessMm + 1e-6,
        );
        const [near, away] = span(points.map((p) => p[across]!));
        for (const [at] of wall.points) {
          expect(at).toBeGreaterThanOrEqual(near! - 1e-6);
          expect(at).toBeLessThanOrEqual(away! + 1e-6);
        }
      }
  });

  it("models every wall on its outline, with no triangle of nothing", () => {
    for (const face of Object.values(shell.faces).filter((f) => !f.open)) {
      const { points, triangles } = wallMesh(face);
      expect(points.flat().every(Number.isFinite)).toBe(true);
      expect(Math.max(...triangles.flat())).toBeLessThan(points.length);
      if (face.frame.kind === "plane")
        expect(points.slice(0, face.outline.length)).toEqual(face.outline.map((p) => toSpace(face.frame, p)));
    }
  });

  it("puts features at one place in net and model", () => {
    const build = demoBuilds().find((b) => buildShell(chosenVariant(b), demoBook()).kind === shell.kind)!;
    for (const feature of chosenVariant(build).features) {
      const face = shell.faces[feature.face];
      const corners = drawnCorners(feature);
      const middle = toSpace(face.frame, [feature.u.value, feature.v.value]);
      const mean = [0, 1, 2].map(
        (i) => corners.reduce((sum, c) => sum + toSpace(face.frame, c)[i]!, 0) / corners.length,
      );
      if (face.frame.kind === "plane") expect(far(middle, mean)).toBeLessThan(1e-6);
      const drawn = corners.map(([u, v]) => toNet(feature.face, u, v, net));
      const at = toNet(feature.face, feature.u.value, feature.v.value, net);
      expect(drawn.reduce((s, p) => s + p.x, 0) / 4).toBeCloseTo(at.x, 6);
      expect(drawn.reduce((s, p) => s + p.y, 0) / 4).toBeCloseTo(at.y, 6);
    }
  });
});
