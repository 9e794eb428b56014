import { samePiece } from "#core/cuts/record/pieces";
import type { SawSheet } from "#core/cuts/record/sawSheet";
import { sawOrder } from "#core/cuts/saw/sawOrder";
import type { CornerCut } from "#core/ledgers/ledger";
import { partOutline } from "#core/odd/corners";
import { sheetView } from "#core/views/sheet";
import type { Size } from "#core/views/view";
import { useUnits } from "../state/context";
import { Labels } from "./Labels";

/** One nested sheet to scale: parts where they lie, cuts numbered in saw order, what to keep hatched. */
export function SheetDiagram({
  sheet,
  size,
  name,
  cornersOf,
}: {
  sheet: SawSheet;
  size: Size;
  name: (partId: string) => string;
  cornersOf: (partId: string) => CornerCut | undefined;
}) {
  const { say } = useUnits();
  const { stock } = sheet;
  const { scale, x, y, labels, discs } = sheetView(sheet, size, name, say);
  const px = (mm: number) => mm * scale;
  return (
    <>
      <g transform={`translate(${x} ${y})`}>
        <rect
          width={px(stock.w)}
          height={px(stock.h)}
          fill="var(--chakra-colors-paper)"
          stroke="var(--chakra-colors-ink)"
          strokeWidth="1.5"
        />
        {sheet.offcuts.map((o) => (
          <rect
            key={`${o.x}/${o.y}`}
            x={px(o.x)}
            y={px(o.y)}
            width={px(o.w)}
            height={px(o.h)}
            fill="url(#hatch-keep)"
            stroke="var(--chakra-colors-fern)"
            strokeDasharray="5 3"
          />
        ))}
        {sheet.parts.map((p) => (
          <polygon
            key={`${p.x}/${p.y}`}
            points={partOutline(p.w, p.h, cornersOf(p.partId), p.rotated)
              .map(([u, v]) => `${px(p.x + u)},${px(p.y + v)}`)
              .join(" ")}
            fill={
              sheet.done.some((d) => samePiece(d, p)) ? "var(--chakra-colors-fern-soft)" : "var(--chakra-colors-sheet)"
            }
            stroke="var(--chakra-colors-ink)"
          />
        ))}
        {sawOrder(sheet).map(({ cut, made }) => {
          const [x1, y1, x2, y2] =
            cut.axis === "x" ? [cut.at, cut.from, cut.at, cut.to] : [cut.from, cut.at, cut.to, cut.at];
          return (
            <line
              key={`${cut.axis}${cut.at}${cut.from}`}
              x1={px(x1!)}
              y1={px(y1!)}
              x2={px(x2!)}
              y2={px(y2!)}
              stroke={made ? "var(--chakra-colors-ink)" : "var(--chakra-colors-stop)"}
              strokeWidth={made ? 2 : 1}
              {...(!made && { strokeDasharray: "4 3" })}
            />
          );
        })}
      </g>
      {discs.map(({ box, made }) => (
        <circle
          key={`${box.x}/${box.y}`}
          cx={box.x + box.width / 2}
          cy={box.y + box.height / 2}
          r={box.height / 2}
          fill={`var(--chakra-colors-${made ? "fern" : "ink"})`}
        />
      ))}
      <Labels labels={labels} />
    </>
  );
}
