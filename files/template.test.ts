import { PDFDocument } from "pdf-lib";
import { describe, expect, it } from "vitest";
import { statedMm } from "../core/design/measure";
import type { Feature } from "../core/features/schema";
import { plan } from "../core/plan";
import type { Slips } from "../core/slips/schema";
import { jobInput } from "../tests/job";
import { darkRun, type Raster, renderPdf } from "../tests/renderPdf";
import { slipsGuidePdf } from "./slipsGuide";
import { templatePdf } from "./template";
import { readTemplateFile, templateFile } from "./templateFile";
import { CHECK_BAR, PAPERS } from "./tiled";

const DPI = 300;
const planned = plan(jobInput());
const [low, high] = planned.site.variant.features as [Feature, Feature];
const write = (feature: Feature, side: "inside" | "outside" = "inside", paper: "a4" | "letter" = "a4") =>
  templatePdf(planned, "The job", feature, side, paper);

/** The bar's row of pixels: the longest dark run of the page's foot. */
function barOf(raster: Raster) {
  let best = { start: 0, length: 0, y: 0 };
  for (let y = Math.round(raster.height * 0.9); y < raster.height; y++) {
    const run = darkRun(raster, y);
    if (run.length > best.length) best = { ...run, y };
  }
  return best;
}

describe("a template at 300 dpi", () => {
  it.each(["a4", "letter"] as const)("has a check bar of 100 mm on every sheet of %s", async (paper) => {
    const bytes = await write(low, "inside", paper);
    const pages = (await PDFDocument.load(bytes)).getPages();
    expect(pages.length).toBeGreaterThan(1);
    for (const [i, page] of pages.entries()) {
      expect((page.getWidth() / 72) * 25.4).toBeCloseTo(PAPERS[paper].widthMm, 1);
      expect((page.getHeight() / 72) * 25.4).toBeCloseTo(PAPERS[paper].heightMm, 1);
      const raster = await renderPdf(bytes, i + 1, DPI);
      const bar = barOf(raster);
      // To within a pixel at either end, 0.17 mm.
      expect(bar.length / raster.perMm).toBeGreaterThan(99.8);
      expect(bar.length / raster.perMm).toBeLessThan(100.2);
      expect(bar.start / raster.perMm).toBeCloseTo(CHECK_BAR.leftMm, 0);
    }
  });

  it("draws an opening at its true size", async () => {
    const opening = { ...high, width: statedMm(120), height: statedMm(60) } as Feature;
    const raster = await renderPdf(await write(opening), 1, DPI);
    const mm = (x: number) => x / raster.perMm;
    // The opening's upper edge is the longest line of the upper half.
    let top = { start: 0, length: 0 };
    for (let y = 0; y < raster.height / 2; y++) {
      const run = darkRun(raster, y);
      if (run.length > top.length) top = run;
    }
    expect(mm(top.length)).toBeGreaterThan(119.5);
    expect(mm(top.length)).toBeLessThan(120.6);
  });

  it("is mirrored for the other side", async () => {
    // A small hole near the left edge of its face: the edge is the longest upright line of the page.
    const port = {
      ...{ id: "p", name: "Port", face: "left", kind: "port", origin: "made", use: "cable", tube: null },
      ...{ u: statedMm(20), v: statedMm(300), bore: statedMm(30), gap: statedMm(0) },
    } as Feature;
    const edge = async (side: "inside" | "outside") => {
      const raster = await renderPdf(await write(port, side), 1, 150);
      let best = { x: 0, dark: 0 };
      for (let x = 0; x < raster.width; x++) {
        let dark = 0;
        for (let y = 0; y < raster.height; y++) if (raster.grey(x, y) < 160) dark++;
        if (dark > best.dark) best = { x, dark };
      }
      return best.x / raster.perMm - CHECK_BAR.leftMm;
    };
    // The template is 90 mm wide and its middle, 45, lies over the port's: the edge is 20 mm to one side of it.
    expect(await edge("inside")).toBeCloseTo(25, 0);
    expect(await edge("outside")).toBeCloseTo(65, 0);
  });
});

it("prints guide lines for slips at their true size", async () => {
  const input = jobInput();
  const slips: Slips = {
    ...{ id: "slips-1", name: "Slips", face: "left", bond: "stack" },
    ...{ width: statedMm(120), height: statedMm(50), joint: statedMm(10), edge: statedMm(0), foot: statedMm(0) },
    ...{ breakagePercent: statedMm(0), onHand: null, packOf: null, packPrice: null },
  };
  const raster = await renderPdf((await slipsGuidePdf(plan(input), "The job", slips, "a4"))!, 1, 150);
  // A row is a run of dark as long as a piece, broken by joints: 600 of face hold five of 120, with no joint left.
  const runs = Array.from({ length: raster.height }, (_, y) => darkRun(raster, y).length / raster.perMm);
  expect(Math.max(...runs.slice(0, Math.round(raster.height * 0.9)))).toBeGreaterThan(115);
  const none = { ...slips, width: statedMm(2000) };
  expect(slipsGuidePdf(plan(input), "The job", none, "a4")).toBeUndefined();
});

it("is found by its file's name", () => {
  expect(readTemplateFile(templateFile(low, "outside", "letter"))).toEqual({
    featureId: low.id,
    side: "outside",
    paper: "letter",
  });
  expect(readTemplateFile("template-low-1-under-a4.pdf")).toBeUndefined();
});
