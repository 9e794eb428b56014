import { Box } from "@chakra-ui/react";
import { memo, useMemo } from "react";
import { coversOf } from "#core/background/cover";
import { FACES, type FaceId } from "#core/design/names";
import { siteFloor } from "#core/ground/site";
import { faceName } from "#core/materials/face";
import { FACE_WORDS } from "#core/shell/boxFaces";
import { layNet, type Net as NetLayout, toNet } from "#core/shell/net";
import { below } from "#core/shell/outline";
import type { Shell } from "#core/shell/shell";
import { type Point, vAtHeight } from "#core/shell/space";
import { layOut } from "#core/slips/layout";
import type { Slips } from "#core/slips/schema";
import { slipJob } from "#core/slips/trade";
import { formatNumber } from "#core/units/format";
import { formatWithin } from "#core/units/within";
import { ClosureMarks } from "../closures/marks";
import { useBuild, useBuildHandle, useShown, useUnits, useVariant } from "../state/context";
import { useSame } from "../state/equal";
import { CoverMark } from "./CoverMark";
import { Dimension } from "./Dimension";
import { drawRect } from "./drawRect";
import { FeatureMark } from "./FeatureMark";
import { FoundMarks } from "./FoundMarks";
import { Hatches } from "./Hatches";
import { hatchOf } from "./hatchOf";
import { Label, LETTER } from "./Label";
import { ZoneMark } from "./ZoneMark";

const WIDTH = 800;
const MAX_HEIGHT = 470;
const GAP = 22;
const MARGIN = { top: 18, right: 6, bottom: 26, left: 70 };
const LABEL: Record<FaceId, string> = {
  base: "Base",
  top: "Top",
  left: "Left",
  right: "Right",
  back: "Back",
  front: "Front, from outside",
};

/** The net and its scale in drawing units a millimetre; its gaps stay the same on the screen whatever the scale. */
function fitNet(faces: Shell["faces"]) {
  const gapless = layNet(faces, 0);
  const room = {
    w: WIDTH - MARGIN.left - MARGIN.right - 3 * GAP,
    h: MAX_HEIGHT - MARGIN.top - MARGIN.bottom - 2 * GAP,
  };
  const scale = Math.min(room.w / gapless.widthMm, room.h / gapless.heightMm);
  return { scale, net: layNet(faces, GAP / scale) };
}

/** The net of these faces. Every plan makes the faces; the net moves only when an outline does. */
function useNet(faces: Shell["faces"]) {
  const same = useSame(faces, (all) => FACES.map((face) => all[face].outline));
  return useMemo(() => fitNet(same), [same]);
}

/** The shell unfolded to scale, with what is on each face; features are dragged or nudged where they are. */
export function Net() {
  const { plan, variant, design } = useBuild();
  const { say } = useUnits();
  const { faces, strips, levels } = plan.shell;
  const { net, scale } = useNet(faces);
  const height = net.heightMm * scale + MARGIN.top + MARGIN.bottom;
  const left = MARGIN.left + (WIDTH - MARGIN.left - MARGIN.right - net.widthMm * scale) / 2;
  const base = net.faces.base;
  const polygon = (face: FaceId, outline: readonly Point[]) =>
    outline
      .map(([u, v]) => toNet(face, u, v, net))
      .map(({ x, y }) => `${formatNumber(x * scale, 2)},${formatNumber(y * scale, 2)}`)
      .join(" ");
  const covers = coversOf(plan.shell, variant);
  const fill = Math.max(levels.groundMm, levels.waterMm);
  const walls: FaceId[] = faces.front.open ? ["left", "right", "back"] : ["left", "right", "back", "front"];
  return (
    <Box>
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        width="100%"
        role="group"
        aria-label={`Net of ${design.name}, to scale`}
        style={{ display: "block" }}
      >
        <Hatches />
        <g transform={`translate(${left} ${MARGIN.top})`}>
          {FACES.map((face) => {
            const place = net.faces[face];
            const { material, open, outline, frame } = faces[face];
            // Names run over the gap to the next face at most: the longest that fits is written.
            const room = (place.w * scale + (face === "front" ? MARGIN.right : GAP)) / LETTER;
            const name =
              [
                ...(open
                  ? []
                  : [`${LABEL[face]} · ${faceName(material, say)}`, `${LABEL[face]} · ${say(material.thicknessMm)}`]),
                LABEL[face],
              ].find((words) => words.length <= room) ?? FACE_WORDS[face];
            return (
              <g key={face}>
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
                    stroke={
                      levels.waterMm > levels.groundMm ? "var(--chakra-colors-water)" : "var(--chakra-colors-mind)"
                    }
                    strokeDasharray="4 3"
                    strokeWidth="0.8"
                  />
                )}
                <Label x={place.x * scale + 1} y={place.y * scale - 5}>
                  {name}
                </Label>
              </g>
            );
          })}
          {strips.map((strip) => (
            <g key={strip.id}>
              <rect
                {...drawRect("front", strip, net, scale)}
                fill={hatchOf(strip.material.family)}
                stroke="var(--chakra-colors-ink)"
                strokeWidth="1"
              />
              {strip.heightMm * scale > 12 && strip.widthMm * scale > 90 && (
                <StripLabel
                  rect={drawRect("front", strip, net, scale)}
                  text={`${strip.label.toLowerCase()} ${say(strip.heightMm)}`}
                />
              )}
            </g>
          ))}
          <FoundMarks shell={plan.shell} net={net} scale={scale} />
          {covers.map((cover) => (
            <CoverMark key={cover.wall.face} cover={cover} net={net} scale={scale} />
          ))}
          {variant.slips.map((slips) => (
            <SlipMarks key={slips.id} slips={slips} net={net} scale={scale} />
          ))}
          <ClosureMarks net={net} scale={scale} />
          {variant.ground.pool && <PoolMark net={net} scale={scale} />}
          {plan.shell.tray && <TrayMark net={net} scale={scale} />}
          <AtAGlance x={(base.x + base.w) * scale + 84} y={base.y * scale + 10} />
          {variant.features.map((feature, index) => (
            <FeatureMark key={feature.id} feature={feature} index={index} net={net} scale={scale} />
          ))}
          {variant.background.zones.map((zone, index) => (
            <ZoneMark key={zone.id} zone={zone} index={index} net={net} scale={scale} quiet />
          ))}
          <Dimension
            x1={base.x * scale}
            x2={(base.x + base.w) * scale}
            y1={(base.y + base.h) * scale + 7}
            y2={(base.y + base.h) * scale + 7}
            text={say(base.w)}
          />
          <Dimension
            x1={(base.x + base.w) * scale + 8}
            x2={(base.x + base.w) * scale + 8}
            y1={base.y * scale}
            y2={(base.y + base.h) * scale}
            text={say(base.h)}
          />
          <Dimension
            side="left"
            x1={net.faces.left.x * scale - 8}
            x2={net.faces.left.x * scale - 8}
            y1={net.faces.left.y * scale}
            y2={(net.faces.left.y + net.faces.left.h) * scale}
            text={say(net.faces.left.h)}
          />
        </g>
      </svg>
    </Box>
  );
}

function StripLabel({ rect, text }: { rect: { x: number; y: number; width: number; height: number }; text: string }) {
  return (
    <Label x={rect.x + 7} y={rect.y + rect.height / 2 + 4}>
      {text}
    </Label>
  );
}

/** Slips or tiles where they lie on their face. */
const SlipMarks = memo(function SlipMarks({ slips, net, scale }: { slips: Slips; net: NetLayout; scale: number }) {
  const { api } = useBuildHandle();
  const layout = layOut(slipJob(slips, api.shown.getState().plan.shell.faces));
  if (!layout) return null;
  return (
    <g fill="none" stroke="var(--chakra-colors-clay)" strokeWidth="0.7">
      {layout.pieces.map(({ uMm, vMm, widthMm }) => (
        <rect
          key={`${uMm}/${vMm}`}
          {...drawRect(
            slips.face,
            { uMm, vMm: vMm + slips.foot.value, widthMm, heightMm: slips.height.value },
            net,
            scale,
          )}
        />
      ))}
    </g>
  );
});

/** The pool on the floor, with its water. */
function PoolMark({ net, scale }: { net: NetLayout; scale: number }) {
  const { plan, variant } = useBuild();
  const { shell } = plan;
  const pool = variant.ground.pool!;
  const floor = siteFloor(plan.site);
  const offU = shell.tray ? (shell.inside.widthMm - floor.widthMm) / 2 : 0;
  const offV = shell.tray ? (shell.inside.depthMm - floor.depthMm) / 2 : 0;
  const rect = drawRect(
    "base",
    {
      uMm: offU + pool.u.value - pool.width.value / 2,
      vMm: offV + pool.v.value - pool.length.value / 2,
      widthMm: pool.width.value,
      heightMm: pool.length.value,
    },
    net,
    scale,
  );
  return (
    <g pointerEvents="none">
      <rect {...rect} fill="url(#hatch-water)" fillOpacity="0.7" stroke="var(--chakra-colors-water)" />
      <Label x={rect.x + 6} y={rect.y + 14} tone="water">
        {`pool ${formatNumber(floor.poolM2 * shell.levels.waterMm)} L`}
      </Label>
    </g>
  );
}

/** The tray on the base. */
function TrayMark({ net, scale }: { net: NetLayout; scale: number }) {
  const hasPool = useVariant((v) => v.ground.pool !== null);
  const { say } = useUnits();
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
    <g>
      <rect {...rect} fill={hasPool ? "none" : "url(#hatch-glass)"} stroke="var(--chakra-colors-water)" />
      <Label x={rect.x + 7} y={rect.y + rect.height - 8} tone="water">
        {`tray ${say(tray.heightMm)} high, glass ${say(tray.glassMm)}`}
      </Label>
    </g>
  );
}

/** What a builder asks first, where the net leaves room: sizes, volume, who for, and the worst way out. */
function AtAGlance({ x, y }: { x: number; y: number }) {
  const { plan, design } = useBuild();
  const { say, units } = useUnits();
  const { inside, volumeMl } = plan.shell;
  const unit = units.unit === "mm" ? " mm" : "";
  const tightest = plan.audit.audits
    .flatMap((audit) => audit.ways.filter((w) => w.name === audit.largest))
    .sort((a, b) => b.worstMm / b.allowedMm - a.worstMm / a.allowedMm)[0];
  const who = design.brief.residents.map((r) => `${r.count} × ${r.name.toLowerCase()}`).join(", ");
  return (
    <>
      <Label x={x} y={y} font="body" bold>
        Inside
      </Label>
      <Label x={x} y={y + 16}>
        {`${say(inside.widthMm)} × ${say(inside.depthMm)} × ${say(inside.heightMm)}${unit}`}
      </Label>
      <Label x={x} y={y + 31}>
        {`${formatNumber(volumeMl / 1000)} L`}
      </Label>
      <Label x={x} y={y + 51} font="body" bold>
        Residents
      </Label>
      <Label x={x} y={y + 67}>
        {who === "" ? "nobody yet: see Brief" : who}
      </Label>
      {tightest && (
        <Label x={x} y={y + 82} tone={tightest.passes ? "fern" : "stop"}>
          {`largest way out ${formatWithin(tightest.worstMm, tightest.allowedMm, units).join(" of ")} allowed`}
        </Label>
      )}
    </>
  );
}
