import { memo } from "react";
import { runOf } from "#core/dividers/line";
import { floorZones } from "#core/ground/zones";
import { baseOf, floorCorner } from "#core/shell/base";
import { type Net, toNet } from "#core/shell/net";
import type { Point } from "#core/shell/space";
import { formatNumber } from "#core/units/format";
import { vesselRect } from "#core/vessels/sizes";
import { poolsOf, vesselsOf } from "#core/vessels/split";
import { drawRect } from "#core/views/drawRect";
import { type Held, useBuild, useIsHeld, usePlaced } from "../state/context";
import { MovableMark } from "./MovableMark";
import { Pressable } from "./Pressable";

interface Props {
  net: Net;
  scale: number;
}

/** What parts the floor and holds water on it: pools, dividers, boxes and vessels, each pressed where it lies. */
export function FloorMarks({ net, scale }: Props) {
  const { variant } = useBuild();
  return (
    <>
      <Pools net={net} scale={scale} />
      <Dividers net={net} scale={scale} />
      {variant.boxes.map((box) => (
        <FootMark
          key={box.id}
          {...{ net, scale, id: box.id, kind: "box", what: "service box" }}
          fill="url(#hatch-plastic)"
        />
      ))}
      {vesselsOf(variant.vessels).map((x) => (
        <FootMark
          key={x.id}
          {...{ net, scale, id: x.id, kind: "vessel", what: x.kind, round: x.round }}
          fill="url(#hatch-water)"
        />
      ))}
    </>
  );
}

/** Where the floor's own corner lies on the base: a tray stands off the walls. */
function useFloor() {
  const { plan } = useBuild();
  const { shell } = plan;
  const base = baseOf(shell);
  const [offU, offV] = floorCorner(shell);
  return { plan, base, offU, offV };
}

/** Pools on the floor, with their water: all of a part of it, or a place of their own. */
function Pools({ net, scale }: Props) {
  const { plan, offU, offV } = useFloor();
  const { variant } = useBuild();
  const points = (outline: readonly Point[]) =>
    outline
      .map(([u, v]) => toNet("base", offU + u, offV + v, net))
      .map(({ x, y }) => `${formatNumber(x * scale, 2)},${formatNumber(y * scale, 2)}`)
      .join(" ");
  const zones = floorZones({ shell: plan.shell, variant });
  const water = { fill: "url(#hatch-water)", fillOpacity: 0.7, stroke: "var(--chakra-colors-water)" };
  return poolsOf(variant.vessels).map((pool) => {
    const { uMm, vMm, ...size } = vesselRect(pool);
    return (
      <Pressable key={pool.id} held={{ kind: "pool", id: pool.id }} name={pool.name}>
        {pool.zone === null ? (
          <rect {...drawRect("base", { uMm: offU + uMm, vMm: offV + vMm, ...size }, net, scale)} {...water} />
        ) : (
          zones
            .filter((z) => z.pool?.id === pool.id)
            .map((z) => <polygon key={z.id} points={points(z.outline)} {...water} />)
        )}
      </Pressable>
    );
  });
}

/** Dividers as lines from wall to wall. */
function Dividers({ net, scale }: Props) {
  const { base, offU, offV } = useFloor();
  const { variant } = useBuild();
  return variant.dividers.map((divider) => {
    const run = runOf(divider, base);
    if (!run) return null;
    const held: Held = { kind: "divider", id: divider.id };
    const [a, b] = [run.a, run.b].map(([u, v]) => toNet("base", offU + u, offV + v, net)) as [
      { x: number; y: number },
      { x: number; y: number },
    ];
    const line = { x1: a.x * scale, y1: a.y * scale, x2: b.x * scale, y2: b.y * scale };
    return (
      <Pressable key={divider.id} held={held} name={divider.name}>
        <polygon points={around(line)} fill="transparent" />
        <DividerLine held={held} line={line} mesh={divider.layers.every((l) => l.of === "mesh")} />
      </Pressable>
    );
  });
}

/** Room round a line that is wide enough to be pressed, px. */
const PRESS_PX = 7;
function around({ x1, y1, x2, y2 }: { x1: number; y1: number; x2: number; y2: number }): string {
  const long = Math.hypot(x2 - x1, y2 - y1) || 1;
  const [dx, dy] = [((y1 - y2) / long) * PRESS_PX, ((x2 - x1) / long) * PRESS_PX];
  return `${x1 - dx},${y1 - dy} ${x2 - dx},${y2 - dy} ${x2 + dx},${y2 + dy} ${x1 + dx},${y1 + dy}`;
}

function DividerLine({
  held,
  line,
  mesh,
}: {
  held: Held;
  line: { x1: number; y1: number; x2: number; y2: number };
  mesh: boolean;
}) {
  const selected = useIsHeld(held);
  return (
    <line
      {...line}
      stroke={selected ? "var(--chakra-colors-fern)" : "var(--chakra-colors-ink)"}
      strokeWidth={selected ? 4 : 2.4}
      strokeDasharray={mesh ? "5 3" : "none"}
    />
  );
}

/** Something with a foot of its own: dragged with the pointer, nudged by arrow keys, sized by its handles. */
const FootMark = memo(function FootMark({
  net,
  scale,
  id,
  kind,
  what,
  round = false,
  fill,
}: Props & { id: string; kind: "box" | "vessel"; what: string; round?: boolean; fill: string }) {
  const held = { kind, id } as const;
  const placed = usePlaced(held);
  if (!placed) return null;
  const at = drawRect(placed.face, placed.rect, net, scale);
  return (
    <MovableMark {...{ held, placed, rect: at, scale, what }} tag={{ "data-piece": id }}>
      <rect
        {...at}
        rx={round ? at.width / 2 : 2}
        ry={round ? at.height / 2 : 2}
        fill={fill}
        stroke="var(--chakra-colors-ink)"
        strokeWidth="1.2"
      />
    </MovableMark>
  );
});
