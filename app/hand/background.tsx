import { Box, Flex, Input, Text } from "@chakra-ui/react";
import { current } from "immer";
import { ANCHOR } from "#core/background/anchors";
import { BUILD_UP } from "#core/background/buildUps";
import { newWall } from "#core/background/create";
import { FIBRE, FINISH } from "#core/background/finishes";
import { LIFT_MM } from "#core/background/foam";
import { ANCHORS, BUILD_UPS, FIBRES, FINISHES, MOST_PIECES, WALLS, type WallId } from "#core/background/names";
import type { Wall } from "#core/background/schema";
import { isBare, isPiece, isPlanter } from "#core/background/zones";
import { chosenVariant } from "#core/document/variant";
import { AXIS_WORDS, FACE_AXES } from "#core/shell/faces";
import { formatLengthWithUnit } from "#core/units/format";
import { FateField, OriginField } from "../fields/FateField";
import { ChoiceField, CountField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading } from "../fields/Reading";
import { useBuildHandle, useDecision, useShown, useUnits, useVariant } from "../state/context";
import { ActButton } from "../ui/ActButton";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { LevelWith } from "./LevelWith";
import { useIndex } from "./useIndex";

/** A wall with what is planned on it, or a start where nothing is. */
export function WallFields({ id }: { id: string }) {
  const { api } = useBuildHandle();
  const face = id as WallId;
  const wall = useVariant((v) => v.background.walls.find((w) => w.face === face));
  const index = useVariant((v) => v.background.walls.findIndex((w) => w.face === face));
  if (wall) return <Planned wall={wall} index={index} />;
  return (
    <>
      <Text fontSize="sm" mb="2">
        Nothing is planned on this wall. A start is foam in two lifts, carved, with fibre on it; every part of it can be
        changed, and other ways are shown beside it.
      </Text>
      <ActButton onClick={() => api.commit((draft) => void chosenVariant(draft).background.walls.push(newWall(face)))}>
        {`Build the ${face} up`}
      </ActButton>
    </>
  );
}

/** What is decided of one wall. */
function Planned({ wall, index }: { wall: Wall; index: number }) {
  const { api } = useBuildHandle();
  const { units } = useUnits();
  const path = `/background/walls/${index}`;
  const kind = BUILD_UP[wall.buildUp];
  const foamed = wall.buildUp === "foam" || wall.buildUp === "panels";
  const others = useShown(({ plan }) => WALLS.filter((f) => f !== wall.face && !plan.shell.faces[f].open));
  const copy = () =>
    api.commit((draft) => {
      const { background } = chosenVariant(draft);
      const own = current(background.walls[index]!);
      background.walls = [
        ...background.walls.filter((w) => !others.includes(w.face)),
        ...others.map((face) => ({ ...structuredClone(own), face, up: false })),
      ];
    });
  return (
    <>
      <Fields>
        <ChoiceField
          label="Built up"
          path={`${path}/buildUp`}
          options={BUILD_UPS.map((b) => [b, BUILD_UP[b].name] as const)}
        />
        <OriginField path={path} />
        {wall.origin === "found" && <FateField label="What is there is" path={path} />}
        {wall.buildUp !== "none" && (
          <MeasureField label={kind.carved ? "Depth, its valleys" : "Depth"} path={`${path}/depth`} />
        )}
        {kind.carved && <MeasureField label="Ridges stand over it by" path={`${path}/relief`} />}
        {wall.buildUp !== "none" && (
          <MeasureField label="Begins, above the base" path={`${path}/foot`} optional empty="over the substrate" />
        )}
        {(wall.buildUp === "panels" || wall.buildUp === "board") && (
          <CountField label="In pieces, at least" path={`${path}/pieces`} min={1} max={MOST_PIECES} />
        )}
        {foamed && (
          <>
            <ChoiceField
              label="Foam"
              path={`${path}/foam`}
              options={[
                ["foamPond", "pond grade, black"],
                ["foamBuilding", "building grade"],
              ]}
            />
            <MeasureField
              label="One lift, once risen"
              path={`${path}/lift`}
              hint={`${formatLengthWithUnit(LIFT_MM.value, units)} at most`}
            />
            <ChoiceField
              label="Put on"
              path={`${path}/apply`}
              options={[
                ["sparing", "sparingly, it is dear"],
                ["usual", "as usual"],
                ["over", "plentifully, and carve"],
              ]}
            />
          </>
        )}
        {kind.carved && (
          <>
            <ChoiceField
              label="Carved by"
              path={`${path}/carveBy`}
              options={[
                ["hand", "knife and scraper"],
                ["wireBrush", "wire brush in a drill"],
              ]}
            />
            <ChoiceField
              label="Finish"
              path={`${path}/finish`}
              options={FINISHES.map((f) => [f, FINISH[f].name] as const)}
            />
            {FINISH[wall.finish].fibreLPerM2 && (
              <ChoiceField
                label="Fibre"
                path={`${path}/fibre`}
                options={FIBRES.map((f) => [f, FIBRE[f].name] as const)}
              />
            )}
          </>
        )}
      </Fields>
      <Flex gap="5" mt="3" wrap="wrap" align="center">
        {foamed && <TickField label="The skin is taken off" path={`${path}/skinOff`} />}
        {kind.carved && FINISH[wall.finish].fibreLPerM2 && (
          <TickField label="The fibre is damp" path={`${path}/damp`} />
        )}
        <TickField label="It is up already" path={`${path}/up`} />
        {others.length > 0 && (
          <QuietButton size="xs" onClick={copy}>
            {`Copy to ${others.join(" and ")}`}
          </QuietButton>
        )}
      </Flex>
      <Text fontSize="xs" color="muted" mt="1.5">
        {kind.carved ? `${kind.mind} ${FINISH[wall.finish].mind}` : kind.mind}
        {foamed &&
          (wall.foam === "foamPond"
            ? " Pond foam is tighter and rises less; some find it easier to lay, others its skin harder to open."
            : " Building foam rises more, and yellows where light falls on it bare.")}
      </Text>
    </>
  );
}

/** Something on a wall: a ledge, a slab, a planter, a bare strip. */
export function ZoneFields({ id }: { id: string }) {
  const index = useIndex((v) => v.background.zones, id);
  const zone = useVariant((v) => v.background.zones.find((z) => z.id === id));
  if (!zone) return null;
  const path = `/background/zones/${index}`;
  const axes = FACE_AXES[zone.face];
  return (
    <>
      <Fields>
        <NameField label="Name" path={`${path}/name`} optional />
        <MeasureField label={`Middle ${AXIS_WORDS[axes.u]}`} path={`${path}/u`} />
        <MeasureField label={`Middle ${AXIS_WORDS[axes.v]}`} path={`${path}/v`} />
        <MeasureField label="Wide" path={`${path}/width`} />
        <MeasureField label="High" path={`${path}/height`} />
        {!isBare(zone) && <MeasureField label="Stands out, from the wall" path={`${path}/depth`} />}
        <LevelWith held={{ kind: "zone", id }} />
        {isPiece(zone) && (
          <>
            <ChoiceField
              label="Of"
              path={`${path}/of`}
              options={[
                ["cork", "cork"],
                ["wood", "wood"],
                ["stone", "stone"],
              ]}
            />
            <MeasureField
              label="Weighs, kg"
              path={`${path}/mass`}
              kind="plain"
              optional
              empty="from its size"
              how="measured"
            />
            <ChoiceField
              label="Held by"
              path={`${path}/anchor`}
              options={ANCHORS.map((a) => [a, ANCHOR[a].name] as const)}
            />
            <ChoiceField
              label="Bedded"
              path={`${path}/bedding`}
              options={[
                ["pressed", "pressed into wet foam"],
                ["foamedRound", "set first, foamed round"],
              ]}
            />
            <FigureReading id={`background/${zone.id}/pull`} label="Pull at its upper edge" />
          </>
        )}
      </Fields>
      <Flex gap="5" mt="2" wrap="wrap">
        {isPlanter(zone) && <TickField label="Its bottom is drilled first" path={`${path}/drilled`} />}
        {isPiece(zone) && (
          <>
            <TickField label="It is hollow" path={`${path}/hollow`} />
            {zone.hollow && <TickField label="Its ends are plugged" path={`${path}/plugged`} />}
            <TickField label="Wrapped while the wall is coated" path={`${path}/wrapped`} />
          </>
        )}
      </Flex>
    </>
  );
}

const TONES = [
  ["wet", "as it goes on"],
  ["dry", "dry"],
  ["varnished", "varnished"],
] as const;

/** Tones tried on scrap, wet, dry and varnished, so that the next shade is chosen from what dried. */
export function SwatchFields({ id }: { id: string }) {
  const i = useIndex((v) => v.background.swatches, id);
  const name = useVariant((v) => v.background.swatches.find((s) => s.id === id)?.name);
  if (name === undefined) return null;
  return (
    <>
      <NameField label="Name" path={`/background/swatches/${i}/name`} />
      <Flex gap="3" mt="2" wrap="wrap">
        {TONES.map(([key, words]) => (
          <Tone key={key} label={`${name}, ${words}`} words={words} path={`/background/swatches/${i}/${key}`} />
        ))}
      </Flex>
      <Text fontSize="xs" color="muted" mt="1.5">
        Mortar dries much lighter than it goes on, waterproofer greyer; varnish darkens both again. Let a full trial dry
        before the next shade.
      </Text>
    </>
  );
}

function Tone({ label, words, path }: { label: string; words: string; path: string }) {
  const { value, commit } = useDecision<string | null>(path);
  return (
    <Box>
      <Text fontSize="xs" color="muted">
        {words}
      </Text>
      <Flex align="center" gap="2">
        <Input
          type="color"
          aria-label={label}
          w="3.2rem"
          h="2rem"
          p="0.5"
          bg="sheet"
          borderColor="line"
          value={value ?? "#808080"}
          onChange={(event) => commit(event.target.value)}
        />
        <Text fontSize="xs" fontFamily="mono" color="muted">
          {value ?? "not yet"}
        </Text>
      </Flex>
    </Box>
  );
}
