import { Box, Button, SimpleGrid, Stack, Table, Text } from "@chakra-ui/react";
import { newSlidingPair } from "#core/design/create";
import { materialsOf } from "#core/materials/find";
import { Net } from "../../drawing/Net";
import { useBuild, useUnits } from "../../state/context";
import { ChoiceField, TickField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { FigureReading } from "../../ui/Reading";
import { StageHead } from "../StageHead";

/** Sliding panes on their tracks, and the escape audit. */
export default function FrontStage() {
  const { plan, variant, api, bench } = useBuild();
  const { say, units } = useUnits();
  const { opening } = plan.shell;
  const { slides } = plan.closures;
  const unit = units.unit === "mm" ? " mm" : "";
  const putIn = () =>
    api.commit((draft) => {
      draft.variants.find((v) => v.id === variant.id)!.closure = newSlidingPair();
    });
  return (
    <Stack gap="3">
      <StageHead
        title="Front & lid"
        summary={`opening ${say(opening.widthMm)} × ${say(opening.heightMm)}${unit}${slides ? `, two panes ${say(slides.fit.pane.widthMm)} × ${say(slides.fit.pane.heightMm)}${unit}` : ", open"}`}
      />
      <Net />
      {!slides && (
        <Panel title="No door yet">
          <Text mb="3">
            Sliding panes in tracks, sized from the opening: they hold in the shallow lower groove and lift in by the
            deep upper one.
          </Text>
          <Button size="sm" bg="fern" color="fernInk" onClick={putIn}>
            Put a sliding pair in
          </Button>
        </Panel>
      )}
      <SimpleGrid columns={{ base: 1, xl: 2 }} gap="3">
        {slides && (
          <>
            <Panel title="Sliding pair">
              <Fields>
                <ChoiceField
                  label="Glass"
                  path="/closure/glass"
                  options={materialsOf(bench.book, "glass").map((m) => [m.id, m.name] as const)}
                />
                <ChoiceField
                  label="Tracks"
                  path="/closure/track"
                  options={materialsOf(bench.book, "track").map((m) => [m.id, m.name] as const)}
                />
                <MeasureField label="Panes overlap by" path="/closure/overlap" />
                <MeasureField label="Allowance at each side" path="/closure/sideAllowance" />
                <ChoiceField
                  label="Lock"
                  path="/closure/lock"
                  options={[
                    ["none", "none"],
                    ["wedge", "wedge"],
                    ["key", "key lock"],
                  ]}
                />
              </Fields>
              <Box mt="3">
                <TickField label="Brush strip between the panes" path="/closure/brushStrip" />
              </Box>
            </Panel>
            <Panel title="Glass to order">
              <Fields min="8rem">
                <FigureReading id="front/pane-width" />
                <FigureReading id="front/pane-height" />
                <FigureReading id="front/pane-mass" />
                <FigureReading id="front/clear-height" />
                <FigureReading id="front/gap" />
              </Fields>
              <Text fontSize="xs" color="muted" mt="3">
                Two panes of {slides.glass.name.toLowerCase()}. A glazier decides on thickness and toughening. Never cut
                or drill tempered glass.
              </Text>
            </Panel>
          </>
        )}
        <AuditPanel />
      </SimpleGrid>
    </Stack>
  );
}

/** Every way out, worst and likely, against each resident. */
function AuditPanel() {
  const { plan } = useBuild();
  const { say } = useUnits();
  const { audits } = plan.closures;
  return (
    <Panel title="Ways out" gridColumn={{ xl: "1 / -1" }}>
      {audits.length === 0 && (
        <Text>Add a resident with its narrowest rigid measure on Brief (key 1), and every gap is judged here.</Text>
      )}
      {audits.map((audit) => (
        <PlainTable
          key={audit.name}
          heads={[
            audit.name,
            { text: "likely", end: true },
            { text: "at worst", end: true },
            { text: "allowed", end: true },
            "verdict",
          ]}
        >
          {audit.ways.map((way) => (
            <Table.Row key={way.id}>
              <Table.Cell fontFamily="body">{way.name}</Table.Cell>
              <Table.Cell textAlign="end">{say(way.likelyMm, "up")}</Table.Cell>
              <Table.Cell textAlign="end">{say(way.worstMm, "up")}</Table.Cell>
              <Table.Cell textAlign="end">{say(way.allowedMm, "down")}</Table.Cell>
              <Table.Cell fontFamily="body" color={way.passes ? "fern" : "stop"} fontWeight="bold">
                {way.passes ? "✓ holds" : "✗ a way out"}
              </Table.Cell>
            </Table.Row>
          ))}
        </PlainTable>
      ))}
    </Panel>
  );
}
