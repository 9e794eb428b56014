import { memo } from "react";
import { holeCentres } from "#core/air/pattern";
import type { Feature } from "#core/design/schema";
import { chosenVariant } from "#core/design/variant";
import { featureName, featureRect } from "#core/shell/features";
import { type Net, toNet } from "#core/shell/net";
import { snapCentre } from "#core/shell/snap";
import { useBuildHandle, useMoved, usePicked, useUnits } from "../state/context";
import { useDrawnTiming } from "./dragTiming";
import { drawRect } from "./drawRect";
import { Label, LETTER } from "./Label";
import { useDragOnFace } from "./useDragOnFace";

interface Props {
  feature: Feature;
  index: number;
  net: Net;
  scale: number;
}

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
  const feature = useMoved(planned, (variant) => variant.features[index]);
  useDrawnTiming(feature);
  const { api, choose } = useBuildHandle();
  const selected = usePicked((p) => p.chosen === feature.id);
  const { say } = useUnits();
  const { mark, bind, onKeyDown } = useDragOnFace({
    path: `/features/${index}`,
    ...{ id: feature.id, face: feature.face, u: feature.u, v: feature.v, scale },
    snapped: (u, v, withinMm) => {
      const { plan, design } = api.shown.getState();
      const others = chosenVariant(design).features.filter((f) => f.face === feature.face && f.id !== feature.id);
      return snapCentre(featureRect(feature), plan.shell.faces[feature.face], others.map(featureRect), u, v, withinMm);
    },
  });

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
