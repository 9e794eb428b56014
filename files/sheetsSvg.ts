import { partOutline } from "../core/odd/corners";
import type { Plan } from "../core/plan";
import { formatLength } from "../core/units/format";

const escaped = (text: string) =>
  text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;");

const GAP_MM = 60;

/** The nested sheets one under another as an SVG at its true size: one unit is one millimetre. */
export function sheetsSvg(plan: Plan, name: string): string {
  const units = plan.site.brief.units;
  const n = (mm: number) => String(Math.round(mm * 100) / 100);
  let top = 40;
  const drawn: string[] = [];
  for (const group of plan.groups)
    group.layout.forEach((sheet, i) => {
      const { w, h } = sheet.stock;
      drawn.push(
        `<g transform="translate(0 ${n(top)})"><text y="-10" font-size="24">${escaped(`${group.material.name}, sheet ${i + 1}`)}</text>`,
        `<rect class="sheet" width="${n(w)}" height="${n(h)}"/>`,
        ...sheet.parts.flatMap((p) => {
          const of = group.parts.find((q) => q.id === p.partId);
          const label = of?.label ?? p.partId;
          const outline = partOutline(p.w, p.h, of?.corners, p.rotated);
          const words = `${label} ${formatLength(p.w, units)} × ${formatLength(p.h, units)}`;
          const size = Math.min(24, p.h / 2, (p.w / words.length) * 1.6);
          return [
            `<polygon class="part" points="${outline.map(([x, y]) => `${n(p.x + x)},${n(p.y + y)}`).join(" ")}"/>`,
            `<text x="${n(p.x + size / 3)}" y="${n(p.y + size * 1.1)}" font-size="${n(size)}">${escaped(words)}</text>`,
          ];
        }),
        "</g>",
      );
      top += h + GAP_MM;
    });
  const width = Math.max(100, ...plan.groups.flatMap((g) => g.layout.map((s) => s.stock.w)));
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}mm" height="${n(top)}mm" viewBox="0 0 ${n(width)} ${n(top)}">
<title>${escaped(name)}, sheets</title>
<style>text{font-family:sans-serif;fill:#222}.sheet{fill:none;stroke:#222;stroke-width:2}.part{fill:none;stroke:#a8221d;stroke-width:1}</style>
${drawn.join("\n")}
</svg>
`;
}
