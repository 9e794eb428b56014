import { memo } from "react";
import type { Zone } from "#core/background/schema";
import { isPiece, ZONE_WORDS, zoneName, zoneRect } from "#core/background/zones";
import type { Net } from "#core/shell/net";
import { useMoved, useUnits } from "../state/context";
import { drawRect } from "./drawRect";
import { MovableMark } from "./MovableMark";

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
  const { say } = useUnits();
  const own = zoneRect(zone);
  const rect = drawRect(zone.face, own, net, scale);
  const round = zone.kind === "slab" || zone.kind === "branch" || zone.kind === "planter";
  // How deep a ledge is cannot be seen from the front.
  const deep = zone.kind === "ledge" || zone.kind === "foam" ? `, ${say(zone.depth.value)} deep` : "";
  return (
    <MovableMark
      item={zone}
      path={`/background/zones/${index}`}
      own={own}
      rect={rect}
      place={net.faces[zone.face]}
      scale={scale}
      others={({ background }) =>
        background.zones.filter((z) => z.face === zone.face && z.id !== zone.id).map(zoneRect)
      }
      name={`${zoneName(zone)}${deep}`}
      what={ZONE_WORDS[zone.kind]}
      quiet={quiet}
      tag={{ "data-zone": zone.id }}
    >
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
    </MovableMark>
  );
});
