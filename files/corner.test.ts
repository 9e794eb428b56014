import DxfParser, { type ILwpolylineEntity } from "dxf-parser";
import { describe, expect, it } from "vitest";
import { statedMm } from "../core/design/measure";
import { checkDesign } from "../core/document/check";
import type { OddPart } from "../core/odd/schema";
import { plan } from "../core/plan";
import { jobInput } from "../tests/job";
import { darkRun, renderPdf } from "../tests/renderPdf";
import { cornerTemplatePdf } from "./cornerTemplate";
import { sheetsDxf } from "./dxf";
import { cornerFile, readCornerFile } from "./templateFile";

const shelf: OddPart = {
  ...{ id: "odd-1", label: "Shelf", material: "pvc-foam-10", qty: 1, grainLocked: false },
  ...{ length: statedMm(500), width: statedMm(240) },
  corners: { count: 2, length: statedMm(70), width: statedMm(45) },
};
const withShelf = (odd: OddPart) => {
  const input = jobInput();
  const design = structuredClone(input.design);
  design.variants[0]!.oddParts.push(odd);
  return { ...input, design };
};
const planned = plan(withShelf(shelf));

describe("a part with corners cut out", () => {
  it("is drawn with them in the DXF that a machine cuts from", () => {
    const { entities } = new DxfParser().parseSync(sheetsDxf(planned))!;
    const lines = entities.filter((e) => e.layer === "CUT") as ILwpolylineEntity[];
    const [outline, ...others] = lines.filter(({ vertices }) => vertices.length === 8);
    expect(others).toEqual([]);
    const edges = outline!.vertices.map((a, i) => {
      const b = outline!.vertices[(i + 1) % 8]!;
      return Math.round(Math.hypot(a.x - b.x, a.y - b.y));
    });
    expect(edges.sort((a, b) => a - b)).toEqual([45, 45, 70, 70, 195, 195, 360, 500]);
  });
  it("says so in the list of parts", () => {
    expect(planned.parts.find((p) => p.id === "odd/odd-1")).toMatchObject({
      label: "Shelf, corners out",
      corners: { count: 2, lengthMm: 70, widthMm: 45 },
    });
  });
  it("has a template at its true size, with a bar of 100 mm", async () => {
    const raster = await renderPdf((await cornerTemplatePdf(planned, "The job", shelf, "a4"))!, 1, 300);
    const mm = (px: number) => px / raster.perMm;
    // The part's edge is drawn 40 mm past the cut, which is the longest line above the bar: 70 + 40.
    const rows = Array.from({ length: Math.round(raster.height * 0.8) }, (_, y) => ({ y, run: darkRun(raster, y) }));
    const edge = rows.reduce((a, b) => (b.run.length > a.run.length ? b : a));
    expect(mm(edge.run.length)).toBeCloseTo(110, 0);
    // The cut along the length lies 45 mm from it, and is 70 mm long.
    const cut = rows.filter(({ y }) => Math.abs(mm(y - edge.y) - 45) < 0.6).map(({ run }) => mm(run.length));
    expect(Math.max(...cut)).toBeCloseTo(70, 0);
    const bar = Math.max(
      ...Array.from(
        { length: Math.round(raster.height * 0.1) },
        (_, k) => darkRun(raster, raster.height - 1 - k).length,
      ),
    );
    expect(mm(bar)).toBeCloseTo(100, 0);
  });
  it("has no template without them, and its file's name is read back", () => {
    const { corners: _, ...plain } = shelf;
    expect(cornerTemplatePdf(planned, "The job", plain, "a4")).toBeUndefined();
    expect(readCornerFile(cornerFile("odd-1", "letter"))).toEqual({ oddId: "odd-1", paper: "letter" });
    expect(readCornerFile("template-odd-1-inside-a4.pdf")).toBeUndefined();
  });
  it("must leave something between two corners", () => {
    const wrong = (corners: OddPart["corners"]) => {
      const { design, book } = withShelf({ ...shelf, corners });
      return checkDesign(design, book).map((p) => p.message);
    };
    expect(wrong({ count: 2, length: statedMm(260), width: statedMm(45) })[0]).toMatch(/A corner's length/);
    expect(wrong({ count: 1, length: statedMm(260), width: statedMm(45) })).toEqual([]);
    expect(wrong({ count: 4, length: statedMm(70), width: statedMm(130) })[0]).toMatch(/A corner's width/);
  });
});
