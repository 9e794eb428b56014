import type { WallId } from "#core/background/names";
import { featureRect } from "#core/features/feature";
import { formatNumber } from "#core/units/format";
import { drawRect } from "#core/views/drawRect";
import type { Size } from "#core/views/view";
import { wallView } from "#core/views/wall";
import { markOf } from "../features/marks";
import { useBuild, usePicked } from "../state/context";
import { CoverMark } from "./CoverMark";
import { Handles } from "./Handles";
import { hatchOf } from "./hatchOf";
import { Labels } from "./Labels";
import { Pressable } from "./Pressable";
import { ZoneMark } from "./ZoneMark";

/** One wall, looking in: its own background, the zones on it, and what must stay free. */
export function Elevation({ face, size }: { face: WallId; size: Size }) {
  const { plan, variant, design } = useBuild();
  const held = usePicked((p) => p.held);
  const view = wallView({ plan, variant, face, size, chosen: held.map((h) => h.id) });
  const { scale, net, cover } = view;
  const wall = plan.shell.faces[face];
  const { w, h } = net.faces[face];
  return (
    <svg overflow="visible" role="group" aria-label={`${face} wall of ${design.name}, looking in, to scale`}>
      <g transform={`translate(${view.x} ${view.y})`}>
        <Pressable held={{ kind: "wall", id: face }} name={`The ${face} wall`}>
          <polygon
            points={wall.outline
              .map(
                ([u, v]) =>
                  `${formatNumber((face === "right" ? w - u : u) * scale, 2)},${formatNumber((h - v) * scale, 2)}`,
              )
              .join(" ")}
            fill={hatchOf(wall.material.family)}
            stroke={`var(--chakra-colors-${held.some((h) => h.kind === "wall" && h.id === face) ? "fern" : "ink"})`}
            strokeWidth={held.some((h) => h.kind === "wall" && h.id === face) ? 2.5 : 1.4}
          />
          {cover && <CoverMark cover={cover} net={net} scale={scale} />}
        </Pressable>
        {variant.features
          .filter((f) => f.face === face)
          .map((f) => {
            const rect = drawRect(face, featureRect(f), net, scale);
            const { tone, dashed, round } = markOf(f);
            return (
              <Pressable key={f.id} held={{ kind: "feature", id: f.id }} name={f.name || f.id}>
                <rect
                  {...rect}
                  rx={round ? rect.width / 2 : 0}
                  fill="var(--chakra-colors-paper)"
                  stroke={`var(--chakra-colors-${tone})`}
                  strokeDasharray={dashed ? "3 3" : undefined}
                />
              </Pressable>
            );
          })}
        {variant.background.zones.map((zone, index) =>
          zone.face === face ? <ZoneMark key={zone.id} zone={zone} index={index} net={net} scale={scale} /> : null,
        )}
        <Handles net={net} scale={scale} face={face} />
      </g>
      <Labels labels={view.labels} />
    </svg>
  );
}
