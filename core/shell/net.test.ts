import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyFoundBuild } from "../../tests/anyShell";
import { jobBuild, jobInput, sheetShell } from "../../tests/job";
import { planUnproved } from "../../tests/quick";
import { FACES } from "../design/names";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { plan } from "../plan";
import { buildShell } from "./buildShell";
import { shellGuesses } from "./guesses";
import { layNet, moveOnFace, toNet } from "./net";
import { extent } from "./outline";

const GAP = 20;
const shellOf = (build: Build) => buildShell(chosenVariant(build), jobInput().book);

describe("the net of any shell", () => {
  it("keeps its faces apart, its walls on one line, and all within its size", () => {
    fc.assert(
      fc.property(anyFoundBuild(), (build) => {
        const net = layNet(shellOf(build).faces, GAP);
        const foot = (id: (typeof FACES)[number]) => net.faces[id].y + net.faces[id].h;
        for (const id of ["left", "right", "front"] as const) expect(foot(id)).toBeCloseTo(foot("back"), 6);
        for (const [i, a] of FACES.entries()) {
          const place = net.faces[a];
          expect(place.x).toBeGreaterThanOrEqual(-1e-9);
          expect(place.x + place.w).toBeLessThanOrEqual(net.widthMm + 1e-6);
          expect(place.y + place.h).toBeLessThanOrEqual(net.heightMm + 1e-6);
          for (const b of FACES.slice(0, i)) {
            const other = net.faces[b];
            const apart =
              place.x >= other.x + other.w + GAP - 1e-6 ||
              other.x >= place.x + place.w + GAP - 1e-6 ||
              place.y >= other.y + other.h + GAP - 1e-6 ||
              other.y >= place.y + place.h + GAP - 1e-6;
            expect(apart, `${a} and ${b}`).toBe(true);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  it("stands top and base over and under the back's middle", () => {
    fc.assert(
      fc.property(anyFoundBuild(), (build) => {
        const { faces } = layNet(shellOf(build).faces, GAP);
        const middle = (id: "back" | "top" | "base") => faces[id].x + faces[id].w / 2;
        expect(middle("top")).toBeCloseTo(middle("back"), 6);
        expect(middle("base")).toBeCloseTo(middle("back"), 6);
      }),
      { numRuns: 40 },
    );
  });

  it("draws every outline within its face's place, and follows the pointer as far as it goes", () => {
    fc.assert(
      fc.property(
        anyFoundBuild(),
        fc.integer({ min: -40, max: 40 }),
        fc.integer({ min: -40, max: 40 }),
        (build, dx, dy) => {
          const { faces } = shellOf(build);
          const net = layNet(faces, GAP);
          for (const id of FACES) {
            const place = net.faces[id];
            for (const [u, v] of faces[id].outline) {
              const { x, y } = toNet(id, u, v, net);
              expect(x).toBeGreaterThanOrEqual(place.x - 1e-6);
              expect(x).toBeLessThanOrEqual(place.x + place.w + 1e-6);
              expect(y).toBeGreaterThanOrEqual(place.y - 1e-6);
              expect(y).toBeLessThanOrEqual(place.y + place.h + 1e-6);
            }
            const whole = extent(faces[id].outline);
            const from = toNet(id, whole.widthMm / 2, whole.heightMm / 2, net);
            const step = moveOnFace(id, dx, dy);
            const to = toNet(id, whole.widthMm / 2 + step.uMm, whole.heightMm / 2 + step.vMm, net);
            expect(to.x - from.x).toBeCloseTo(dx, 6);
            expect(to.y - from.y).toBeCloseTo(dy, 6);
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe("guesses", () => {
  const guess = (value: number, share = 0.1) => ({
    typed: `about ${value}`,
    value,
    how: "guessed" as const,
    low: value * (1 - share),
    high: value * (1 + share),
  });

  it("widen the volume's range the rougher they are, and are asked for one by one", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 1500 }),
        fc.double({ min: 0.01, max: 0.2, noNaN: true }),
        fc.double({ min: 0.01, max: 0.2, noNaN: true }),
        (width, a, b) => {
          const build = jobBuild();
          const { size } = sheetShell(build);
          size.width = guess(width, Math.min(a, b));
          const range = () => {
            const figure = planUnproved(jobInput(build)).figures.find((f) => f.id === "shell/volume")!;
            return figure.high! - figure.low!;
          };
          const narrow = range();
          size.width = guess(width, Math.max(a, b));
          expect(range()).toBeGreaterThanOrEqual(narrow - 1e-9);
          size.height = guess(600, a);
          expect(range()).toBeGreaterThan(narrow - 1e-9);
          expect(shellGuesses(chosenVariant(build)).map((g) => g.path)).toEqual([
            "/shell/size/width",
            "/shell/size/height",
          ]);
        },
      ),
      { numRuns: 8 },
    );
  });

  it("are told by the survey's own words, and are gone once measured", () => {
    const build = jobBuild();
    const { size } = sheetShell(build);
    size.depth = guess(600);
    const snag = plan(jobInput(build)).snags.find((s) => s.rule === "shell/guessed")!;
    expect(snag).toMatchObject({ title: "Depth is a guess", subject: "/shell/size/depth", severity: "mind" });
    size.depth = { typed: "604", value: 604, how: "measured" };
    expect(plan(jobInput(build)).snags.map((s) => s.rule)).not.toContain("shell/guessed");
    expect(plan(jobInput(build)).figures.find((f) => f.id === "shell/volume")!.low).toBeUndefined();
  });
});
