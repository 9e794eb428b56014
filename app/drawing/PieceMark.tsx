import { memo } from "react";
import type { Piece } from "#core/hardscape/schema";
import { shapeOf } from "#core/hardscape/shapes/list";
import type { Net } from "#core/shell/net";
import { drawRect } from "#core/views/drawRect";
import { useMoved, usePlaced } from "../state/context";
import { MovableMark } from "./MovableMark";

/** Wood or stone on the floor of the net: dragged with the pointer, nudged by arrow keys, sized by its handles. */
export const PieceMark = memo(function PieceMark({
  piece: planned,
  index,
  net,
  scale,
}: {
  piece: Piece;
  index: number;
  net: Pick<Net, "faces">;
  scale: number;
}) {
  const piece = useMoved(planned, (variant) => variant.hardscape[index]);
  const held = { kind: "piece", id: planned.id } as const;
  const placed = usePlaced(held);
  if (!placed) return null;
  const rect = drawRect(placed.face, placed.rect, net, scale);
  const round = Math.min(rect.width, rect.height) / shapeOf(piece).roundness;
  return (
    <MovableMark
      {...{ held, placed, rect, scale }}
      what={shapeOf(piece).word(piece)}
      tag={{ "data-piece": planned.id }}
    >
      <rect
        {...rect}
        rx={round}
        ry={round}
        fill={piece.of === "stone" ? "url(#hatch-stone)" : "url(#hatch-piece)"}
        stroke="var(--chakra-colors-ink)"
        strokeWidth="1.2"
      />
    </MovableMark>
  );
});
