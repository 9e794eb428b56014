import { memo } from "react";
import { featureName, featureRect } from "#core/features/feature";
import type { Feature } from "#core/features/schema";
import type { Net } from "#core/shell/net";
import { drawRect } from "#core/views/drawRect";
import { FeatureBody } from "../features/marks";
import { useMoved } from "../state/context";
import { MovableMark } from "./MovableMark";

interface Props {
  feature: Feature;
  index: number;
  net: Net;
  scale: number;
}

/** A feature on the net: dragged with the pointer, or nudged by arrow keys, 1 mm and with Shift 10. */
export const FeatureMark = memo(function FeatureMark({ feature: planned, index, net, scale }: Props) {
  const feature = useMoved(planned, (variant) => variant.features[index]);
  const own = featureRect(feature);
  const rect = drawRect(feature.face, own, net, scale);
  return (
    <MovableMark
      held={{ kind: "feature", id: feature.id }}
      item={feature}
      own={own}
      rect={rect}
      scale={scale}
      others={({ features }) => features.filter((f) => f.face === feature.face && f.id !== feature.id).map(featureRect)}
      name={featureName(feature)}
      tag={{ "data-feature": feature.id }}
    >
      <FeatureBody feature={feature} rect={rect} net={net} scale={scale} />
    </MovableMark>
  );
});
