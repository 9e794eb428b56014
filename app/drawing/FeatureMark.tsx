import { memo } from "react";
import type { Feature } from "#core/features/schema";
import type { Net } from "#core/shell/net";
import { drawRect } from "#core/views/drawRect";
import { FeatureBody } from "../features/marks";
import { useMoved, usePlaced } from "../state/context";
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
  const held = { kind: "feature", id: planned.id } as const;
  const placed = usePlaced(held);
  if (!placed) return null;
  const rect = drawRect(placed.face, placed.rect, net, scale);
  return (
    <MovableMark {...{ held, placed, rect, scale }} tag={{ "data-feature": planned.id }}>
      <FeatureBody feature={feature} rect={rect} net={net} scale={scale} />
    </MovableMark>
  );
});
