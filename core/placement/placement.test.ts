import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyFoundBuild } from "../../tests/anyShell";
import { jobInput } from "../../tests/job";
import { planUnproved, quick } from "../../tests/quick";
import { statedMm } from "../design/measure";
import { FACES } from "../design/names";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import type { Feature } from "../features/schema";
import { plan } from "../plan";
import { buildShell } from "../shell/buildShell";
import { contains } from "../shell/outline";
import { heightOf } from "../shell/space";
import { applyFix } from "../snags/fix";
import { centreSpan } from "./room";

const planned = (build: Build) => planUnproved(jobInput(build));
const port = (face: Feature["face"], bore: number): Feature => ({
  id: "port",
  name: "Port",
  face,
  kind: "port",
  origin: "made",
  tube: null,
  use: "probe",
  bore: statedMm(bore),
  gap: statedMm(0),
  u: statedMm(0),
  v: statedMm(0),
});
const with1 = (build: Build, feature: Feature): Build => {
  const copy = structuredClone(build);
  chosenVariant(copy).features = [feature];
  return copy;
};
const placing = (build: Build) =>
  planned(build)
    .snags.map((s) => s.rule)
    .filter((rule) => ["place/off-the-face", "place/too-near-the-edge", "place/below-the-ground"].includes(rule));

describe("where a feature may stand, on any face of any shell", () => {
  it("is free of every placement snag all over the span it is given", () => {
    fc.assert(
      fc.property(
        anyFoundBuild(),
        fc.constantFrom(...FACES),
        fc.integer({ min: 4, max: 40 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (build, face, bore, across, up) => {
          const feature = port(face, bore);
          const { site } = planned(with1(build, feature));
          const span = centreSpan(site, feature);
          if (span.u[0] > span.u[1] || span.v[0] > span.v[1]) return;
          feature.u = statedMm(span.u[0] + across * (span.u[1] - span.u[0]));
          feature.v = statedMm(span.v[0] + up * (span.v[1] - span.v[0]));
          expect(placing(with1(build, feature))).toEqual([]);
        },
      ),
      { numRuns: 20 },
    );
  });

  it("is told when it sticks out of its outline, and only then", () => {
    fc.assert(
      fc.property(
        anyFoundBuild(),
        fc.constantFrom(...FACES),
        fc.integer({ min: -50, max: 900 }),
        fc.integer({ min: -50, max: 900 }),
        (build, face, u, v) => {
          const feature = { ...port(face, 10), u: statedMm(u), v: statedMm(v) };
          const { outline } = buildShell(chosenVariant(build), jobInput().book).faces[face];
          const inside = contains(outline, { uMm: u - 5, vMm: v - 5, widthMm: 10, heightMm: 10 });
          expect(placing(with1(build, feature)).includes("place/off-the-face")).toBe(!inside);
        },
      ),
      { numRuns: 20 },
    );
  });

  it("is brought back by the fix, to a place that is clean", () => {
    fc.assert(
      fc.property(anyFoundBuild(), fc.constantFrom(...FACES), (build, face) => {
        const lost = with1(build, { ...port(face, 12), u: statedMm(-300), v: statedMm(5000) });
        const snag = plan(jobInput(lost), quick).snags.find((s) => s.rule === "place/off-the-face")!;
        expect(snag.sentence).toMatch(/It takes 12 mm × 12 mm/);
        if (snag.fix) expect(placing(applyFix(lost, snag.fix.patch))).not.toContain("place/off-the-face");
      }),
      { numRuns: 20 },
    );
  });

  it("stays over substrate and water by height, whatever the wall leans", () => {
    fc.assert(
      fc.property(anyFoundBuild(), (build) => {
        const feature = port("left", 10);
        const { site, shell } = planned(with1(build, feature));
        const line = Math.max(shell.levels.groundMm, shell.levels.waterMm);
        const low = centreSpan(site, feature).v[0] - 5;
        if (line > 0) expect(heightOf(shell.faces.left.frame, low)).toBeGreaterThan(line);
      }),
      { numRuns: 20 },
    );
  });
});
