import { memo } from "react";
import type { Zone } from "#core/background/schema";
import { isPiece, ZONE_WORDS, zoneName, zoneRect } from "#core/background/zones";
import { chosenVariant } from "#core/design/variant";
import type { Net } from "#core/shell/net";
import { snapCentre } from "#core/shell/snap";
import { useBuildHandle, useMoved, usePicked, useUnits } from "../state/context";
import { useDrawnTiming } from "./dragTiming";
import { drawRect } from "./drawRect";
import { Label, LETTER } from "./Label";
import { useDragOnFace } from "./useDragOnFace";

const FILL: Record<Zone["kind"], string> = {
  ledge: "url(#hatch-foam)",
  foam: "url(#hatch-foam)",
  slab: "url(#hatch-piece)",
  branch: "url(#hatch-piece)",
  planter: "var(--chakra-colors-sheet)",
  bare: "var(--chakra-colors-paper)",
  mat: "url(#hatch-board)",
  earth: "url(#hatch-ground)",
  bought: "url(#hatch-sheet)",
};

/** A zone on its wall: dragged with the pointer, or nudged by arrow keys. */
export const ZoneMark = memo(function ZoneMark({
  zone: planned,
  index,
  net,
  scale,
  quiet = false,
}: {
  zone: Zone;
  index: number;
  net: Pick<Net, "faces">;
  scale: number;
  /** Its name only once it is chosen: where many are drawn small. */
  quiet?: boolean;
}) {
  const zone = useMoved(planned, (variant) => variant.background.zones[index]);
  useDrawnTiming(zone);
  const { api, choose } = useBuildHandle();
  const selected = usePicked((p) => p.chosen === zone.id);
  const { say } = useUnits();
  const { mark, bind, onKeyDown } = useDragOnFace({
    path: `/background/zones/${index}`,
    ...{ id: zone.id, face: zone.face, u: zone.u, v: zone.v, scale },
    snapped: (u, v, withinMm) => {
      const { plan, design } = api.shown.getState();
      const others = chosenVariant(design).background.zones.filter((z) => z.face === zone.face && z.id !== zone.id);
      return snapCentre(zoneRect(zone), plan.shell.faces[zone.face], others.map(zoneRect), u, v, withinMm);
    },
  });
  const rect = drawRect(zone.face, zoneRect(zone), net as Net, scale);
  const round = zone.kind === "slab" || zone.kind === "branch" || zone.kind === "planter";
  const own = zoneName(zone);
  // How deep a ledge is cannot be seen from the front.
  const name = zone.kind === "ledge" || zone.kind === "foam" ? `${own}, ${say(zone.depth.value)} deep` : own;
  const place = net.faces[zone.face];
  const half = Math.min((name.length * LETTER) / 2, (place.w * scale) / 2);
  const labelX = Math.min(
    (place.x + place.w) * scale - half,
    Math.max(place.x * scale + half, rect.x + rect.width / 2),
  );
  const labelBelow = rect.y - place.y * scale < 18;
  return (
    <g
      ref={mark}
      {...bind()}
      role="button"
      tabIndex={0}
      aria-label={`${own}, ${ZONE_WORDS[zone.kind]}, ${say(zone.u.value)} and ${say(zone.v.value)} on the ${zone.face}. Arrow keys move it.`}
      data-zone={zone.id}
      style={{ cursor: "grab", touchAction: "none" }}
      onKeyDown={onKeyDown}
      onFocus={() => choose(zone.id)}
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
      <rect
        {...rect}
        rx={round ? rect.width / 2 : zone.kind === "ledge" ? rect.height / 2 : 0}
        ry={round || zone.kind === "ledge" ? rect.height / 2 : 0}
        fill={isPiece(zone) && zone.of === "stone" ? "url(#hatch-stone)" : FILL[zone.kind]}
        stroke="var(--chakra-colors-ink)"
        strokeWidth={zone.kind === "ledge" ? 1.6 : 1}
        {...(zone.kind === "bare" && { strokeDasharray: "4 3" })}
      />
      {zone.kind === "planter" && (
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
      {(!quiet || selected) && (
        <Label x={labelX} y={labelBelow ? rect.y + rect.height + 14 : rect.y - 7} anchor="middle">
          {name}
        </Label>
      )}
    </g>
  );
});
