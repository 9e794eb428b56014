import { memo } from "react";
import { featureName, featureRect } from "#core/features/feature";
import { holeCentres } from "#core/features/holes/pattern";
import type { Feature } from "#core/features/schema";
import { type Net, toNet } from "#core/shell/net";
import { useMoved } from "../state/context";
import { drawRect } from "./drawRect";
import { MovableMark } from "./MovableMark";

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
  const own = featureRect(feature);
  const rect = drawRect(feature.face, own, net, scale);
  return (
    <MovableMark
      item={feature}
      path={`/features/${index}`}
      own={own}
      rect={rect}
      place={net.faces[feature.face]}
      scale={scale}
      others={({ features }) => features.filter((f) => f.face === feature.face && f.id !== feature.id).map(featureRect)}
      name={featureName(feature)}
      tag={{ "data-feature": feature.id }}
    >
      <Body feature={feature} rect={rect} net={net} scale={scale} />
    </MovableMark>
  );
});
