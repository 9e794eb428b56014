import type { ReactNode } from "react";
import type { FaceId } from "#core/design/names";
import type { Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import type { Box } from "#core/labels/place";
import type { Rect } from "#core/shell/faces";
import { snapCentre } from "#core/shell/snap";
import { openFields } from "../fields/openFields";
import { type Held, useBuildHandle, useIsHeld, useUnits } from "../state/context";
import { FRAME_PX } from "./Handles";
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

/** Something on a face that is taken in hand, dragged and nudged; its handles lie over all marks. */
export function MovableMark({ held, item, own, rect, scale, others, name, what, tag, children }: Props) {
  const { api, take } = useBuildHandle();
  const selected = useIsHeld(held);
  const { say } = useUnits();
  const { face, u, v } = item;
  const { bind, onKeyDown } = useHandled({
    ...{ held, face, scale },
    snapped: (uMm, vMm, withinMm) => {
      const { plan, design } = api.shown.getState();
      return snapCentre(own, plan.shell.faces[face], others(chosenVariant(design)), uMm, vMm, withinMm);
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
        aria-label={`${name}, ${what ? `${what}, ` : ""}${say(u.value)} and ${say(v.value)} on the ${face}. Arrow keys move it, with Alt they size it, Enter opens its fields.`}
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
