import { SimpleGrid, Stack, Table, Text } from "@chakra-ui/react";
import { materialsOf } from "#core/materials/find";
import { panesTrade } from "#core/panes/trade";
import { sealedSeams } from "#core/seal/beads";
import { waterStands } from "#core/seal/water";

import { useBench, useShown, useUnits } from "../../state/context";
import { ChoiceField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { FigureReading } from "../../ui/Reading";
import { StageHead } from "../StageHead";
import { Decisions } from "./Decisions";
import { Dividers } from "./Dividers";
import { StackPanel } from "./StackPanel";
import { TestPanel } from "./TestPanel";
import { Ways } from "./Ways";

/** What goes on each face and along the seams, what is decided, and whether it holds water. */
export default function SealStage() {
  const { book } = useBench();
  const { say } = useUnits();
  const panes = useShown(({ plan }) => plan.ledgers.get(panesTrade.id)!.figures.map((f) => f.id));
  const seams = useShown(({ plan }) => plan.shell.seams);
  const sealed = new Set(useShown(({ plan }) => sealedSeams(plan.site).map((s) => s.id)));
  const wet = useShown(({ plan }) => waterStands(plan.site));
  return (
    <Stack gap="3">
      <StageHead title="Seal" summary={`${sealed.size} of ${seams.length} seams get a bead`} />
      <SimpleGrid columns={{ base: 1, xl: 2 }} gap="3">
        <Panel title="Beads">
          <Fields>
            <ChoiceField
              label="Which seams"
              path="/seal/seams"
              options={[
                ["all", "every inner seam"],
                ["base", "base, dam and feet of the corners"],
                ["none", "none"],
              ]}
            />
            <ChoiceField
              label="Sealant"
              path="/seal/sealant"
              options={materialsOf(book, "sealant").map((m) => [m.id, m.name] as const)}
            />
            <MeasureField label="Bead, its leg" path="/seal/leg" hint="tooled hollow" />
            <MeasureField label="Standing water, how deep" path="/seal/standingWater" optional />
            <MeasureField label="Air out for" path="/seal/airingDays" kind="plain" suffix="days" />
          </Fields>
        </Panel>
        <Stack gap="3">
          <Panel title="Readings">
            <Fields min="8rem">
              <FigureReading id="seal/length" />
              <FigureReading id="seal/volume" />
              <FigureReading id="seal/cure" />
            </Fields>
            {!wet && (
              <Text fontSize="xs" color="muted" mt="3">
                Once water can stand in it (a drain layer, a pool, misting, a resident that is kept wet), the diary
                takes in a two-day water test before anything covers the seams.
              </Text>
            )}
          </Panel>
          <Dividers />
        </Stack>
      </SimpleGrid>
      <StackPanel />
      <Ways />
      <Decisions />
      {wet && <TestPanel />}
      {panes.length > 0 && (
        <Panel title="Panes under water">
          <Fields min="10rem">
            {panes.map((id) => (
              <FigureReading key={id} id={id} />
            ))}
          </Fields>
          <Text fontSize="xs" color="muted" mt="2">
            Thin-plate theory at the level of the water test. A glazier decides on glass, toughening and edges.
          </Text>
        </Panel>
      )}
      <Panel title="Seams">
        <PlainTable heads={["Seam", { text: "Length", end: true }, "Where", "Bead"]}>
          {seams.map((seam) => (
            <Table.Row key={seam.id}>
              <Table.Cell>{seam.label}</Table.Cell>
              <Table.Cell textAlign="end" fontFamily="mono">
                {say(seam.lengthMm)}
              </Table.Cell>
              <Table.Cell color={seam.wet ? "water" : "muted"}>
                {seam.wet ? "foot, where it gets wet" : "above"}
              </Table.Cell>
              <Table.Cell>{sealed.has(seam.id) ? "yes" : seam.found ? "its maker's" : "no"}</Table.Cell>
            </Table.Row>
          ))}
        </PlainTable>
      </Panel>
    </Stack>
  );
}
