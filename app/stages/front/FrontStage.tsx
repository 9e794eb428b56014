import { Box, Button, SimpleGrid, Stack, Table, Text } from "@chakra-ui/react";
import { newSlidingPair } from "#core/closures/kinds/slidingPair/create";
import { statedMm } from "#core/design/measure";
import type { Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import { materialsOf } from "#core/materials/find";
import { openingsRegister, serviceRegister } from "#core/registers/registers";
import { kindOf } from "#core/shell/kinds/index";
import { formatLengthWithUnit } from "#core/units/format";
import { formatWithin } from "#core/units/within";
import { Net } from "../../drawing/Net";
import { useBench, useBuildHandle, useShown, useUnits, useVariant } from "../../state/context";
import { ChoiceField, CountField, TickField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { FigureReading } from "../../ui/Reading";
import { StageHead } from "../StageHead";

/** What closes the shell, and the escape audit. */
export default function FrontStage() {
  const { api } = useBuildHandle();
  const { book } = useBench();
  const { say, units } = useUnits();
  const opening = useShown(({ plan }) => plan.shell.opening);
  const slides = useShown(({ plan }) => plan.closures.slides);
  const unit = units.unit === "mm" ? " mm" : "";
  const closure = useVariant((v) => v.closure);
  const put = (next: Variant["closure"]) =>
    api.commit((draft) => {
      chosenVariant(draft).closure = next;
    });
  return (
    <Stack gap="3">
      <StageHead
        title="Front & lid"
        summary={`opening ${say(opening.widthMm)} × ${say(opening.heightMm)}${unit}${slides ? `, two panes ${say(slides.fit.pane.widthMm)} × ${say(slides.fit.pane.heightMm)}${unit}` : CLOSURE_WORDS[closure.kind]}`}
      />
      <Net />
      {closure.kind === "open" && <OpenPanel onPut={put} />}
      <SimpleGrid columns={{ base: 1, xl: 2 }} gap="3">
        {slides && (
          <>
            <Panel title="Sliding pair">
              <Fields>
                <ChoiceField
                  label="Glass"
                  path="/closure/glass"
                  options={materialsOf(book, "glass").map((m) => [m.id, m.name] as const)}
                />
                <ChoiceField
                  label="Tracks"
                  path="/closure/track"
                  options={materialsOf(book, "track").map((m) => [m.id, m.name] as const)}
                />
                <MeasureField label="Panes overlap by" path="/closure/overlap" />
                <MeasureField label="Allowance at each side" path="/closure/sideAllowance" />
                <LockField />
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
        {(closure.kind === "lid" || closure.kind === "found") && <HeldShut />}
        <AuditPanel />
        <RegisterPanels />
      </SimpleGrid>
    </Stack>
  );
}

const CLOSURE_WORDS: Record<Variant["closure"]["kind"], string> = {
  open: ", open",
  slidingPair: "",
  found: ", shut by what it came with",
  lid: ", under a lid",
};

const LockField = () => (
  <ChoiceField
    label="Lock"
    path="/closure/lock"
    options={[
      ["none", "none"],
      ["wedge", "wedge"],
      ["key", "key lock"],
    ]}
  />
);

/** What can close an open shell of this kind. */
function OpenPanel({ onPut }: { onPut: (closure: Variant["closure"]) => void }) {
  const kind = useShown(({ plan }) => plan.shell.kind);
  const { closures } = kindOf({ kind });
  return (
    <Panel title={closures.includes("slidingPair") ? "No door yet" : "No lid yet"}>
      {closures.includes("slidingPair") && (
        <>
          <Text mb="3">
            Sliding panes in tracks, sized from the opening: they hold in the shallow lower groove and lift in by the
            deep upper one.
          </Text>
          <Button size="sm" bg="fern" color="fernInk" onClick={() => onPut(newSlidingPair())}>
            Put a sliding pair in
          </Button>
        </>
      )}
      {closures.includes("lid") && (
        <Button
          size="sm"
          bg="fern"
          color="fernInk"
          onClick={() => onPut({ kind: "lid", gap: statedMm(1), clips: 4, lock: "none" })}
        >
          Put a lid on
        </Button>
      )}
      {closures.includes("found") && (
        <Button size="sm" bg="fern" color="fernInk" onClick={() => onPut({ kind: "found", lock: "none" })}>
          Use the lid it came with
        </Button>
      )}
    </Panel>
  );
}

/** A lid that was made, or the doors or lid it came with. */
function HeldShut() {
  const isLid = useShown(({ design }) => chosenVariant(design).closure.kind === "lid");
  return (
    <Panel title={isLid ? "Lid" : "As it came"}>
      <Fields>
        {isLid && <MeasureField label="Gap round it, at the widest" path="/closure/gap" />}
        {isLid && <CountField label="Clips" path="/closure/clips" min={0} max={40} />}
        <LockField />
      </Fields>
      {!isLid && (
        <Text fontSize="xs" color="muted" mt="3">
          Its gaps are measured under Shell (key 2).
        </Text>
      )}
    </Panel>
  );
}

/** Every opening with its cover, and everything that must be reached. */
function RegisterPanels() {
  const openings = useShown(({ plan }) => openingsRegister(plan.site, plan.closures));
  const services = useShown(({ plan }) => serviceRegister(plan.site));
  const { say } = useUnits();
  return (
    <>
      <Panel title="Openings register" gridColumn={{ xl: "1 / -1" }}>
        <PlainTable heads={["Opening", "Where", { text: "Open at worst", end: true }, "Covered by"]}>
          {openings.map((opening) => (
            <Table.Row key={opening.id} data-opening={opening.id}>
              <Table.Cell>{opening.label}</Table.Cell>
              <Table.Cell>{opening.where}</Table.Cell>
              <Table.Cell textAlign="end" fontFamily="mono">
                {opening.worstMm === null ? "–" : say(opening.worstMm, "up")}
              </Table.Cell>
              <Table.Cell>{opening.cover}</Table.Cell>
            </Table.Row>
          ))}
        </PlainTable>
      </Panel>
      <Panel title="Must be reached" gridColumn={{ xl: "1 / -1" }}>
        <PlainTable heads={["What", "By which way"]}>
          {services.map((entry) => (
            <Table.Row key={entry.id} data-service={entry.id}>
              <Table.Cell>{entry.label}</Table.Cell>
              <Table.Cell>{entry.way}</Table.Cell>
            </Table.Row>
          ))}
        </PlainTable>
      </Panel>
    </>
  );
}

/** Every way out, worst and likely, against each resident. */
function AuditPanel() {
  const audits = useShown(({ plan }) => plan.closures.audits);
  const { units } = useUnits();
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
          {audit.ways.map((way) => {
            const [worst, allowed] = formatWithin(way.worstMm, way.allowedMm, units);
            return (
              <Table.Row key={way.id}>
                <Table.Cell fontFamily="body">{way.name}</Table.Cell>
                <Table.Cell textAlign="end">{formatLengthWithUnit(way.likelyMm, units, "up")}</Table.Cell>
                <Table.Cell textAlign="end">{worst}</Table.Cell>
                <Table.Cell textAlign="end">{allowed}</Table.Cell>
                <Table.Cell fontFamily="body" color={way.passes ? "fern" : "stop"} fontWeight="bold">
                  {way.passes ? "✓ holds" : "✗ a way out"}
                </Table.Cell>
              </Table.Row>
            );
          })}
        </PlainTable>
      ))}
    </Panel>
  );
}
