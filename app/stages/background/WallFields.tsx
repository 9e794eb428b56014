import { Flex, Text } from "@chakra-ui/react";
import { current } from "immer";
import { BUILD_UP } from "#core/background/buildUps";
import { FIBRE, FINISH } from "#core/background/finishes";
import { LIFT_MM } from "#core/background/foam";
import { BUILD_UPS, FIBRES, FINISHES, WALLS } from "#core/background/names";
import type { Wall } from "#core/background/schema";
import { chosenVariant } from "#core/document/variant";
import { formatLengthWithUnit } from "#core/units/format";
import { useBuildHandle, useShown, useUnits } from "../../state/context";
import { FateField, OriginField } from "../../ui/FateField";
import { ChoiceField, TickField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

/** What is decided of one wall. */
export function WallFields({ wall, index }: { wall: Wall; index: number }) {
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
  const remove = () => api.commit((draft) => void chosenVariant(draft).background.walls.splice(index, 1));
  return (
    <Panel title={`The ${wall.face} wall`}>
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
          <MeasureField label="Begins, above the base" path={`${path}/foot`} optional empty="over the ground" />
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
        <QuietButton size="xs" onClick={remove}>
          Plan nothing on it
        </QuietButton>
      </Flex>
      <Text fontSize="xs" color="muted" mt="2">
        {kind.carved ? `${kind.mind} ${FINISH[wall.finish].mind}` : kind.mind}
        {foamed &&
          (wall.foam === "foamPond"
            ? " Pond foam is tighter and rises less; some find it easier to lay, others its skin harder to open."
            : " Building foam rises more, and yellows where light falls on it bare.")}
      </Text>
    </Panel>
  );
}
