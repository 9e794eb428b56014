import type { Cover } from "#core/background/cover";
import type { BuildUpId } from "#core/background/names";
import type { Net } from "#core/shell/net";
import { drawRect } from "./drawRect";

const FILL: Record<BuildUpId, string> = {
  foam: "url(#hatch-foam)",
  panels: "url(#hatch-foam)",
  board: "url(#hatch-foam)",
  coirMat: "url(#hatch-board)",
  earth: "url(#hatch-ground)",
  veneer: "url(#hatch-board)",
  bought: "url(#hatch-sheet)",
  none: "none",
};

/** What a wall's own background covers, from its bare foot up. */
export function CoverMark({ cover, net, scale }: { cover: Cover; net: Pick<Net, "faces">; scale: number }) {
  return (
    <rect
      {...drawRect(cover.wall.face, cover.rect, net, scale)}
      fill={FILL[cover.wall.buildUp]}
      fillOpacity="0.85"
      stroke="var(--chakra-colors-ink)"
      strokeWidth="0.8"
      strokeDasharray="5 3"
    />
  );
}
