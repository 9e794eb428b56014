import { Table, Text } from "@chakra-ui/react";
import { lazy, useState } from "react";
import { SHUTTING } from "#core/closures/shutting/facts";
import { WALK } from "#core/closures/walk/facts";
import { freeId } from "#core/design/freeId";
import { statedMm } from "#core/design/measure";
import type { FaceId } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { serviceRegister } from "#core/registers/registers";
import { capital } from "#core/units/capital";
import { NET_VIEW, SECTIONS_VIEW, useBoards } from "../../drawing/useBoards";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { TwoUp } from "../../frame/TwoUp";
import { Wide } from "../../frame/Wide";
import { Workbench } from "../../frame/Workbench";
import { ClosureFields } from "../../hand/front";
import { useBuildHandle, useShown, useUnits } from "../../state/context";
import { useLog } from "../../state/useLog";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton, QuietLink } from "../../ui/QuietButton";
import { Toggle } from "../../ui/Toggle";

const WalkRound = lazy(() => import("./WalkRound").then((m) => ({ default: m.WalkRound })));

const VIEWS = [NET_VIEW, SECTIONS_VIEW] as const;

/** What closes each opening of the shell, and the escape audit. */
export default function FrontStage() {
  const { say, units } = useUnits();
  const boards = useBoards();
  const openings = useShown(({ seen }) => seen.openings);
  const [view, setView] = useState<(typeof VIEWS)[number][0]>("net");
  const unit = units.unit === "mm" ? " mm" : "";
  const main = openings[0]!;
  const onFace = (face: FaceId) => {
    const at = openings.find((o) => o.face === face);
    return at && ({ kind: "closure", id: at.id } as const);
  };
  return (
    <Workbench
      stage="front"
      title="Front & lid"
      summary={openings
        .map(({ widthMm, heightMm, words }) => `opening ${say(widthMm)} × ${say(heightMm)}${unit}, ${words}`)
        .join("; ")}
      tools={<Toggle views={VIEWS} shown={view} onShow={setView} />}
      board={view === "net" ? boards.net(onFace) : boards.sections()}
      own={{ title: main.face === "top" ? "Lid" : "Doors", fields: <ClosureFields id={main.id} /> }}
    >
      <TwoUp>
        <RowSheet title="Ways out">
          <AuditHead />
          <ThingRows
            rows="waysOut"
            empty="Add a resident with its narrowest rigid measure on Brief (key 1), and every gap is judged here."
          />
        </RowSheet>
        <RowSheet title="What closes it" tools={<AddGap />}>
          <ThingRows rows="closed" />
          <Text fontSize="xs" color="muted" mt="1">
            A crack at a hinge, a warped corner, a hole nobody drilled for you: what no survey asks for is a gap of its
            own, audited and aired through with the rest.
          </Text>
        </RowSheet>
        <WalkRows />
        <CatchRows />
        <ServiceRows />
      </TwoUp>
    </Workbench>
  );
}

/** Who is judged, and by which allowance. */
function AuditHead() {
  const audits = useShown(({ plan }) =>
    plan.audit.audits.map(({ name, ways }) => ({ name, allowed: ways[0]?.allowedMm })),
  );
  const { say } = useUnits();
  if (audits.length === 0) return null;
  return (
    <Text fontSize="xs" color="muted">
      {`Open at worst of what is allowed: ${audits.map(({ name, allowed }) => `${name.toLowerCase()}${allowed === undefined ? "" : ` ${say(allowed, "down")}`}`).join(", ")}.`}
    </Text>
  );
}

function AddGap() {
  const { make } = useBuildHandle();
  const add = () =>
    make((draft) => {
      const { gaps } = chosenVariant(draft);
      const id = freeId(gaps, "gap");
      gaps.push({
        ...{ id, name: `Gap ${id.slice("gap-".length)}`, kind: "slot", seat: "other", size: statedMm(2) },
        ...{ tolerance: null, where: "front", length: statedMm(100), height: null },
      });
      return { kind: "gap", id };
    });
  return (
    <QuietButton size="xs" onClick={add}>
      Add a gap
    </QuietButton>
  );
}

/** How far the walk round every gap is; its table opens over the page. */
function WalkRows() {
  const { buildId } = useBuildHandle();
  const stops = useShown(({ plan }) => plan.facts.one(WALK) ?? []);
  const tried = stops.filter((s) => s.tried && !s.tried.passed).length;
  const passed = stops.filter((s) => s.tried?.passed).map((s) => s.name);
  return (
    <RowSheet
      title="Walk round every gap"
      tools={
        <>
          <Wide button="Try each" title="Walk round every gap">
            {() => <WalkRound />}
          </Wide>
          {["a4", "letter"].map((paper) => (
            <QuietLink key={paper} size="2xs" to={`/builds/${buildId}/files/walk-round-${paper}.pdf`} reloadDocument>
              {paper === "a4" ? "Print, A4" : "Letter"}
            </QuietLink>
          ))}
        </>
      }
    >
      <Text fontSize="sm" color="muted">
        {`${tried} of ${stops.length} tried and shut${passed.length > 0 ? `; a gauge went through ${passed.join(", ")}` : ""}. The gauge may go through nowhere along a gap.`}
      </Text>
    </RowSheet>
  );
}

/** Each door and lid, pulled at after it was shut. */
function CatchRows() {
  const log = useLog();
  const doors = useShown(({ plan }) => plan.facts.one(SHUTTING) ?? []);
  if (doors.length === 0) return null;
  return (
    <RowSheet title="After each opening">
      <PlainTable heads={["Shut, and pulled at", "Its catches"]}>
        {doors.map(({ opening, what, last }) => (
          <Table.Row key={opening}>
            <Table.Cell>
              {capital(what)}
              {last && (
                <Text as="span" display="block" fontSize="xs" color="muted">
                  {`${last.held ? "held" : "came open"}, ${last.at.slice(0, 10)}`}
                </Text>
              )}
            </Table.Cell>
            <Table.Cell whiteSpace="nowrap">
              {[true, false].map((held) => (
                <QuietButton
                  key={String(held)}
                  size="2xs"
                  mr="1"
                  aria-label={`${capital(what)}: ${held ? "held" : "came open"} when pulled at`}
                  onClick={() => log.add({ kind: "catch-tried", opening, held })}
                >
                  {held ? "held" : "came open"}
                </QuietButton>
              ))}
              {last && (
                <QuietButton size="2xs" onClick={() => log.add({ kind: "taken-back", entry: last.entry })}>
                  undo
                </QuietButton>
              )}
            </Table.Cell>
          </Table.Row>
        ))}
      </PlainTable>
    </RowSheet>
  );
}

/** Everything that must be reached, and by which way. */
function ServiceRows() {
  const services = useShown(({ plan }) => serviceRegister(plan.site, plan.facts));
  return (
    <RowSheet title="Must be reached">
      <PlainTable heads={["What", "By which way"]}>
        {services.map((entry) => (
          <Table.Row key={entry.id} data-service={entry.id}>
            <Table.Cell>{entry.label}</Table.Cell>
            <Table.Cell>{entry.way}</Table.Cell>
          </Table.Row>
        ))}
      </PlainTable>
    </RowSheet>
  );
}
