import type { WallId } from "#core/background/names";
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
  const { plan, seen, variant, design } = useBuild();
  const held = usePicked((p) => p.held);
  const view = wallView({ plan, seen, variant, face, size, chosen: held.map((h) => h.id) });
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
        {view.features.map(({ kind, id, name, placed }) => {
          const rect = drawRect(face, placed.rect, net, scale);
          const { tone, dashed, round } = markOf(variant.features.find((f) => f.id === id)!);
          return (
            <Pressable key={id} held={{ kind, id }} name={name}>
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
