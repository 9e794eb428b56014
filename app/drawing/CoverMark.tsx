import type { Cover } from "#core/background/cover";
import type { BuildUpId } from "#core/background/names";
import { overlap } from "#core/shell/faces";
import type { Net } from "#core/shell/net";
import { drawRect } from "#core/views/drawRect";

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

const corners = ({ x, y, width, height }: ReturnType<typeof drawRect>) => `M${x} ${y}h${width}v${height}h${-width}z`;

/** What a wall's own background covers, from its bare foot up; what is left bare is cut out of it. */
export function CoverMark({ cover, net, scale }: { cover: Cover; net: Pick<Net, "faces">; scale: number }) {
  const { wall, rect, bare } = cover;
  const holes = bare.flatMap((r) => overlap(r, rect) ?? []);
  return (
    <path
      d={[rect, ...holes].map((r) => corners(drawRect(wall.face, r, net, scale))).join("")}
      fillRule="evenodd"
      fill={FILL[wall.buildUp]}
      fillOpacity="0.85"
      stroke="var(--chakra-colors-ink)"
      strokeWidth="0.8"
      strokeDasharray="5 3"
    />
  );
}
