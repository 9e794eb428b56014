import { coversOf } from "#core/background/cover";
import type { WallId } from "#core/background/names";
import { featureName, featureRect } from "#core/features/feature";
import type { NetFace } from "#core/shell/net";
import { extent } from "#core/shell/outline";
import { formatNumber } from "#core/units/format";
import { markOf } from "../features/marks";
import { useBuild, useUnits } from "../state/context";
import { CoverMark } from "./CoverMark";
import { drawRect } from "./drawRect";
import { Hatches } from "./Hatches";
import { hatchOf } from "./hatchOf";
import { Label, LETTER } from "./Label";
import { ZoneMark } from "./ZoneMark";

const WIDTH = 470;
const MAX_HEIGHT = 330;
const PAD = { top: 18, bottom: 18, side: 4 };

/** The longest of some words that fits a width; the shortest where none does. */
const fitting = (words: readonly string[], width: number): string =>
  words.find((w) => w.length * LETTER <= width) ?? words.at(-1) ?? "";

/** One wall, looking in: its own background, the zones on it, and what must stay free. */
export function Elevation({ face }: { face: WallId }) {
  const { plan, variant, design } = useBuild();
  const { say, units } = useUnits();
  const { shell } = plan;
  const wall = shell.faces[face];
  const whole = extent(wall.outline);
  const scale = Math.min((WIDTH - 2 * PAD.side) / whole.widthMm, (MAX_HEIGHT - PAD.top - PAD.bottom) / whole.heightMm);
  const at: NetFace = { x: 0, y: 0, w: whole.widthMm, h: whole.heightMm };
  const net = { faces: { left: at, right: at, back: at, front: at, top: at, base: at } };
  const cover = coversOf(shell, variant).find((c) => c.wall.face === face);
  const unit = units.unit === "mm" ? " mm" : "";
  const height = whole.heightMm * scale + PAD.top + PAD.bottom;
  const x = (WIDTH - whole.widthMm * scale) / 2;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      role="group"
      aria-label={`${face} wall of ${design.name}, looking in, to scale`}
      style={{ display: "block" }}
    >
      <Hatches />
      <g transform={`translate(${x} ${PAD.top})`}>
        <polygon
          points={wall.outline
            .map(
              ([u, v]) =>
                `${formatNumber((face === "right" ? whole.widthMm - u : u) * scale, 2)},${formatNumber((whole.heightMm - v) * scale, 2)}`,
            )
            .join(" ")}
          fill={hatchOf(wall.material.family)}
          stroke="var(--chakra-colors-ink)"
          strokeWidth="1.4"
        />
        {cover && <CoverMark cover={cover} net={net} scale={scale} />}
        {cover && cover.footMm > 0 && (
          <Label x={(whole.widthMm * scale) / 2} y={(whole.heightMm - cover.rect.vMm / 2) * scale + 4} anchor="middle">
            {fitting(
              [
                ...(shell.levels.groundMm > 0
                  ? [`bare ${say(cover.footMm)} · ground to ${say(shell.levels.groundMm)}`]
                  : []),
                `bare ${say(cover.footMm)}`,
              ],
              whole.widthMm * scale,
            )}
          </Label>
        )}
        {variant.features
          .filter((f) => f.face === face)
          .map((f) => {
            const rect = drawRect(face, featureRect(f), net, scale);
            const { tone, dashed, round } = markOf(f);
            return (
              <g key={f.id}>
                <rect
                  {...rect}
                  rx={round ? rect.width / 2 : 0}
                  fill="var(--chakra-colors-paper)"
                  stroke={`var(--chakra-colors-${tone})`}
                  strokeDasharray={dashed ? "3 3" : undefined}
                />
                <Label
                  x={rect.x + rect.width / 2}
                  y={rect.y > 14 ? rect.y - 5 : rect.y + rect.height + 12}
                  size={10}
                  anchor="middle"
                  tone={tone}
                >
                  {featureName(f).toLowerCase()}
                </Label>
              </g>
            );
          })}
        {variant.background.zones.map((zone, index) =>
          zone.face === face ? <ZoneMark key={zone.id} zone={zone} index={index} net={net} scale={scale} /> : null,
        )}
      </g>
      <Label x={x} y={12} font="body" bold>
        {`${face[0]!.toUpperCase()}${face.slice(1)}, looking in · ${say(whole.widthMm)} × ${say(whole.heightMm)}${unit}`}
      </Label>
    </svg>
  );
}
