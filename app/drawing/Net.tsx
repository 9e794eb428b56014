import { Box } from "@chakra-ui/react";
import { useMemo, useRef } from "react";
import { FACES, type FaceId } from "#core/design/schema";
import type { Size3 } from "#core/shell/box";
import type { Rect } from "#core/shell/faces";
import { layNet, type Net as NetLayout } from "#core/shell/net";
import { useBuild, useUnits } from "../state/context";
import { Dimension } from "./Dimension";
import { useDragTiming } from "./dragTiming";
import { drawRect } from "./drawRect";
import { FeatureMark } from "./FeatureMark";
import { Hatches } from "./Hatches";
import { Label } from "./Label";

const WIDTH = 800;
const MAX_HEIGHT = 470;
const GAP = 22;
const MARGIN = { top: 18, right: 6, bottom: 26, left: 46 };
const LABEL: Record<FaceId, string> = {
  base: "Base",
  top: "Top",
  left: "Left",
  right: "Right",
  back: "Back",
  front: "Front, from outside",
};

/** The net and its scale in drawing units a millimetre; its gaps stay the same on the screen whatever the scale. */
function fitNet(inside: Size3) {
  const gapless = layNet(inside, 0);
  const room = {
    w: WIDTH - MARGIN.left - MARGIN.right - 3 * GAP,
    h: MAX_HEIGHT - MARGIN.top - MARGIN.bottom - 2 * GAP,
  };
  const scale = Math.min(room.w / gapless.widthMm, room.h / gapless.heightMm);
  return { scale, net: layNet(inside, GAP / scale) };
}

/** The shell unfolded to scale, with what is on each face; features are dragged or nudged where they are. */
export function Net() {
  const { plan, variant, design } = useBuild();
  const { say } = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  useDragTiming(plan);
  const { inside, sheets, strips, levels } = plan.shell;
  const { widthMm, depthMm, heightMm } = inside;
  const { net, scale } = useMemo(() => fitNet({ widthMm, depthMm, heightMm }), [widthMm, depthMm, heightMm]);
  const height = net.heightMm * scale + MARGIN.top + MARGIN.bottom;
  const left = MARGIN.left + (WIDTH - MARGIN.left - MARGIN.right - net.widthMm * scale) / 2;
  const hatch = (face: FaceId) => (sheets[face].plastic === "plywood" ? "url(#hatch-wood)" : "url(#hatch-sheet)");
  const base = net.faces.base;
  const slides = plan.closures.slides;
  const groundOn: FaceId[] = levels.groundMm > 0 ? ["left", "right", "back"] : [];
  return (
    <Box>
      <svg
        ref={svg}
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
            const narrow = place.w * scale < 130;
            const material = narrow ? String(sheets[face].thicknessMm) : sheets[face].name;
            return (
              <g key={face}>
                <rect
                  x={place.x * scale}
                  y={place.y * scale}
                  width={place.w * scale}
                  height={place.h * scale}
                  fill={face === "front" ? "var(--chakra-colors-paper)" : hatch(face)}
                  stroke="var(--chakra-colors-ink)"
                  strokeWidth="1.4"
                />
                {groundOn.includes(face) && (
                  <rect
                    {...drawRect(
                      face,
                      { uMm: 0, vMm: 0, widthMm: net.faces[face].w, heightMm: levels.groundMm },
                      net,
                      scale,
                    )}
                    fill="url(#hatch-ground)"
                    stroke="var(--chakra-colors-mind)"
                    strokeDasharray="4 3"
                    strokeWidth="0.8"
                  />
                )}
                <Label x={place.x * scale + 1} y={place.y * scale - 5}>
                  {face === "front" ? LABEL.front : `${LABEL[face]} · ${material}`}
                </Label>
              </g>
            );
          })}
          {strips.map((strip) => (
            <g key={strip.id}>
              <rect
                {...drawRect("front", strip, net, scale)}
                fill={hatch("front")}
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
          {slides && <Slides net={net} scale={scale} />}
          {variant.features.map((feature, index) => (
            <FeatureMark key={feature.id} feature={feature} index={index} net={net} scale={scale} />
          ))}
          <Dimension
            x1={base.x * scale}
            x2={(base.x + base.w) * scale}
            y1={(base.y + base.h) * scale + 7}
            y2={(base.y + base.h) * scale + 7}
            text={say(inside.widthMm)}
          />
          <Dimension
            x1={(base.x + base.w) * scale + 8}
            x2={(base.x + base.w) * scale + 8}
            y1={base.y * scale}
            y2={(base.y + base.h) * scale}
            text={say(inside.depthMm)}
          />
          <Dimension
            side="left"
            x1={net.faces.left.x * scale - 8}
            x2={net.faces.left.x * scale - 8}
            y1={net.faces.left.y * scale}
            y2={(net.faces.left.y + net.faces.left.h) * scale}
            text={say(inside.heightMm)}
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

/** The two panes in their opening, with the overlap where they pass. */
function Slides({ net, scale }: { net: NetLayout; scale: number }) {
  const { plan } = useBuild();
  const { opening } = plan.shell;
  const { fit, track } = plan.closures.slides!;
  const foot = opening.vMm + track.webMm.value;
  const pane = (fromRight: boolean): Rect => ({
    uMm: fromRight ? opening.uMm + opening.widthMm - fit.pane.widthMm : opening.uMm,
    vMm: foot,
    widthMm: fit.pane.widthMm,
    heightMm: Math.min(fit.pane.heightMm, opening.heightMm),
  });
  const a = drawRect("front", pane(false), net, scale);
  const b = drawRect("front", pane(true), net, scale);
  return (
    <g stroke="var(--chakra-colors-water)">
      <rect {...a} fill="url(#hatch-glass)" />
      <rect {...b} fill="url(#hatch-glass)" fillOpacity="0.7" />
      <Label x={a.x + 7} y={a.y + 15}>
        slide A
      </Label>
      <Label x={b.x + b.width - 7} y={b.y + 15} anchor="end">
        slide B
      </Label>
    </g>
  );
}
