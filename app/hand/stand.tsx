import { Box, Text } from "@chakra-ui/react";
import { freeId } from "#core/design/freeId";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { FOUND_MATERIALS } from "#core/materials/face";
import { BOARD_IDS } from "#core/stand/names";
import { ChoiceField, CountField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading } from "../fields/Reading";
import { useBuildHandle, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";

const BOARDS = BOARD_IDS.map((id) => [id, FOUND_MATERIALS[id].name] as const);
const MOST_OTHERS = 4;

/** The shelf it stands on, its brackets, and what else stands there. */
export function StandFields() {
  const { api } = useBuildHandle();
  const others = useVariant((v) => v.stand?.others);
  if (!others) return null;
  const add = () =>
    api.commit((draft) => {
      const { stand } = chosenVariant(draft);
      if (!stand) return;
      const own = freeId(stand.others, "box");
      stand.others.push({
        ...{ id: own, name: `Box ${stand.others.length + 2}` },
        ...{ width: statedMm(300), kg: statedMm(5) },
      });
    });
  const drop = (id: string) =>
    api.commit((draft) => {
      const { stand } = chosenVariant(draft);
      if (!stand) return;
      stand.others = stand.others.filter((o) => o.id !== id);
      stand.place = Math.min(stand.place, stand.others.length);
    });
  return (
    <>
      <Fields>
        <MeasureField label="Shelf, how long" path="/stand/length" />
        <MeasureField label="Shelf, how deep" path="/stand/depth" />
        <MeasureField label="Board, how thick" path="/stand/thickness" />
        <ChoiceField label="Board" path="/stand/board" options={BOARDS} />
        <CountField label="Brackets" path="/stand/brackets/count" min={2} max={6} />
        <MeasureField label="Outermost, from the end" path="/stand/brackets/fromEnd" />
        <MeasureField
          label="One may carry"
          path="/stand/brackets/carries"
          kind="plain"
          suffix="kg"
          optional
          empty="not known"
        />
        <CountField label="Boxes left of this one" path="/stand/place" max={others.length} />
        <MeasureField label="This one begins at" path="/stand/at" optional empty="spread evenly" />
      </Fields>
      {others.map(({ id, name }, i) => (
        <Box key={id} mt="2" borderTopWidth="1px" borderColor="line" pt="1">
          <Fields>
            <NameField label="Beside it" path={`/stand/others/${i}/name`} />
            <MeasureField label={`${name}, how wide`} path={`/stand/others/${i}/width`} />
            <MeasureField label={`${name} begins at`} path={`/stand/others/${i}/at`} optional empty="spread evenly" />
            <MeasureField label={`${name}, filled`} path={`/stand/others/${i}/kg`} kind="plain" suffix="kg" />
          </Fields>
          <QuietButton size="2xs" onClick={() => drop(id)}>
            {`Take ${name} off the shelf`}
          </QuietButton>
        </Box>
      ))}
      {others.length < MOST_OTHERS && (
        <QuietButton size="xs" mt="2" onClick={add}>
          Another box on it
        </QuietButton>
      )}
      <Fields>
        <FigureReading id="stand/sag" />
        <FigureReading id="stand/bracket" />
      </Fields>
      <Text fontSize="xs" color="muted" mt="1">
        The wall and its plugs bear what the brackets do: where either is doubtful, a builder decides.
      </Text>
    </>
  );
}
