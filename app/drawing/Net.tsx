import { lazy, Suspense } from "react";
import { FACES, type FaceId } from "#core/design/names";
import { type Net as NetLayout, toNet } from "#core/shell/net";
import { below } from "#core/shell/outline";
import { type Point, vAtHeight } from "#core/shell/space";
import { formatNumber } from "#core/units/format";
import { drawRect } from "#core/views/drawRect";
import { netView } from "#core/views/net";
import type { Size } from "#core/views/view";
import { ClosureMarks } from "../closures/marks";
import { type Held, useBuild, useIsHeld, usePicked, useShown, useVariant } from "../state/context";
import { useSame } from "../state/equal";
import { CoverMark } from "./CoverMark";
import { Dimension } from "./Dimension";
import { FeatureMark } from "./FeatureMark";
import { FixtureMarks } from "./FixtureMarks";
import { FloorMarks } from "./FloorMarks";
import { FoundMarks } from "./FoundMarks";
import { Handles } from "./Handles";
import { hatchOf } from "./hatchOf";
import { Labels } from "./Labels";
import { PieceMark } from "./PieceMark";
import { Pressable } from "./Pressable";
import { ZoneMark } from "./ZoneMark";

/** Few builds have slips: what lays them out is fetched with the first. */
const SlipMarks = lazy(() => import("./SlipMarks").then((m) => ({ default: m.SlipMarks })));

/**
 * The shell unfolded to scale, with what is on each face; features are dragged, sized or nudged where they are.
 * @param onFace what is taken in hand by pressing a face, if anything
 */
export function Net({ size, onFace }: { size: Size; onFace?: (face: FaceId) => Held | undefined }) {
  const { plan, seen, variant } = useBuild();
  const held = usePicked((p) => p.held);
  const { faces, strips, levels } = plan.shell;
  const view = netView({ plan, seen, variant, size, chosen: held.map((h) => h.id) });
  const { scale } = view;
  // Every plan makes the faces; the net moves only when an outline does.
  const net = useSame(view.net);
  const base = net.faces.base;
  const fill = Math.max(levels.groundMm, levels.waterMm);
  const walls: FaceId[] = faces.front.open ? ["left", "right", "back"] : ["left", "right", "back", "front"];
  const polygon = (face: FaceId, outline: readonly Point[]) => pointsOf(face, outline, net, scale);
  return (
    <>
      <g transform={`translate(${view.x} ${view.y})`}>
        {FACES.map((face) => {
          const { material, open, outline, frame } = faces[face];
          const press = onFace?.(face);
          const drawn = (
            <>
              <polygon
                points={polygon(face, outline)}
                fill={open ? "var(--chakra-colors-paper)" : hatchOf(material.family)}
                stroke="var(--chakra-colors-ink)"
                strokeWidth="1.4"
                {...(open && face !== "front" && { strokeDasharray: "6 4" })}
              />
              {fill > 0 && walls.includes(face) && (
                <polygon
                  points={polygon(face, below(outline, vAtHeight(frame, fill)))}
                  fill={levels.waterMm > levels.groundMm ? "url(#hatch-water)" : "url(#hatch-ground)"}
                  stroke={levels.waterMm > levels.groundMm ? "var(--chakra-colors-water)" : "var(--chakra-colors-mind)"}
                  strokeDasharray="4 3"
                  strokeWidth="0.8"
                />
              )}
            </>
          );
          return press ? (
            <Pressable key={face} held={press} name={`The ${face}`}>
              {drawn}
              <FaceEdge held={press} points={polygon(face, outline)} />
            </Pressable>
          ) : (
            <g key={face}>{drawn}</g>
          );
        })}
        {strips.map((strip) => (
          <rect
            key={strip.id}
            {...drawRect("front", strip, net, scale)}
            fill={hatchOf(strip.material.family)}
            stroke="var(--chakra-colors-ink)"
            strokeWidth="1"
            pointerEvents="none"
          />
        ))}
        <FoundMarks shell={plan.shell} net={net} scale={scale} />
        <g pointerEvents="none">
          {seen.covers.map((cover) => (
            <CoverMark key={cover.wall.face} cover={cover} net={net} scale={scale} />
          ))}
          {variant.slips.map((slips) => (
            <Suspense key={slips.id} fallback={null}>
              <SlipMarks slips={slips} net={net} scale={scale} />
            </Suspense>
          ))}
        </g>
        <ClosureMarks net={net} scale={scale} />
        {plan.shell.tray && <TrayMark net={net} scale={scale} />}
        <FloorMarks net={net} scale={scale} />
        <FixtureMarks net={net} scale={scale} />
        {variant.features.map((feature, index) => (
          <FeatureMark key={feature.id} feature={feature} index={index} net={net} scale={scale} />
        ))}
        {variant.background.zones.map((zone, index) => (
          <ZoneMark key={zone.id} zone={zone} index={index} net={net} scale={scale} />
        ))}
        {variant.hardscape.map((piece, index) => (
          <PieceMark key={piece.id} piece={piece} index={index} net={net} scale={scale} />
        ))}
        <Handles net={net} scale={scale} />
        <Dimension
          x1={base.x * scale}
          x2={(base.x + base.w) * scale}
          y1={(base.y + base.h) * scale + 6}
          y2={(base.y + base.h) * scale + 6}
        />
        <Dimension
          x1={(base.x + base.w) * scale + 8}
          x2={(base.x + base.w) * scale + 8}
          y1={base.y * scale}
          y2={(base.y + base.h) * scale}
        />
        <Dimension
          x1={net.faces.left.x * scale - 7}
          x2={net.faces.left.x * scale - 7}
          y1={net.faces.left.y * scale}
          y2={(net.faces.left.y + net.faces.left.h) * scale}
        />
      </g>
      <Labels labels={view.labels} />
    </>
  );
}

const pointsOf = (face: FaceId, outline: readonly Point[], net: NetLayout, scale: number) =>
  outline
    .map(([u, v]) => toNet(face, u, v, net))
    .map(({ x, y }) => `${formatNumber(x * scale, 2)},${formatNumber(y * scale, 2)}`)
    .join(" ");

/** The edge of a face that is in hand. */
function FaceEdge({ held, points }: { held: Held; points: string }) {
  if (!useIsHeld(held)) return null;
  return <polygon points={points} fill="none" stroke="var(--chakra-colors-fern)" strokeWidth="3" />;
}

/** The tray on the base. */
function TrayMark({ net, scale }: { net: NetLayout; scale: number }) {
  const hasPool = useVariant((v) => v.vessels.some((x) => x.kind === "pool"));
  const { inside, tray } = useShown(({ plan }) => plan.shell);
  if (!tray) return null;
  const rect = drawRect(
    "base",
    {
      uMm: (inside.widthMm - tray.widthMm) / 2,
      vMm: (inside.depthMm - tray.depthMm) / 2,
      widthMm: tray.widthMm,
      heightMm: tray.depthMm,
    },
    net,
    scale,
  );
  return (
    <rect
      {...rect}
      fill={hasPool ? "none" : "url(#hatch-glass)"}
      stroke="var(--chakra-colors-water)"
      pointerEvents="none"
    />
  );
}
