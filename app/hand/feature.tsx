import { Box, Flex } from "@chakra-ui/react";
import { chosenVariant } from "#core/document/variant";
import { featureRect, isCut } from "#core/features/feature";
import { featureKind } from "#core/features/index";
import type { Feature } from "#core/features/schema";
import { AXIS_WORDS, FACE_AXES } from "#core/shell/faces";
import { FEATURE_FIELDS } from "../features/fields";
import { FateField, OriginField } from "../fields/FateField";
import { ChoiceField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading } from "../fields/Reading";
import { useShown, useUnits } from "../state/context";
import { Fields } from "../ui/Panel";
import { LevelWith } from "./LevelWith";
import { useIndex } from "./useIndex";

const FACE_OPTIONS = [
  ["left", "left"],
  ["right", "right"],
  ["back", "back"],
  ["top", "top"],
  ["front", "front"],
  ["base", "base"],
] as const;

/** Whether what fills it was found, whether that is mesh, and whether its mesh may have a hole. */
function foundWords(feature: Feature): { found: boolean; meshed: boolean; holed: boolean } {
  const meshed = "meshOrigin" in feature && feature.mesh !== null;
  const found = meshed ? feature.meshOrigin === "found" : feature.origin === "found" && isCut(feature);
  return { found, meshed, holed: meshed && found };
}

/** A vent, port, pane or keep-out: its place, what its kind asks, and what came with it. */
export function FeatureFields({ id }: { id: string }) {
  const index = useIndex((v) => v.features, id);
  const feature = useShown(({ design }) => {
    const whole = chosenVariant(design).features.find((f) => f.id === id);
    if (!whole) return undefined;
    const { widthMm, heightMm } = featureRect(whole);
    const { face, kind } = whole;
    return {
      face,
      kind,
      ...foundWords(whole),
      readings: featureKind(whole).readings?.(whole) ?? [],
      widthMm,
      heightMm,
    };
  });
  const canBeFound = useShown(({ seen }) => seen.canBeFound);
  const { say } = useUnits();
  if (!feature || index < 0) return null;
  const OwnFields = FEATURE_FIELDS[feature.kind];
  const path = `/features/${index}`;
  const axes = FACE_AXES[feature.face];
  return (
    <>
      <Fields>
        <MeasureField label={`Middle ${AXIS_WORDS[axes.u]}`} path={`${path}/u`} />
        <MeasureField label={`Middle ${AXIS_WORDS[axes.v]}`} path={`${path}/v`} />
        <OwnFields index={index} path={path} />
        <ChoiceField label="Face" path={`${path}/face`} options={FACE_OPTIONS} />
        <NameField label="Name" path={`${path}/name`} optional />
        <LevelWith held={{ kind: "feature", id }} />
        {canBeFound && <OriginField path={path} />}
        {feature.found && <FateField label="What came with it is" path={path} mends={feature.meshed} />}
        {feature.holed && (
          <>
            <MeasureField label="Hole in the mesh, across" path={`${path}/hole`} optional empty="whole" />
            <MeasureField label="Patch, how wide" path={`${path}/patch`} optional empty="the least that laps" />
          </>
        )}
      </Fields>
      <Flex mt="1.5" gap="4" align="end" wrap="wrap">
        {feature.readings.map(({ figure, label }) => (
          <FigureReading key={figure} id={figure} label={label} />
        ))}
        <Box fontSize="xs" color="muted">
          {`takes ${say(feature.widthMm)} × ${say(feature.heightMm)} of the ${feature.face}`}
        </Box>
      </Flex>
    </>
  );
}
