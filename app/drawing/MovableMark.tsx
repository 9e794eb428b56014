import type { ReactNode } from "react";
import type { Box } from "#core/labels/place";
import { snapCentre } from "#core/shell/snap";
import { isPlaced } from "#core/things/placed";
import type { Placed } from "#core/things/thing";
import { openFields } from "../fields/openFields";
import { type Held, useBuildHandle, useIsHeld, useThing, useUnits } from "../state/context";
import { FRAME_PX } from "./Handles";
import { useHandled } from "./useHandled";

interface Props {
  held: Held;
  /** Where it lies on its face, and as that is drawn. */
  placed: Placed;
  rect: Box;
  scale: number;
  /** What it is, beside its name, for those who listen. */
  what?: string;
  /** Which feature, zone or piece of the build it is. */
  tag: { "data-feature": string } | { "data-zone": string } | { "data-piece": string } | { "data-fixture": string };
  /** Which way the drawing shows the face, where that is not as on the net. */
  moves?: (dx: number, dy: number) => { uMm: number; vMm: number };
  children: ReactNode;
}

/** Something on a face that is taken in hand, dragged and nudged; its handles lie over all marks. */
export function MovableMark({ held, placed, rect, scale, what, tag, moves, children }: Props) {
  const { api, take } = useBuildHandle();
  const selected = useIsHeld(held);
  const { say } = useUnits();
  const name = useThing(held)?.name;
  const { face, uMm: u, vMm: v } = placed;
  const { bind, onKeyDown } = useHandled({
    ...{ held, face, scale, moves },
    snapped: (uMm, vMm, withinMm) => {
      const { plan, seen } = api.shown.getState();
      // What else of its kind stands on its face is what it is drawn into line with.
      const others = seen.things
        .filter(isPlaced)
        .filter((t) => t.kind === held.kind && t.id !== held.id && t.placed.face === face)
        .map((t) => t.placed.rect);
      return snapCentre(placed.rect, plan.shell.faces[face], others, uMm, vMm, withinMm);
    },
  });
  const round = {
    ...{ x: rect.x - FRAME_PX, y: rect.y - FRAME_PX },
    ...{ width: rect.width + 2 * FRAME_PX, height: rect.height + 2 * FRAME_PX },
  };
  return (
    <g data-mark>
      <g
        {...bind()}
        {...tag}
        role="button"
        tabIndex={0}
        aria-pressed={selected}
        aria-label={`${name}, ${what ? `${what}, ` : ""}${say(u)} and ${say(v)} on the ${face}. Arrow keys move it, with Alt they size it, Enter opens its fields.`}
        style={{ cursor: "grab", touchAction: "none", outlineOffset: 4 }}
        onKeyDown={(event) => {
          if (event.key !== "Enter" && event.key !== " ") return onKeyDown(event);
          event.preventDefault();
          take(held);
          openFields(held);
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
    </g>
  );
}
