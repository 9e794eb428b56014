import { Box, Flex, Text } from "@chakra-ui/react";
import { current } from "immer";
import { AlignCenterHorizontal, Copy, FlipHorizontal, Trash2 } from "lucide-react";
import { memo } from "react";
import { statedMm } from "#core/design/measure";
import type { FaceId } from "#core/design/names";
import type { Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import { freeId } from "#core/features/begin";
import { featureName, featureRect, isCut } from "#core/features/feature";
import { featureKind } from "#core/features/index";
import type { Feature } from "#core/features/schema";
import { AXIS_WORDS, FACE_AXES } from "#core/shell/faces";
import { kindOf } from "#core/shell/kinds/index";
import { FEATURE_FIELDS } from "../features/fields";
import { useBuildHandle, usePicked, useShown, useUnits } from "../state/context";
import { FateField, OriginField } from "./FateField";
import { ChoiceField } from "./fields";
import { LevelWith } from "./LevelWith";
import { MeasureField } from "./MeasureField";
import { fieldsId } from "./openFields";
import { Fields, Panel } from "./Panel";
import { QuietButton } from "./QuietButton";
import { FigureReading } from "./Reading";

const FACE_OPTIONS = [
  ["left", "left"],
  ["right", "right"],
  ["back", "back"],
  ["top", "top"],
  ["front", "front"],
  ["base", "base"],
] as const;

const OPPOSITE: Partial<Record<FaceId, FaceId>> = { left: "right", right: "left" };

/** One feature's measures; drawn again only when what is not in its fields changes. */
/** Whether what fills it was found, whether that is mesh, and whether its mesh may have a hole. */
function foundWords(feature: Feature): { found: boolean; meshed: boolean; holed: boolean } {
  const meshed = "meshOrigin" in feature && feature.mesh !== null;
  const found = meshed ? feature.meshOrigin === "found" : feature.origin === "found" && isCut(feature);
  return { found, meshed, holed: meshed && found };
}

export const FeatureCard = memo(function FeatureCard({ index, variantId }: { index: number; variantId: string }) {
  const { api, choose } = useBuildHandle();
  const feature = useShown(({ design }) => {
    const whole = chosenVariant(design).features[index]!;
    const { widthMm, heightMm } = featureRect(whole);
    return {
      id: whole.id,
      name: whole.name,
      face: whole.face,
      kind: whole.kind,
      ...foundWords(whole),
      readings: featureKind(whole).readings?.(whole) ?? [],
      widthMm,
      heightMm,
    };
  });
  const OwnFields = FEATURE_FIELDS[feature.kind];
  const canBeFound = useShown(({ plan }) => kindOf(plan.shell).found);
  const chosen = usePicked((p) => p.chosen === feature.id);
  const { say } = useUnits();
  const path = `/features/${index}`;
  const axes = FACE_AXES[feature.face];
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
  /** A copy on the same face, as far from its other edge. */
  const mirror = () =>
    api.commit((draft) => {
      const twin = structuredClone(current(own(draft).features[index]!));
      const { room } = api.shown.getState().plan.shell.faces[feature.face];
      const id = freeId(own(draft), "mirror");
      const u = statedMm(Math.round(10 * (2 * room.uMm + room.widthMm - twin.u.value)) / 10);
      own(draft).features.push({ ...twin, id, name: `${featureName(twin)}, mirrored`, u });
    });
  const centre = () =>
    api.commit((draft) => {
      const { room } = api.shown.getState().plan.shell.faces[feature.face];
      own(draft).features[index]!.u = statedMm(Math.round(10 * (room.uMm + room.widthMm / 2)) / 10);
    });
  return (
    <Panel id={fieldsId(feature.id)} borderColor={chosen ? "fern" : "line"} onFocus={() => choose(feature.id)}>
      <Flex align="center" gap="2" mb="2.5" wrap="wrap">
        <Text fontWeight="bold" flex="1" minW="6rem">
          {feature.name || feature.id}
        </Text>
        <QuietButton size="xs" onClick={centre}>
          <AlignCenterHorizontal size={12} /> Centre it
        </QuietButton>
        <QuietButton size="xs" onClick={mirror}>
          <FlipHorizontal size={12} /> Mirror
        </QuietButton>
        {across && (
          <QuietButton size="xs" onClick={copy}>
            <Copy size={12} /> Copy across
          </QuietButton>
        )}
        <QuietButton size="xs" onClick={remove} aria-label={`Remove ${feature.name || feature.id}`}>
          <Trash2 size={12} /> Remove
        </QuietButton>
      </Flex>
      <Fields min="7.5rem">
        <ChoiceField label="Face" path={`${path}/face`} options={FACE_OPTIONS} />
        <MeasureField label={`Middle ${AXIS_WORDS[axes.u]}`} path={`${path}/u`} />
        <MeasureField label={`Middle ${AXIS_WORDS[axes.v]}`} path={`${path}/v`} />
        <LevelWith index={index} />
        <OwnFields index={index} path={path} />
        {canBeFound && <OriginField path={path} />}
        {feature.found && <FateField label="What came with it is" path={path} mends={feature.meshed} />}
        {feature.holed && (
          <>
            <MeasureField label="Hole in the mesh, across" path={`${path}/hole`} optional empty="whole" />
            <MeasureField label="Patch, how wide" path={`${path}/patch`} optional empty="the least that laps" />
          </>
        )}
      </Fields>
      <Flex mt="3" gap="6" align="end">
        {feature.readings.map(({ figure, label }) => (
          <FigureReading key={figure} id={figure} label={label} />
        ))}
        <Box fontSize="xs" color="muted">
          takes {say(feature.widthMm)} × {say(feature.heightMm)} of the {feature.face}
        </Box>
      </Flex>
    </Panel>
  );
});
