import type { ReactNode } from "react";
import type { Measure } from "#core/design/basics";
import type { FaceId } from "#core/design/names";
import type { Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import type { Rect } from "#core/shell/faces";
import type { NetFace } from "#core/shell/net";
import { snapCentre } from "#core/shell/snap";
import { useBuildHandle, usePicked, useUnits } from "../state/context";
import { openFields } from "../ui/openFields";
import type { drawRect } from "./drawRect";
import { Label, LETTER } from "./Label";
import { useDragOnFace } from "./useDragOnFace";

interface Props {
  item: { id: string; face: FaceId; u: Measure; v: Measure };
  /** Its place in the variant. */
  path: string;
  /** The rectangle it takes on its face, and as it is drawn. */
  own: Rect;
  rect: ReturnType<typeof drawRect>;
  /** Where its face is drawn. */
  place: NetFace;
  scale: number;
  /** What else stands on its face, which it is drawn into line with. */
  others: (variant: Variant) => Rect[];
  name: string;
  /** What it is, beside its name, for those who listen. */
  what?: string;
  /** Its name only once it is chosen: where many are drawn small. */
  quiet?: boolean;
  /** Which feature or zone of the build it is. */
  tag: { "data-feature": string } | { "data-zone": string };
  children: ReactNode;
}

/** Something on a face that is chosen, dragged and nudged, with its name over its own face. */
export function MovableMark({ item, path, own, rect, place, scale, others, name, what, quiet, tag, children }: Props) {
  const { api, choose } = useBuildHandle();
  const selected = usePicked((p) => p.chosen === item.id);
  const { say } = useUnits();
  const { id, face, u, v } = item;
  const { mark, bind, onKeyDown } = useDragOnFace({
    ...{ path, id, face, u, v, scale },
    snapped: (uMm, vMm, withinMm) => {
      const { plan, design } = api.shown.getState();
      return snapCentre(own, plan.shell.faces[face], others(chosenVariant(design)), uMm, vMm, withinMm);
    },
  });
  const half = Math.min((name.length * LETTER) / 2, (place.w * scale) / 2);
  const labelX = Math.min(
    (place.x + place.w) * scale - half,
    Math.max(place.x * scale + half, rect.x + rect.width / 2),
  );
  // Near the top of its face the name would run into the face's own.
  const labelBelow = rect.y - place.y * scale < 18;
  return (
    <g
      ref={mark}
      {...bind()}
      {...tag}
      role="button"
      tabIndex={0}
      aria-label={`${name}, ${what ? `${what}, ` : ""}${say(u.value)} and ${say(v.value)} on the ${face}. Arrow keys move it, Enter opens its fields.`}
      style={{ cursor: "grab", touchAction: "none" }}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return onKeyDown(event);
        event.preventDefault();
        choose(id);
        openFields(id);
      }}
      onFocus={() => choose(id)}
    >
      <rect
        x={rect.x - 4}
        y={rect.y - 4}
        width={rect.width + 8}
        height={rect.height + 8}
        fill="transparent"
        stroke={selected ? "var(--chakra-colors-fern)" : "none"}
        strokeDasharray="4 3"
        strokeWidth="1.5"
      />
      {children}
      {(!quiet || selected) && (
        <Label x={labelX} y={labelBelow ? rect.y + rect.height + 14 : rect.y - 7} anchor="middle">
          {name}
        </Label>
      )}
    </g>
  );
}
