import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import Papa from "papaparse";
import { PDFDocument } from "pdf-lib";
import { describe, expect, it } from "vitest";
import { plan, publicPlan } from "../core/plan";
import { exampleBuilds } from "../demo/builds";
import { demoLog } from "../demo/logs";
import { DEMO_NOW, demoBook, demoStock, demoWorkshop } from "../demo/tern-street";
import { jobBuild, jobInput } from "../tests/job";
import { readBuildFile, writeBuildFile } from "./buildFile";
import { cutListCsv, shoppingCsv } from "./lists";
import { SCHEMAS } from "./schemas";
import { fittingScale, netScale, shopSheetPdf } from "./shopSheet";
import { tilesFor } from "./tiled";
import { backTilesPdf } from "./tiles";

const planned = plan(jobInput());

describe("build files", () => {
  it("bring back the same plan", () => {
    const read = readBuildFile(JSON.parse(writeBuildFile(jobInput())));
    if (!read.ok) throw new Error(read.message);
    expect(publicPlan(plan(read.value))).toEqual(publicPlan(planned));
  });

  it("in examples/ are the demo builds, and every kind of door and lid", () => {
    const names = readdirSync("examples").sort();
    expect(names).toHaveLength(exampleBuilds().length);
    for (const design of exampleBuilds()) {
      const name = `${design.name.toLowerCase().replace(/[^a-z0-9]+/g, "-")}.json`;
      const written = writeBuildFile({
        design,
        log: demoLog(design),
        nestings: [],
        book: demoBook(),
        stock: demoStock,
        workshop: demoWorkshop,
        now: DEMO_NOW,
        seed: 1,
      });
      expect(readFileSync(join("examples", name), "utf8"), `run npm run examples: ${name}`).toBe(written);
      expect(readBuildFile(JSON.parse(written))).toMatchObject({ ok: true });
    }
  });

  const file = JSON.parse(writeBuildFile(jobInput())) as Record<string, unknown>;
  it.each([
    [{}, /not a Hornwort build/],
    [[], /not a Hornwort build/],
    [{ ...file, version: 9 }, /version 9/],
    [{ ...file, book: { materials: [{ id: "x" }] } }, /damaged: book/],
    [{ ...file, now: "soon" }, /damaged: now/],
    [{ ...file, design: { ...jobBuild(), version: 99 } }, /version 99/],
  ])("are refused in words when they are none", (data, words) => {
    expect(readBuildFile(data)).toMatchObject({ ok: false, message: expect.stringMatching(words) });
    expect(readBuildFile(data)).toMatchObject({ message: expect.stringMatching(/Nothing was changed/) });
  });
});

describe("lists", () => {
  it("reads the cut list back", () => {
    const { data } = Papa.parse<Record<string, string>>(cutListCsv(planned).trim(), { header: true });
    expect(data).toHaveLength(planned.parts.length);
    expect(data.find((r) => r.part === "Back")).toMatchObject({
      "length mm": "1520",
      "width mm": "620",
      "tolerance mm": "1.2",
    });
  });
  it("writes inches beside millimetres in an inch build", () => {
    const design = jobBuild();
    design.brief.units = { unit: "in", denominator: 16 };
    const { data } = Papa.parse<Record<string, string>>(cutListCsv(plan(jobInput(design))).trim(), { header: true });
    expect(data.find((r) => r.part === "Top")).toMatchObject({ "length mm": "1520", length: '59 13/16"' });
  });
  it("sums the shopping list to the tally", () => {
    const { data } = Papa.parse<Record<string, string>>(shoppingCsv(planned).trim(), { header: true });
    const sum = data.reduce((n, r) => n + Math.round(Number(r["likely EUR"]) * 100), 0);
    expect(sum).toBe(planned.tally.costLikelyMinor);
  });
  it("never starts a cell with a formula", () => {
    const design = jobBuild();
    design.variants[0]!.features[1]!.name = "=1+1";
    expect(cutListCsv(plan(jobInput(design)))).not.toMatch(/(^|,)"?=/m);
  });
});

describe("the shop sheet", () => {
  it("chooses the least scale that fits", () => {
    expect(fittingScale(270, 150, 273, 160)).toBe(1);
    expect(fittingScale(2440, 1220, 273, 160)).toBe(10);
    expect(fittingScale(99_000, 10, 273, 160)).toBe(200);
  });

  it("is A4 lying, a page for the net, each sheet and both lists, and its scale bar measures 100 mm", async () => {
    const path = join(tmpdir(), `hornwort-sheet-${process.pid}.pdf`);
    const pdf = await shopSheetPdf(planned, "The job");
    writeFileSync(path, pdf);
    expect(pdf.subarray(0, 5).toString()).toBe("%PDF-");
    const text = pdf.toString("latin1");
    const boxes = [...text.matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)];
    expect(boxes).toHaveLength(5);
    // 297 × 210 mm in points.
    for (const [, w, h] of boxes)
      expect([Number(w), Number(h)]).toEqual([expect.closeTo(841.89, 1), expect.closeTo(595.28, 1)]);
    expect(netScale(planned)).toBe(20);
  });

  it("draws the back of the net at its true size on paper", async () => {
    // The uncompressed content names rectangles in millimetres under one scale of 72/25.4.
    const { inflateSync } = await import("node:zlib");
    const pdf = await shopSheetPdf(planned, "The job");
    const streams: string[] = [];
    let from = 0;
    for (;;) {
      const start = pdf.indexOf("stream\n", from);
      if (start < 0) break;
      const end = pdf.indexOf("\nendstream", start);
      try {
        streams.push(inflateSync(pdf.subarray(start + 7, end)).toString("latin1"));
      } catch {
        // Fonts and the like are not deflated text.
      }
      from = end + 10;
    }
    const net = streams.find((s) => s.includes(" re"))!;
    const scale = net.match(/([\d.]+) 0 0 ([\d.]+) 0 0 cm/)!;
    expect(Number(scale[1])).toBeCloseTo(72 / 25.4, 4);
    const rects = [...net.matchAll(/([-\d.]+) ([-\d.]+) ([-\d.]+) ([-\d.]+) re/g)].map((m) => [
      Number(m[3]),
      Number(m[4]),
    ]);
    // 1500 × 600 at 1 : 20, and the check bar.
    expect(rects).toContainEqual([75, 30]);
    expect(rects).toContainEqual([100, 1.5]);
  });

  it("can be read by another library than the one that wrote it", async () => {
    const read = await PDFDocument.load(await shopSheetPdf(planned, "The job"));
    expect(read.getPageCount()).toBe(5);
    expect(read.getTitle()).toBe("The job, shop sheet");
    for (const page of read.getPages()) expect(page.getWidth() / (72 / 25.4)).toBeCloseTo(297, 1);
  });
});

describe("the back at its true size", () => {
  it("takes as many sheets as its size asks for", () => {
    // A4 shows 190 × 265 of it and adds 180 × 255 with each sheet: 1500 = 10 + 8.3 × 180, 600 = 10 + 2.3 × 255.
    expect(tilesFor(1500, 600, "a4")).toMatchObject({ columns: 9, rows: 3 });
    expect(tilesFor(190, 265, "a4")).toMatchObject({ columns: 1, rows: 1 });
    expect(tilesFor(191, 266, "a4")).toMatchObject({ columns: 2, rows: 2 });
  });

  it.each([
    ["a4", 210, 297],
    ["letter", 215.9, 279.4],
  ] as const)("is tiled on %s, each page of that size", async (paper, widthMm, heightMm) => {
    const read = await PDFDocument.load(await backTilesPdf(planned, "The job", paper));
    const { columns, rows } = tilesFor(1500, 600, paper);
    expect(read.getPageCount()).toBe(columns * rows);
    for (const page of read.getPages()) {
      expect((page.getWidth() * 25.4) / 72).toBeCloseTo(widthMm, 1);
      expect((page.getHeight() * 25.4) / 72).toBeCloseTo(heightMm, 1);
    }
  });
});

describe("docs/schema", () => {
  it.each(Object.entries(SCHEMAS()))("%s is the one the code validates with", (name, text) => {
    expect(readFileSync(join("docs/schema", name), "utf8"), "run npm run schemas").toBe(text);
  });
});
