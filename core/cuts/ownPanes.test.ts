import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { haberdasher } from "../../demo/builds";
import { cutListCsv } from "../../files/lists";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import { chosenVariant } from "../document/variant";
import { plan } from "../plan";
import type { CabinetShell } from "../shell/kinds/cabinet/schema";

const cabinet = (change: (shell: CabinetShell) => void) => {
  const build = haberdasher();
  change(chosenVariant(build).shell as CabinetShell);
  return plan(jobInput(build));
};

describe("panes cut from what a shell came with", () => {
  it("are whole: every pane lies in a shelf, none over another, or is named as left over", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 1080 }),
        fc.integer({ min: 200, max: 540 }),
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 40, max: 200 }),
        (width, depth, count, height) => {
          const p = cabinet((shell) => {
            shell.found.shelves = [
              { ...shell.found.shelves[0]!, width: statedMm(width), depth: statedMm(depth), count },
            ];
            shell.tray = { height: statedMm(height) };
          });
          const own = p.groups.find((g) => g.own)!;
          const placed = own.solution.sheets.flatMap((s) => s.parts);
          const left = own.solution.unplaced.reduce((n, u) => n + u.qty, 0);
          expect(placed.length + left).toBe(5);
          expect(own.solution.sheets.length).toBeLessThanOrEqual(count);
          for (const sheet of own.solution.sheets)
            for (const [i, a] of sheet.parts.entries()) {
              expect(a.x).toBeGreaterThanOrEqual(0);
              expect(a.x + a.w).toBeLessThanOrEqual(width + 1e-6);
              expect(a.y + a.h).toBeLessThanOrEqual(depth + 1e-6);
              for (const b of sheet.parts.slice(0, i))
                expect(
                  a.x + a.w <= b.x + 1e-6 ||
                    b.x + b.w <= a.x + 1e-6 ||
                    a.y + a.h <= b.y + 1e-6 ||
                    b.y + b.h <= a.y + 1e-6,
                ).toBe(true);
            }
        },
      ),
      { numRuns: 40 },
    );
  });

  it("make a tray that goes into its cabinet and holds its height", () => {
    const { shell } = cabinet(() => {});
    expect(shell.tray!.widthMm).toBeLessThanOrEqual(shell.inside.widthMm - 6);
    expect(shell.tray!.depthMm).toBeLessThanOrEqual(shell.inside.depthMm - 6);
    expect(shell.levels.damTopMm).toBe(115);
    const panes = Object.fromEntries(shell.ownPanes.map((p) => [p.id, p]));
    // Two ends and two walls' thickness make up the base's depth.
    expect(panes["tray/short"]!.lengthMm + 2 * shell.tray!.glassMm).toBe(shell.tray!.depthMm);
    expect(panes["tray/long"]!.widthMm + shell.tray!.glassMm).toBe(115);
  });

  it("are in the cut list as what they are, and in nobody's shopping", () => {
    const p = cabinet(() => {});
    const csv = cutListCsv(p);
    expect(csv).toMatch(/Tray base,ownPane,its own panes,1080,520,6,1/);
    expect(csv).toMatch(/Tray front and back,ownPane,its own panes,1080,109,6,2/);
    expect(p.buying.lines.map((l) => l.materialId)).not.toContain("own-panes");
    expect(p.steps.find((s) => s.id === "shell/cut-shelves")!.detail).toMatch(/^5 panes from 2 shelves/);
  });

  it("are not offered as a cure where the shelves would not give the tray", () => {
    const p = cabinet((shell) => {
      shell.tray = null;
      // One narrow shelf gives a base and nothing to stand on it.
      shell.found.shelves = [
        { ...shell.found.shelves[0]!, width: statedMm(200), depth: statedMm(150), count: 1, use: "keep" },
      ];
    });
    const swells = p.snags.find((s) => s.rule === "shell/board-swells")!;
    expect(swells.severity).toBe("stop");
    expect(swells.fix).toBeUndefined();
  });

  it("stop the build where none are given up for a tray that is wanted", () => {
    const p = cabinet((shell) => {
      for (const shelf of shell.found.shelves) shelf.use = "keep";
    });
    expect(p.groups.map((g) => g.material.id)).toEqual(["twin-wall-4"]);
    expect(p.snags.map((s) => s.rule)).toContain("shell/tray-without-glass");
  });
});
