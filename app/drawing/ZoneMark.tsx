import { memo } from "react";
import type { Zone } from "#core/background/schema";
import { isPiece, ZONE, zoneDepthMm } from "#core/background/zones";
import type { Net } from "#core/shell/net";
import { drawRect } from "#core/views/drawRect";
import { useMoved, usePlaced, useUnits } from "../state/context";
import { MovableMark } from "./MovableMark";

/** How a kind of zone is drawn on its wall. */
interface ZoneLook {
  fill: string;
  /** How its corners are rounded: not, at both ends, or all round. */
  corners?: "ends" | "all";
  bold?: true;
  dashed?: true;
  /** Ground is drawn in it. */
  filled?: true;
}
const LOOK: Record<Zone["kind"], ZoneLook> = {
  ledge: { fill: "url(#hatch-foam)", corners: "ends", bold: true },
  foam: { fill: "url(#hatch-foam)" },
  slab: { fill: "url(#hatch-piece)", corners: "all" },
  branch: { fill: "url(#hatch-piece)", corners: "all" },
  planter: { fill: "var(--chakra-colors-sheet)", corners: "all", filled: true },
  bare: { fill: "var(--chakra-colors-paper)", dashed: true },
  mat: { fill: "url(#hatch-board)" },
  earth: { fill: "url(#hatch-ground)" },
  bought: { fill: "url(#hatch-sheet)" },
};

/** A zone on its wall: dragged with the pointer, nudged by arrow keys, sized by its handles. */
export const ZoneMark = memo(function ZoneMark({
  zone: planned,
  index,
  net,
  scale,
}: {
  zone: Zone;
  index: number;
  net: Pick<Net, "faces">;
  scale: number;
}) {
  const zone = useMoved(planned, (variant) => variant.background.zones[index]);
  const { say } = useUnits();
  const held = { kind: "zone", id: planned.id } as const;
  const placed = usePlaced(held);
  if (!placed) return null;
  const rect = drawRect(placed.face, placed.rect, net, scale);
  const { fill, corners, bold, dashed, filled } = LOOK[zone.kind];
  const deepMm = zoneDepthMm(zone);
  return (
    <MovableMark
      {...{ held, placed, rect, scale }}
      what={`${deepMm > 0 ? `${say(deepMm)} deep, ` : ""}${ZONE[zone.kind].words}`}
      tag={{ "data-zone": planned.id }}
    >
      <rect
        {...rect}
        rx={corners === "all" ? rect.width / 2 : corners ? rect.height / 2 : 0}
        ry={corners ? rect.height / 2 : 0}
        fill={isPiece(zone) && zone.of === "stone" ? "url(#hatch-stone)" : fill}
        stroke="var(--chakra-colors-ink)"
        strokeWidth={bold ? 1.6 : 1}
        {...(dashed && { strokeDasharray: "4 3" })}
      />
      {filled && (
        <ellipse
          cx={rect.x + rect.width / 2}
          cy={rect.y + rect.height / 2}
          rx={rect.width / 3.4}
          ry={rect.height / 3.4}
          fill="url(#hatch-ground)"
          stroke="var(--chakra-colors-ink)"
          strokeWidth="0.8"
        />
      )}
    </MovableMark>
  );
});
