import { useDrag } from "@use-gesture/react";
import { useRef } from "react";
import type { FaceId } from "#core/design/names";
import type { Build } from "#core/document/schema";
import type { Net } from "#core/shell/net";
import { HANDLES, type Handle, handleOffPx } from "#core/things/handles";
import { drawRect } from "#core/views/drawRect";
import { type Held, useBuildHandle, usePicked, usePlaced } from "../state/context";
import { usePut } from "./usePut";

const HANDLE_PX = 8;
/** A handle takes the hand this far round itself. */
const GRIP_PX = 14;
const CURSORS: Record<string, string> = { "0,1": "ns", "1,0": "ew", "1,1": "nwse", "1,-1": "nesw" };
const cursorOf = (x: number, y: number) =>
  `${CURSORS[x < 0 || (x === 0 && y < 0) ? `${-x || 0},${-y || 0}` : `${x},${y}`]}-resize`;

/** How far a thing's frame stands round it, px. */
export const FRAME_PX = 4;

/** The handles of the one thing in hand, over all marks: what lies on it does not take them. */
export function Handles({ net, scale, face }: { net: Pick<Net, "faces">; scale: number; face?: FaceId }) {
  const held = usePicked((p) => (p.held.length === 1 ? p.held[0] : undefined));
  return held && <OfOne {...{ held, net, scale, face }} />;
}

function OfOne({
  held,
  net,
  scale,
  face,
}: {
  held: Held;
  net: Pick<Net, "faces">;
  scale: number;
  face: FaceId | undefined;
}) {
  const { api } = useBuildHandle();
  const { put } = usePut();
  const placed = usePlaced(held);
  const from = useRef<Build>(null);
  const bind = useDrag(
    ({ args: [handle], first, last, movement: [px, py], canceled, event }) => {
      event.preventDefault();
      event.stopPropagation();
      if (first) from.current = api.store.getState().design;
      if (canceled) return api.drop();
      if (!last && (px !== 0 || py !== 0))
        api.show((draft, { itemIn, dragEdges }) => {
          const own = itemIn(draft, held.kind, held.id);
          const before = itemIn(from.current!, held.kind, held.id);
          if (own && before)
            dragEdges(own.item, before.item, own.placed, handle as Handle, px / scale, py / scale, put);
        });
      if (last) api.settle();
    },
    { filterTaps: false, pointer: { keys: false } },
  );
  if (!placed || (face && placed.face !== face)) return null;
  const rect = drawRect(placed.face, placed.rect, net, scale);
  return HANDLES.map((handle) => {
    const [offX, offY] = [rect.width, rect.height].map((px) => handleOffPx(px, FRAME_PX, GRIP_PX)) as [number, number];
    const x = rect.x - offX + ((rect.width + 2 * offX) * (handle.x + 1)) / 2;
    const y = rect.y - offY + ((rect.height + 2 * offY) * (handle.y + 1)) / 2;
    return (
      <g
        key={`${handle.x}/${handle.y}`}
        {...bind(handle)}
        data-mark
        data-handle={`${handle.x}/${handle.y}`}
        style={{ cursor: cursorOf(handle.x, handle.y), touchAction: "none" }}
      >
        <rect x={x - GRIP_PX / 2} y={y - GRIP_PX / 2} width={GRIP_PX} height={GRIP_PX} fill="transparent" />
        <rect
          x={x - HANDLE_PX / 2}
          y={y - HANDLE_PX / 2}
          width={HANDLE_PX}
          height={HANDLE_PX}
          fill="var(--chakra-colors-sheet)"
          stroke="var(--chakra-colors-fern)"
          strokeWidth="1.5"
        />
      </g>
    );
  });
}
