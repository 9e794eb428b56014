import { Button, Stack, Text } from "@chakra-ui/react";
import { memo } from "react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { featureRect } from "#core/features/feature";
import type { Feature } from "#core/features/schema";
import { isVent } from "#core/features/vents";
import type { Levels } from "#core/levels/levels";
import { materialsOf } from "#core/materials/find";
import { vAtHeight } from "#core/shell/space";
import { Net } from "../../drawing/Net";
import { useBuildHandle, useShown } from "../../state/context";
import { FeatureCard, freeId } from "../../ui/FeatureCard";
import { Fields, Panel } from "../../ui/Panel";
import { FigureReading } from "../../ui/Reading";
import { StageHead } from "../StageHead";

/** Vents: drawn on the net, dragged or typed, with the air they let through. */
export default function AirStage() {
  const variant = useShown(({ design }) => {
    const { id, features } = chosenVariant(design);
    return { id, vents: features.flatMap((f, index) => (isVent(f) ? [{ id: f.id, index }] : [])) };
  });
  const hasAir = useShown(({ plan }) => plan.figures.some((f) => f.id === "air/free"));
  const vents = variant.vents.length;
  return (
    <Stack gap="3">
      <StageHead
        title="Air"
        summary={
          vents === 0
            ? "no vents yet: start low on one side, high on the other"
            : `${vents} ${vents === 1 ? "vent" : "vents"}; drag one, or type where its middle is`
        }
      >
        <AddButtons />
      </StageHead>
      <Net />
      {hasAir && (
        <Panel>
          <Fields min="8rem">
            <FigureReading id="air/free" />
            <FigureReading id="air/changes" />
          </Fields>
          <Text fontSize="xs" color="muted" mt="2">
            Air changes are by warmth alone, 5 K over the room; lamps, fans and draughts come with the climate. Free
            area and screen loss are kept apart.
          </Text>
        </Panel>
      )}
      {variant.vents.map(({ id, index }) => (
        <FeatureCard key={id} index={index} variantId={variant.id} />
      ))}
    </Stack>
  );
}

/** Over what fills it, and over a dam; where the walls themselves are the dam, over the fill alone. */
const lowestFreeMm = ({ groundMm, waterMm, damTopMm, topMm }: Levels): number =>
  Math.max(groundMm, waterMm, damTopMm < topMm ? damTopMm : 0);

/** Reads the build when pressed, so that it is not drawn again while a vent is dragged. */
const AddButtons = memo(function AddButtons() {
  const { api, choose } = useBuildHandle();
  const now = () => {
    const { plan, design } = api.shown.getState();
    return { plan, ...plan.shell, variant: chosenVariant(design) };
  };
  const push = (feature: Feature) => {
    api.commit((draft) => {
      chosenVariant(draft).features.push(feature);
    });
    choose(feature.id);
  };
  const addLow = () => {
    const { faces, levels, variant } = now();
    const { room, frame } = faces.left;
    const feature: Feature = {
      id: freeId(variant, "low"),
      name: "Low left",
      face: "left",
      kind: "holes",
      origin: "made",
      meshOrigin: "made",
      pattern: "staggered",
      holeDia: statedMm(6),
      pitch: statedMm(12),
      columns: Math.max(1, Math.min(20, Math.floor((room.widthMm * 0.6) / 12))),
      rows: 3,
      mesh: null,
      u: statedMm(Math.round(room.uMm + room.widthMm / 2)),
      v: statedMm(0),
    };
    feature.v = statedMm(Math.round(vAtHeight(frame, lowestFreeMm(levels)) + 30 + featureRect(feature).heightMm / 2));
    push(feature);
  };
  const addHigh = () => {
    const { faces, plan, variant } = now();
    const { room: face } = faces.right;
    const mesh = materialsOf(plan.site.book, "mesh")[0];
    if (!mesh) return;
    const height = Math.round(Math.min(80, face.heightMm * 0.2));
    push({
      id: freeId(variant, "high"),
      name: "High right",
      face: "right",
      kind: "mesh",
      origin: "made",
      meshOrigin: "made",
      shape: "panel",
      width: statedMm(Math.round(face.widthMm * 0.5)),
      height: statedMm(height),
      mesh: mesh.id,
      lap: statedMm(20),
      u: statedMm(Math.round(face.uMm + face.widthMm / 2)),
      v: statedMm(Math.round(face.vMm + face.heightMm - 40 - height / 2)),
    });
  };
  return (
    <>
      <Button size="xs" bg="fern" color="fernInk" onClick={addLow}>
        Add holes, low left
      </Button>
      <Button size="xs" bg="fern" color="fernInk" onClick={addHigh}>
        Add mesh, high right
      </Button>
    </>
  );
});
