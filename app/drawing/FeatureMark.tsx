import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, memo, useRef } from "react";
import { holeCentres } from "#core/air/pattern";
import type { Build, Feature } from "#core/design/schema";
import { chosenVariant, variantPath } from "#core/design/variant";
import { featureName, featureRect } from "#core/shell/features";
import { moveOnFace, type Net, toNet } from "#core/shell/net";
import { snapCentre } from "#core/shell/snap";
import { formatLength } from "#core/units/format";
import { useBuildHandle, useMovedFeature, usePicked, useUnits } from "../state/context";
import { readAt } from "../state/pointer";
import { markMove, useDrawnTiming } from "./dragTiming";
import { drawRect } from "./drawRect";
import { Label, LETTER } from "./Label";

interface Props {
  feature: Feature;
  index: number;
  net: Net;
  scale: number;
}

/** A dragged feature is drawn to what it comes this near, in pixels of the screen. */
const SNAP_PX = 4;

const NUDGES: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** What a feature looks like on its face. */
function Body({ feature, rect, net, scale }: Omit<Props, "index"> & { rect: ReturnType<typeof drawRect> }) {
  switch (feature.kind) {
    case "mesh":
      return (
        <rect
          {...rect}
          rx={feature.shape === "panel" ? 0 : Math.min(rect.width, rect.height) / 2}
          fill={feature.mesh ? "url(#hatch-mesh)" : "var(--chakra-colors-paper)"}
          stroke="var(--chakra-colors-ink)"
        />
      );
    case "pane":
      return <rect {...rect} fill="url(#hatch-glass)" stroke="var(--chakra-colors-water)" strokeWidth="1.4" />;
    case "keepOut":
      return (
        <rect
          {...rect}
          fill="var(--chakra-colors-clay)"
          fillOpacity="0.08"
          stroke="var(--chakra-colors-clay)"
          strokeDasharray="3 3"
        />
      );
    case "port":
      return (
        <ellipse
          cx={rect.x + rect.width / 2}
          cy={rect.y + rect.height / 2}
          rx={Math.max(2.5, rect.width / 2)}
          ry={Math.max(2.5, rect.height / 2)}
          fill={feature.use === "drain" ? "var(--chakra-colors-water-soft)" : "var(--chakra-colors-paper)"}
          stroke={feature.use === "drain" ? "var(--chakra-colors-water)" : "var(--chakra-colors-ink)"}
          strokeWidth="1.4"
        />
      );
    case "holes":
      return holeCentres(feature).map((hole) => {
        const at = toNet(feature.face, feature.u.value + hole.uMm, feature.v.value + hole.vMm, net);
        return (
          <circle
            key={`${hole.uMm}/${hole.vMm}`}
            cx={at.x * scale}
            cy={at.y * scale}
            r={Math.max(1, (feature.holeDia.value / 2) * scale)}
            fill={feature.mesh ? "url(#hatch-mesh)" : "var(--chakra-colors-paper)"}
            stroke="var(--chakra-colors-ink)"
            strokeWidth="0.8"
          />
        );
      });
  }
}

/** A feature on the net: dragged with the pointer, or nudged by arrow keys, 1 mm and with Shift 10. */
export const FeatureMark = memo(function FeatureMark({ feature: planned, index, net, scale }: Props) {
  const feature = useMovedFeature(planned, index);
  useDrawnTiming(feature);
  const { api, choose } = useBuildHandle();
  const selected = usePicked((p) => p.chosen === feature.id);
  const { units, say } = useUnits();
  const mark = useRef<SVGGElement>(null);
  const start = useRef({ u: 0, v: 0 });

  /** Moves the centre; whole millimetres, or sixteenths in an inch build. */
  const moved = (u: number, v: number) => {
    const snap = (mm: number) => {
      const step = units.unit === "in" ? 25.4 / units.denominator : 1;
      const value = Math.round(mm / step) * step;
      return { typed: formatLength(value, units), value, how: "stated" as const };
    };
    return (draft: Build) => {
      const target = readAt(draft, variantPath(draft, `/features/${index}`)) as Feature;
      target.u = snap(u);
      target.v = snap(v);
    };
  };

  const snapped = (u: number, v: number, withinMm: number) => {
    const { plan, design } = api.shown.getState();
    const others = chosenVariant(design).features.filter((f) => f.face === feature.face && f.id !== feature.id);
    return snapCentre(feature, plan.shell.faces[feature.face], others, u, v, withinMm);
  };

  const bind = useDrag(
    ({ first, last, movement: [px, py], canceled, event }) => {
      event.preventDefault();
      if (first) {
        start.current = { u: feature.u.value, v: feature.v.value };
        choose(feature.id);
      }
      if (canceled) return api.drop();
      const zoom = mark.current?.ownerSVGElement?.getScreenCTM()?.a ?? 1;
      const step = moveOnFace(feature.face, px / zoom / scale, py / zoom / scale);
      if (!last && (step.uMm !== 0 || step.vMm !== 0)) {
        markMove(event);
        const [u, v] = [start.current.u + step.uMm, start.current.v + step.vMm];
        // Drawn to edges, middles and equal gaps it comes near, unless Alt is held.
        const at = event.altKey ? { uMm: u, vMm: v } : snapped(u, v, SNAP_PX / zoom / scale);
        api.show(moved(at.uMm, at.vMm));
      }
      if (last) api.settle();
    },
    { filterTaps: false, pointer: { keys: false } },
  );

  const onKeyDown = (event: KeyboardEvent) => {
    const nudge = NUDGES[event.key];
    if (!nudge) return;
    event.preventDefault();
    const by = (event.shiftKey ? 10 : 1) * (units.unit === "in" ? 25.4 / units.denominator : 1);
    const step = moveOnFace(feature.face, nudge[0] * by, nudge[1] * by);
    api.commit(moved(feature.u.value + step.uMm, feature.v.value + step.vMm));
  };

  const rect = drawRect(feature.face, featureRect(feature), net, scale);
  const name = featureName(feature);
  // Its name stays over its own face.
  const place = net.faces[feature.face];
  const half = Math.min((name.length * LETTER) / 2, (place.w * scale) / 2);
  const labelX = Math.min(
    (place.x + place.w) * scale - half,
    Math.max(place.x * scale + half, rect.x + rect.width / 2),
  );
  // Near the top of its face the name would run into the face's own.
  const labelBelow = rect.y - net.faces[feature.face].y * scale < 18;
  return (
    <g
      ref={mark}
      {...bind()}
      role="button"
      tabIndex={0}
      aria-label={`${name}, ${say(feature.u.value)} and ${say(feature.v.value)} on the ${feature.face}. Arrow keys move it.`}
      data-feature={feature.id}
      style={{ cursor: "grab", touchAction: "none" }}
      onKeyDown={onKeyDown}
      onFocus={() => choose(feature.id)}
    >
      <rect
        x={rect.x - 4}
        y={rect.y - 4}
        width={rect.width + 8}
        height={rect.height + 8}
        fill="transparent"
        stroke={selected ? "var(--chakra-colors-fern)" : "none"}
        strokeDasharray="4 3"
        strokeWidth="1.5"
      />
      <Body feature={feature} rect={rect} net={net} scale={scale} />
      <Label x={labelX} y={labelBelow ? rect.y + rect.height + 14 : rect.y - 7} anchor="middle">
        {name}
      </Label>
    </g>
  );
});
