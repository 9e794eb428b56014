import DxfParser, { type ICircleEntity, type ILwpolylineEntity } from "dxf-parser";
import { PDFDocument } from "pdf-lib";
import { describe, expect, it } from "vitest";
import { plan } from "../core/plan";
import { jobInput } from "../tests/job";
import { facesDxf, sheetsDxf } from "./dxf";
import { labelsPdf } from "./labels";
import { readOddDxf } from "./oddDxf";
import { sheetsSvg } from "./sheetsSvg";
import { PAPERS } from "./tiled";

const planned = plan(jobInput());
const read = (text: string) => new DxfParser().parseSync(text)!;
const sizesOf = (polylines: ILwpolylineEntity[]) =>
  polylines
    .map(({ vertices }) => {
      const [xs, ys] = [vertices.map((v) => v.x), vertices.map((v) => v.y)];
      return `${(Math.max(...xs) - Math.min(...xs)).toFixed(1)} x ${(Math.max(...ys) - Math.min(...ys)).toFixed(1)}`;
    })
    .sort();
const onLayer = <T>(text: string, layer: string, type: string) =>
  read(text).entities.filter((e) => e.layer === layer && e.type === type) as unknown as T[];

describe("DXF, read back by another library than wrote it", () => {
  it("has every part at its finished size on CUT, in millimetres", () => {
    const text = sheetsDxf(planned);
    expect(read(text).header.$INSUNITS).toBe(4);
    const parts = planned.groups.flatMap((g) => g.layout.flatMap((s) => s.parts));
    expect(sizesOf(onLayer<ILwpolylineEntity>(text, "CUT", "LWPOLYLINE"))).toEqual(
      parts.map((p) => `${p.w.toFixed(1)} x ${p.h.toFixed(1)}`).sort(),
    );
    const sheets = planned.groups.flatMap((g) => g.layout);
    expect(onLayer(text, "SHEET", "LWPOLYLINE")).toHaveLength(sheets.length);
    expect(onLayer(text, "ENGRAVE", "TEXT")).toHaveLength(parts.length);
  });
  it("has every hole of a field on DRILL, a pitch apart", () => {
    const holes = onLayer<ICircleEntity>(facesDxf(planned), "DRILL", "CIRCLE");
    // 20 × 3 holes of 6 at a pitch of 12.
    expect(holes).toHaveLength(60);
    for (const hole of holes) expect(hole.radius).toBe(3);
    for (const { center: a } of holes) {
      const nearest = holes.map(({ center: b }) => Math.hypot(a.x - b.x, a.y - b.y)).filter((d) => d > 1e-6);
      expect(Math.min(...nearest)).toBeCloseTo(12, 3);
    }
  });
});

describe("rectangles of a drawing as odd parts", () => {
  it("come back from the sheets' own drawing, equal ones counted", () => {
    const { parts, errors } = readOddDxf(sheetsDxf(planned), { material: "pvc-foam-10", taken: ["odd-1"] });
    expect(errors).toEqual([]);
    const placed = planned.groups.flatMap((g) => g.layout.flatMap((s) => s.parts));
    const sheets = planned.groups.flatMap((g) => g.layout);
    expect(parts.reduce((n, p) => n + p.qty, 0)).toBe(placed.length + sheets.length);
    expect(parts.map((p) => p.id)).not.toContain("odd-1");
  });
  it("say of every other shape what it is", () => {
    const { parts, errors } = readOddDxf(facesDxf(planned), { material: "pvc-foam-10", taken: [] });
    expect(errors).toHaveLength(60);
    expect(errors[0]!.message).toMatch(/is a circle; only closed rectangles/);
    expect(parts.length).toBeGreaterThan(2);
    expect(readOddDxf("nonsense", { material: "pvc-foam-10", taken: [] }).errors[0]!.message).toMatch(/no DXF drawing/);
  });
});

it("draws sheets as SVG in millimetres", () => {
  const svg = sheetsSvg(planned, 'A "job" <1>');
  expect(svg).toContain('width="2440mm"');
  expect(svg).toContain("A &quot;job&quot; &lt;1&gt;");
  expect(svg.match(/class="part"/g)).toHaveLength(
    planned.groups.flatMap((g) => g.layout.flatMap((s) => s.parts)).length,
  );
  expect(svg).not.toMatch(/NaN|undefined/);
});

it("prints a label for every piece, 24 a page", async () => {
  const pieces = planned.parts.reduce((n, p) => n + p.qty, 0);
  const pages = (await PDFDocument.load(await labelsPdf(planned, "The job", "letter"))).getPages();
  expect(pages).toHaveLength(Math.ceil(pieces / 24));
  expect((pages[0]!.getWidth() / 72) * 25.4).toBeCloseTo(PAPERS.letter.widthMm, 1);
});
