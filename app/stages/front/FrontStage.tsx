import { Box, Button, SimpleGrid, Stack, Table, Text } from "@chakra-ui/react";
import { closedOpenings, closureWords } from "#core/closures/here";
import { kindsFor } from "#core/closures/kinds/index";
import { chosenVariant } from "#core/document/variant";
import { openingsRegister, serviceRegister } from "#core/registers/registers";
import type { Opening } from "#core/shell/shell";
import { formatLengthWithUnit } from "#core/units/format";
import { formatWithin } from "#core/units/within";
import { CLOSURE_FIELDS } from "../../closures/fields";
import { Net } from "../../drawing/Net";
import { useBuildHandle, useShown, useUnits, useVariant } from "../../state/context";
import { Panel } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { StageHead } from "../StageHead";
import { CuresPanel, MeasuredGapsPanel } from "./GapsPanel";

/** What closes each opening of the shell, and the escape audit. */
export default function FrontStage() {
  const { say, units } = useUnits();
  const openings = useShown(({ plan }) =>
    closedOpenings(plan.site, plan.facts).map((closed) => ({
      opening: closed.opening,
      index: closed.closure ? plan.site.variant.closures.indexOf(closed.closure) : -1,
      kind: closed.closure?.kind,
      words: closureWords(closed),
    })),
  );
  const unit = units.unit === "mm" ? " mm" : "";
  const { here } = useHere();
  return (
    <Stack gap="3">
      <StageHead
        title="Front & lid"
        summary={openings
          .map(({ opening, words }) => `opening ${say(opening.widthMm)} × ${say(opening.heightMm)}${unit}, ${words}`)
          .join("; ")}
      />
      <Net />
      {openings.map(({ opening, kind }) => !kind && <OpenPanel key={opening.id} opening={opening} />)}
      <SimpleGrid columns={{ base: 1, xl: 2 }} gap="3">
        {openings.map(({ opening, index, kind }) => {
          if (!kind) return null;
          const OwnFields = CLOSURE_FIELDS[kind];
          return <OwnFields key={opening.id} index={index} path={`/closures/${index}`} id={here(opening.id).id} />;
        })}
        <AuditPanel />
        <CuresPanel />
        <MeasuredGapsPanel />
        <RegisterPanels />
      </SimpleGrid>
    </Stack>
  );
}

/** How things of an opening are called. */
function useHere() {
  const { api } = useBuildHandle();
  const here = (id: string) => {
    const { plan } = api.shown.getState();
    return closedOpenings(plan.site, plan.facts).find((c) => c.opening.id === id)!.here;
  };
  return { here };
}

/** What can close an opening that stands open. */
function OpenPanel({ opening }: { opening: Opening }) {
  const { api } = useBuildHandle();
  const shell = useVariant((v) => v.shell);
  return (
    <Panel title={opening.face === "top" ? "No lid yet" : "No door yet"}>
      {kindsFor(shell, opening.id).map((k) => {
        const { button, about } = k.startWords(opening);
        return (
          <Box key={k.kind}>
            {about && <Text mb="3">{about}</Text>}
            <Button
              size="sm"
              bg="fern"
              color="fernInk"
              onClick={() =>
                api.commit((draft) => {
                  chosenVariant(draft).closures.push(k.start(api.shown.getState().plan.site, opening));
                })
              }
            >
              {button}
            </Button>
          </Box>
        );
      })}
    </Panel>
  );
}

/** Every opening with its cover, and everything that must be reached. */
function RegisterPanels() {
  const openings = useShown(({ plan }) => openingsRegister(plan.facts));
  const services = useShown(({ plan }) => serviceRegister(plan.site, plan.facts));
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
  const audits = useShown(({ plan }) => plan.audit.audits);
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
