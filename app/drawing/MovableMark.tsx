import type { ReactNode } from "react";
import type { FaceId } from "#core/design/names";
import type { Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import type { Box } from "#core/labels/place";
import type { Rect } from "#core/shell/faces";
import { snapCentre } from "#core/shell/snap";
import { HANDLES } from "#core/things/handle";
import { openFields } from "../fields/openFields";
import { type Held, useBuildHandle, useIsHeld, usePicked, useUnits } from "../state/context";
import { useHandled } from "./useHandled";

interface Props {
  held: Held;
  item: { face: FaceId; u: { value: number }; v: { value: number } };
  /** The rectangle it takes on its face, and as it is drawn. */
  own: Rect;
  rect: Box;
  scale: number;
  /** What else stands on its face, which it is drawn into line with. */
  others: (variant: Variant) => Rect[];
  name: string;
  /** What it is, beside its name, for those who listen. */
  what?: string;
  /** Which feature or zone of the build it is. */
  tag: { "data-feature": string } | { "data-zone": string };
  children: ReactNode;
}

const HANDLE_PX = 8;
/** A handle takes the hand this far round itself. */
const GRIP_PX = 14;
const CURSORS: Record<string, string> = { "0,1": "ns", "1,0": "ew", "1,1": "nwse", "1,-1": "nesw" };
const cursorOf = (x: number, y: number) =>
  `${CURSORS[x < 0 || (x === 0 && y < 0) ? `${-x || 0},${-y || 0}` : `${x},${y}`]}-resize`;

/** Something on a face that is taken in hand, dragged, nudged, and sized by its handles. */
export function MovableMark({ held, item, own, rect, scale, others, name, what, tag, children }: Props) {
  const { api, take } = useBuildHandle();
  const selected = useIsHeld(held);
  const alone = usePicked((p) => p.held.length === 1);
  const { say } = useUnits();
  const { face, u, v } = item;
  const { bind, bindEdges, onKeyDown } = useHandled({
    ...{ held, face, scale },
    snapped: (uMm, vMm, withinMm) => {
      const { plan, design } = api.shown.getState();
      return snapCentre(own, plan.shell.faces[face], others(chosenVariant(design)), uMm, vMm, withinMm);
    },
  });
  const round = { x: rect.x - 4, y: rect.y - 4, width: rect.width + 8, height: rect.height + 8 };
  return (
    <g data-mark>
      <g
        {...bind()}
        {...tag}
        role="button"
        tabIndex={0}
        aria-pressed={selected}
        aria-label={`${name}, ${what ? `${what}, ` : ""}${say(u.value)} and ${say(v.value)} on the ${face}. Arrow keys move it, with Alt they size it, Enter opens its fields.`}
        style={{ cursor: "grab", touchAction: "none", outlineOffset: 4 }}
        onKeyDown={(event) => {
          if (event.key !== "Enter" && event.key !== " ") return onKeyDown(event);
          event.preventDefault();
          take(held);
          openFields();
        }}
        onFocus={(event) => {
          if (!selected && event.currentTarget.matches(":focus-visible")) take(held);
        }}
      >
        <rect
          {...round}
          fill="transparent"
          stroke={selected ? "var(--chakra-colors-fern)" : "none"}
          strokeDasharray="4 3"
          strokeWidth="1.5"
        />
        {children}
      </g>
      {selected &&
        alone &&
        HANDLES.map((handle) => {
          const x = round.x + (round.width * (handle.x + 1)) / 2;
          const y = round.y + (round.height * (handle.y + 1)) / 2;
          return (
            <g
              key={`${handle.x}/${handle.y}`}
              {...bindEdges(handle)}
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
        })}
    </g>
  );
}
