import { sawOrder } from "../core/cuts/saw/sawOrder";
import { sawSizeMm } from "../core/cuts/sawSize";
import type { SheetGroup } from "../core/cuts/sheets";
import { FACES } from "../core/design/names";
import { featureName, featureRect } from "../core/features/feature";
import { materialName } from "../core/materials/find";
import type { Plan } from "../core/plan";
import type { Rect } from "../core/shell/faces";
import { layNet, toNet } from "../core/shell/net";
import { formatLength, formatLengthWithUnit, formatNumber } from "../core/units/format";
import { formatMoney } from "../core/units/money";
import { type Doc, inPaperMm, label, PT, startPaper } from "./paper";

const MARGIN_MM = 12;
/** A4 lying, millimetres. */
const PAGE = { widthMm: 297, heightMm: 210 };
/** Scales a workshop ruler knows. */
const SCALES = [1, 2, 5, 10, 20, 25, 50, 100] as const;

/** The least scale, 1 : n, at which a drawing fits the room, from those a ruler knows. */
export function fittingScale(widthMm: number, heightMm: number, roomWidthMm: number, roomHeightMm: number): number {
  return SCALES.find((n) => widthMm / n <= roomWidthMm && heightMm / n <= roomHeightMm) ?? 200;
}

/** Millimetres of paper between the faces of the printed net, where their names stand. */
const NET_GAP_MM = 6;
const NET_ROOM = { widthMm: PAGE.widthMm - 2 * MARGIN_MM, heightMm: PAGE.heightMm - 2 * MARGIN_MM - 26 };

/** The scale, 1 : n, at which the net is printed. */
export function netScale(plan: Plan): number {
  const bare = layNet(plan.shell.faces, 0);
  return fittingScale(
    bare.widthMm,
    bare.heightMm,
    NET_ROOM.widthMm - 3 * NET_GAP_MM,
    NET_ROOM.heightMm - 2 * NET_GAP_MM,
  );
}

/**
 * The shop sheet as a PDF: the net with its dimensions, each sheet's cuts, the cut list and the shopping list; drawings
 * true to the scale they name.
 */
export async function shopSheetPdf(plan: Plan, name: string): Promise<Buffer> {
  const { doc, finish } = startPaper(PAGE, MARGIN_MM, `${name}, shop sheet`);

  drawNet(doc, plan, name);
  for (const group of plan.groups) for (const i of group.layout.keys()) drawSheet(doc, plan, group, i);
  cutList(doc, plan);
  shoppingList(doc, plan);
  const { count } = doc.bufferedPageRange();
  for (let i = 0; i < count; i++) {
    doc.switchToPage(i);
    doc.page.margins.bottom = 0;
    doc
      .font("body")
      .fontSize(8)
      .fillColor("#555")
      .text(`${name} · page ${i + 1} of ${count}`, MARGIN_MM * PT, (PAGE.heightMm - 8) * PT, { lineBreak: false });
  }
  return finish();
}

function title(doc: Doc, text: string, under: string) {
  doc
    .font("bold")
    .fontSize(15)
    .fillColor("#111")
    .text(text, MARGIN_MM * PT, MARGIN_MM * PT, { lineBreak: false });
  doc
    .font("body")
    .fontSize(9)
    .fillColor("#444")
    .text(under, MARGIN_MM * PT, (MARGIN_MM + 7) * PT, { lineBreak: false });
}

/** A bar of known length, to check the printer by. */
function scaleBar(doc: Doc, n: number, yMm: number) {
  inPaperMm(doc, MARGIN_MM, yMm, () => {
    doc.rect(0, 0, 100, 1.5).stroke();
    doc.rect(0, 0, 50, 1.5).fill("#111");
    label(
      doc,
      `This bar is 100 mm on paper, ${formatNumber(n * 100, 0)} mm in the shop (1 : ${n}). Print at 100 %.`,
      102,
      -0.6,
    );
  });
}

function drawNet(doc: Doc, plan: Plan, name: string) {
  const { shell, site } = plan;
  const units = site.brief.units;
  const n = netScale(plan);
  const net = layNet(shell.faces, NET_GAP_MM * n);
  const say = (mm: number) => formatLength(mm, units);
  const { inside, outside } = shell;
  title(
    doc,
    name,
    `Net, seen from inside; front from outside. Pairs of numbers are where middles are. Inside ${say(inside.widthMm)} × ${say(inside.depthMm)} × ${say(inside.heightMm)}, outside ${say(outside.widthMm)} × ${say(outside.depthMm)} × ${say(outside.heightMm)}${units.unit === "mm" ? " mm" : ""}.`,
  );
  inPaperMm(doc, MARGIN_MM, MARGIN_MM + 16, () => {
    const rect = (face: (typeof FACES)[number], r: Rect) => {
      const a = toNet(face, r.uMm, r.vMm, net);
      const b = toNet(face, r.uMm + r.widthMm, r.vMm + r.heightMm, net);
      doc
        .rect(Math.min(a.x, b.x) / n, Math.min(a.y, b.y) / n, Math.abs(a.x - b.x) / n, Math.abs(a.y - b.y) / n)
        .stroke();
    };
    for (const face of FACES) {
      const place = net.faces[face];
      const corners = shell.faces[face].outline.map(([u, v]) => toNet(face, u, v, net));
      if (corners.length === 4 && shell.faces[face].room.widthMm === place.w)
        doc.rect(place.x / n, place.y / n, place.w / n, place.h / n).stroke();
      else doc.polygon(...corners.map(({ x, y }): [number, number] => [x / n, y / n])).stroke();
      label(doc, `${face} ${say(place.w)} × ${say(place.h)}`, place.x / n + 1, place.y / n - 3.4);
    }
    doc.lineWidth(0.15);
    for (const strip of shell.strips) rect("front", strip);
    for (const feature of site.variant.features) {
      const r = featureRect(feature);
      rect(feature.face, r);
      const at = toNet(feature.face, feature.u.value, feature.v.value, net);
      label(doc, featureName(feature), at.x / n - 8, at.y / n + r.heightMm / n / 2 + 0.6, 2.2);
      label(
        doc,
        `${say(feature.u.value)}, ${say(feature.v.value)}`,
        at.x / n - 8,
        at.y / n + r.heightMm / n / 2 + 3.2,
        2.2,
      );
    }
  });
  scaleBar(doc, n, PAGE.heightMm - 14);
}

function drawSheet(doc: Doc, plan: Plan, group: SheetGroup, index: number) {
  const sheet = group.layout[index]!;
  const { stock } = sheet;
  const say = (mm: number) => formatLength(mm, plan.site.brief.units);
  doc.addPage();
  title(
    doc,
    `${group.material.name}: sheet ${index + 1} of ${group.layout.length}`,
    `${say(stock.w)} × ${say(stock.h)}, blade ${say(sheet.kerf)}. Sizes are finished sizes; cuts in the order of their numbers.`,
  );
  const n = fittingScale(stock.w, stock.h, PAGE.widthMm - 2 * MARGIN_MM, PAGE.heightMm - 2 * MARGIN_MM - 26);
  inPaperMm(doc, MARGIN_MM, MARGIN_MM + 16, () => {
    doc.rect(0, 0, stock.w / n, stock.h / n).stroke();
    for (const o of sheet.offcuts) {
      doc
        .save()
        .dash(1.5, { space: 1 })
        .rect(o.x / n, o.y / n, o.w / n, o.h / n)
        .stroke("#2b6743")
        .restore();
      label(doc, `keep ${say(o.w)} × ${say(o.h)}`, o.x / n + 1.5, o.y / n + 1.5);
    }
    for (const part of sheet.parts) {
      doc.rect(part.x / n, part.y / n, part.w / n, part.h / n).stroke();
      const named = group.parts.find((p) => p.id === part.partId);
      label(
        doc,
        `${named?.label ?? part.partId}  ${say(part.w)} × ${say(part.h)}`,
        part.x / n + 1.5,
        part.y / n + 1.2,
        2.6,
        "bold",
      );
    }
    sawOrder(sheet).forEach(({ cut }, i) => {
      const [x1, y1, x2, y2] =
        cut.axis === "x" ? [cut.at, cut.from, cut.at, cut.to] : [cut.from, cut.at, cut.to, cut.at];
      doc
        .save()
        .dash(1, { space: 0.8 })
        .moveTo(x1! / n, y1! / n)
        .lineTo(x2! / n, y2! / n)
        .stroke("#a8221d")
        .restore();
      label(
        doc,
        String(i + 1),
        cut.axis === "x" ? x1! / n + 0.6 : (x1! + x2!) / 2 / n,
        cut.axis === "x" ? (y1! + y2!) / 2 / n : y1! / n - 3.2,
        2.8,
        "bold",
      );
    });
  });
  scaleBar(doc, n, PAGE.heightMm - 14);
}

/** Rows of text in columns whose widths are in millimetres; goes on to a new page when one is full. */
function table(doc: Doc, heading: string, under: string, widthsMm: number[], rows: string[][]) {
  doc.addPage();
  title(doc, heading, under);
  let yMm = MARGIN_MM + 16;
  rows.forEach((row, i) => {
    doc.font(i === 0 ? "bold" : "body").fontSize(9);
    const heightMm =
      Math.max(...row.map((cell, c) => doc.heightOfString(cell || " ", { width: (widthsMm[c]! - 2) * PT }))) / PT + 1.6;
    if (yMm + heightMm > PAGE.heightMm - 14) {
      doc.addPage();
      yMm = MARGIN_MM;
    }
    let xMm = MARGIN_MM;
    row.forEach((cell, c) => {
      doc.fillColor("#111").text(cell, xMm * PT, yMm * PT, { width: (widthsMm[c]! - 2) * PT });
      xMm += widthsMm[c]!;
    });
    yMm += heightMm;
    doc
      .moveTo(MARGIN_MM * PT, (yMm - 0.8) * PT)
      .lineTo((PAGE.widthMm - MARGIN_MM) * PT, (yMm - 0.8) * PT)
      .lineWidth(0.4)
      .strokeColor("#ccc")
      .stroke();
  });
}

function cutList(doc: Doc, plan: Plan) {
  const units = plan.site.brief.units;
  const size = (mm: number) => (mm > 0 ? formatLengthWithUnit(sawSizeMm(mm), units) : "");
  table(
    doc,
    "Cut list",
    "Finished sizes. Guard on, push stick, mask for the dust.",
    [44, 28, 28, 62, 111],
    [
      ["Part", "Length", "Width", "Of", "How it came about"],
      ...plan.parts.map((p) => [
        `${p.qty} × ${p.label}`,
        size(p.lengthMm),
        size(p.widthMm),
        materialName(plan.site.book, p.materialId),
        [p.working.length, p.working.width].filter(Boolean).join("; "),
      ]),
    ],
  );
}

function shoppingList(doc: Doc, plan: Plan) {
  const { lines, likelyMinor, safeMinor } = plan.buying;
  const { currency } = plan.tally;
  const money = (minor: number | null) => (minor === null ? "?" : formatMoney(minor, currency));
  const packs = (counts: (typeof lines)[number]["likely"]) =>
    counts.map(({ pack, count }) => `${count} × ${pack.name}`).join(" + ") || "nothing";
  table(
    doc,
    "Shopping list",
    `${money(likelyMinor)} likely, ${money(safeMinor)} to be safe.`,
    [75, 74, 70, 27, 27],
    [
      ["To buy", "Need", "Packs", "Likely", "Safe"],
      ...lines.map((l) => [l.label, l.need, packs(l.likely), money(l.likelyMinor), money(l.safeMinor)]),
    ],
  );
}
