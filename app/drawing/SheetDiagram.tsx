import { samePiece } from "#core/cuts/record/pieces";
import type { SawSheet } from "#core/cuts/record/sawSheet";
import { sawOrder } from "#core/cuts/saw/sawOrder";
import type { CornerCut } from "#core/ledgers/ledger";
import { partOutline } from "#core/odd/corners";
import { useUnits } from "../state/context";
import { Hatches } from "./Hatches";
import { Label } from "./Label";
import { PartName } from "./PartName";

const WIDTH = 780;

/** One nested sheet to scale: parts where they lie, cuts numbered in saw order, what to keep hatched. */
export function SheetDiagram({
  sheet,
  name,
  cornersOf,
  title,
}: {
  sheet: SawSheet;
  name: (partId: string) => string;
  cornersOf: (partId: string) => CornerCut | undefined;
  title: string;
}) {
  const { say } = useUnits();
  const { stock } = sheet;
  const scale = WIDTH / Math.max(stock.w, 1.6 * stock.h);
  const px = (mm: number) => mm * scale;
  return (
    <svg
      viewBox={`-2 -14 ${WIDTH + 4} ${px(stock.h) + 18}`}
      width="100%"
      role="img"
      aria-label={title}
      style={{ display: "block" }}
    >
      <Hatches />
      <rect
        x={0}
        y={0}
        width={px(stock.w)}
        height={px(stock.h)}
        fill="var(--chakra-colors-paper)"
        stroke="var(--chakra-colors-ink)"
        strokeWidth="1.5"
      />
      {sheet.offcuts.map((o) => (
        <g key={`${o.x}/${o.y}`}>
          <rect
            x={px(o.x)}
            y={px(o.y)}
            width={px(o.w)}
            height={px(o.h)}
            fill="url(#hatch-keep)"
            stroke="var(--chakra-colors-fern)"
            strokeDasharray="5 3"
          />
          {px(o.w) > 70 && px(o.h) > 34 && (
            <Label x={px(o.x) + 8} y={px(o.y) + 20} size={px(o.w) < 120 ? 10 : 12} tone="fern">
              keep
              <tspan x={px(o.x) + 8} dy="14">
                {say(o.w)} × {say(o.h)}
              </tspan>
            </Label>
          )}
        </g>
      ))}
      {sheet.parts.map((p) => {
        const done = sheet.done.some((d) => samePiece(d, p));
        const corners = cornersOf(p.partId);
        const [cutL, cutW] = [corners?.lengthMm ?? 0, corners?.widthMm ?? 0];
        return (
          <g key={`${p.x}/${p.y}`}>
            <polygon
              points={partOutline(p.w, p.h, corners, p.rotated)
                .map(([x, y]) => `${px(p.x + x)},${px(p.y + y)}`)
                .join(" ")}
              fill={done ? "var(--chakra-colors-fern-soft)" : "var(--chakra-colors-sheet)"}
              stroke="var(--chakra-colors-ink)"
            />
            <PartName
              at={[px(p.x), px(p.y)]}
              size={[px(p.w), px(p.h)]}
              kept={corners?.count === 4 ? [px(p.rotated ? cutW : cutL), px(p.rotated ? cutL : cutW)] : [0, 0]}
              name={`${done ? "✓ " : ""}${sheet.pinned.some((d) => samePiece(d, p)) ? "● " : ""}${name(p.partId)}`}
              words={`${say(p.w)} × ${say(p.h)}`}
            />
          </g>
        );
      })}
      {sawOrder(sheet).map(({ cut, made }, i) => {
        const along = cut.axis === "x";
        const [x1, y1, x2, y2] = along ? [cut.at, cut.from, cut.at, cut.to] : [cut.from, cut.at, cut.to, cut.at];
        // Names stand at the head of a part and at its left: numbers stand at the foot and the right.
        const mid = along
          ? { x: px(cut.at), y: px(cut.to) - 11 }
          : { x: Math.max(px(cut.from) + 10, px(cut.to) - 12 - 19 * (i % 3)), y: px(cut.at) };
        return (
          <g key={`${cut.axis}${cut.at}${cut.from}`}>
            <line
              x1={px(x1!)}
              y1={px(y1!)}
              x2={px(x2!)}
              y2={px(y2!)}
              stroke={made ? "var(--chakra-colors-ink)" : "var(--chakra-colors-stop)"}
              strokeWidth={made ? 2 : 1}
              {...(!made && { strokeDasharray: "4 3" })}
            />
            <circle
              cx={mid.x}
              cy={mid.y}
              r="8"
              fill={made ? "var(--chakra-colors-fern)" : "var(--chakra-colors-ink)"}
            />
            <Label x={mid.x} y={mid.y + 3.5} anchor="middle" size={10} tone="sheet">
              {i + 1}
            </Label>
          </g>
        );
      })}
    </svg>
  );
}
