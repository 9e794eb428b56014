import { Box, Button, Flex, Stack, Text } from "@chakra-ui/react";
import { current } from "immer";
import { Copy, Trash2 } from "lucide-react";
import { memo } from "react";
import { statedMm } from "#core/design/measure";
import type { FaceId, Feature, Variant } from "#core/design/schema";
import { chosenVariant } from "#core/design/variant";
import type { Levels } from "#core/levels/levels";
import { materialsOf } from "#core/materials/find";
import { AXIS_WORDS, FACE_AXES } from "#core/shell/faces";
import { featureRect } from "#core/shell/features";
import { vAtHeight } from "#core/shell/space";
import { Net } from "../../drawing/Net";
import { useBuildHandle, useDecision, usePicked, useShown, useUnits } from "../../state/context";
import { ChoiceField, CountField, Select } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { FigureReading } from "../../ui/Reading";
import { StageHead } from "../StageHead";

const FACE_OPTIONS = [
  ["left", "left"],
  ["right", "right"],
  ["back", "back"],
  ["top", "top"],
  ["front", "front"],
] as const;

/** Vents: drawn on the net, dragged or typed, with the air they let through. */
export default function AirStage() {
  const variant = useShown(({ design }) => {
    const { id, features } = chosenVariant(design);
    return { id, vents: features.map((f) => f.id) };
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
      {variant.vents.map((id, index) => (
        <VentCard key={id} index={index} variantId={variant.id} />
      ))}
    </Stack>
  );
}

/** The first free id of a stem. */
function freeId(variant: Variant, stem: string): string {
  for (let n = 1; ; n++) {
    const id = `${stem}-${n}`;
    if (!variant.features.some((f) => f.id === id)) return id;
  }
}

const OPPOSITE: Partial<Record<FaceId, FaceId>> = { left: "right", right: "left" };

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

/** One vent's measures; drawn again only when what is not in its fields changes. */
const VentCard = memo(function VentCard({ index, variantId }: { index: number; variantId: string }) {
  const { api, choose } = useBuildHandle();
  const feature = useShown(({ design }) => {
    const whole = chosenVariant(design).features[index]!;
    const { widthMm, heightMm } = featureRect(whole);
    return { id: whole.id, name: whole.name, face: whole.face, kind: whole.kind, widthMm, heightMm };
  });
  const chosen = usePicked((p) => p.chosen === feature.id);
  const { say } = useUnits();
  const path = `/features/${index}`;
  const axes = FACE_AXES[feature.face];
  const meshes = useShown(({ bench }) => materialsOf(bench.book, "mesh").map((m) => [m.id, m.name] as const));
  const own = (draft: { variants: Variant[] }) => draft.variants.find((v) => v.id === variantId)!;
  const remove = () => api.commit((draft) => void own(draft).features.splice(index, 1));
  const across = OPPOSITE[feature.face];
  const copy = () =>
    api.commit((draft) => {
      const id = freeId(own(draft), "copy");
      own(draft).features.push({
        ...structuredClone(current(own(draft).features[index]!)),
        id,
        name: `${feature.name || feature.id}, across`,
        face: across!,
      });
    });
  return (
    <Panel borderColor={chosen ? "fern" : "line"} onFocus={() => choose(feature.id)}>
      <Flex align="center" gap="3" mb="2.5">
        <Text fontWeight="bold" flex="1">
          {feature.name || feature.id}
        </Text>
        {across && (
          <Button size="xs" variant="outline" borderColor="line" onClick={copy}>
            <Copy size={12} /> Copy across
          </Button>
        )}
        <Button
          size="xs"
          variant="outline"
          borderColor="line"
          onClick={remove}
          aria-label={`Remove ${feature.name || feature.id}`}
        >
          <Trash2 size={12} /> Remove
        </Button>
      </Flex>
      <Fields min="7.5rem">
        <ChoiceField label="Face" path={`${path}/face`} options={FACE_OPTIONS} />
        <MeasureField label={`Middle ${AXIS_WORDS[axes.u]}`} path={`${path}/u`} />
        <MeasureField label={`Middle ${AXIS_WORDS[axes.v]}`} path={`${path}/v`} />
        {feature.kind === "holes" ? (
          <>
            <MeasureField label="Hole, across" path={`${path}/holeDia`} />
            <MeasureField label="Pitch, centre to centre" path={`${path}/pitch`} />
            <CountField label="Columns" path={`${path}/columns`} max={200} />
            <CountField label="Rows" path={`${path}/rows`} max={200} />
            <ChoiceField
              label="Pattern"
              path={`${path}/pattern`}
              options={[
                ["staggered", "staggered, 60°"],
                ["square", "square"],
              ]}
            />
            <HoleMeshField index={index} meshes={meshes} />
          </>
        ) : (
          <>
            <MeasureField label="Opening, wide" path={`${path}/width`} />
            <MeasureField label="Opening, high" path={`${path}/height`} />
            <MeasureField label="Lap all round" path={`${path}/lap`} />
            <ChoiceField label="Mesh" path={`${path}/mesh`} options={meshes} />
          </>
        )}
      </Fields>
      <Flex mt="3" gap="6" align="end">
        <FigureReading id={`air/${feature.id}/free`} label="Free area" />
        <Box fontSize="xs" color="muted">
          takes {say(feature.widthMm)} × {say(feature.heightMm)} of the {feature.face}
        </Box>
      </Flex>
    </Panel>
  );
});

/** Mesh behind a hole field: none, or one of the book's. */
function HoleMeshField({ index, meshes }: { index: number; meshes: readonly (readonly [string, string])[] }) {
  const { value, commit } = useDecision<string | null>(`/features/${index}/mesh`);
  return (
    <Select
      label="Mesh behind"
      value={value ?? ""}
      options={[["", "none"], ...meshes]}
      onChange={(id) => commit(id || null)}
    />
  );
}
