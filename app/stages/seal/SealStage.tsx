import { Table, Text } from "@chakra-ui/react";
import { lazy, useState } from "react";
import { chosenVariant } from "#core/document/variant";
import { PANES } from "#core/panes/names";
import type { Plan } from "#core/plan";
import { BEADED } from "#core/seal/facts";
import { newLiner } from "#core/seal/liner/school";
import { waterStands } from "#core/seal/water";
import { NET_VIEW, SECTIONS_VIEW, useBoards } from "../../drawing/useBoards";
import { FigureReading } from "../../fields/Reading";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { TwoUp } from "../../frame/TwoUp";
import { Wide } from "../../frame/Wide";
import { Workbench } from "../../frame/Workbench";
import { BeadFields } from "../../hand/seal";
import { useBuildHandle, usePicked, useShown, useUnits } from "../../state/context";
import { Fields } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton } from "../../ui/QuietButton";
import { Toggle } from "../../ui/Toggle";
import { TestBoard, TestReadings } from "./TestBoard";

const Ways = lazy(() => import("./Ways").then((m) => ({ default: m.Ways })));

const beadedOf = ({ facts }: Plan) => facts.one(BEADED) ?? [];

const TEST = ["test", "Water test"] as const;

/** What goes on each face and along the seams, what is decided, and whether it holds water. */
export default function SealStage() {
  const boards = useBoards();
  const panes = useShown(({ plan }) => plan.ledgers.get(PANES)!.figures.map((f) => f.id));
  const count = useShown(({ plan }) => ({ all: plan.shell.seams.length, sealed: beadedOf(plan).length }));
  const wet = useShown(({ plan }) => waterStands(plan.site));
  const begun = useShown(({ plan }) => plan.test.begun !== undefined) && wet;
  const held = usePicked((p) => p.held);
  const testing = held.some((h) => h.kind === "test");
  const [chosen, setView] = useState<"net" | "sections" | "test" | null>(null);
  // A test taken in hand shows what was read, until another view is chosen.
  const view = chosen ?? (testing && begun ? "test" : "net");
  return (
    <Workbench
      stage="seal"
      title="Seal"
      summary={`${count.sealed} of ${count.all} seams get a bead`}
      tools={
        <Toggle
          views={begun ? [NET_VIEW, SECTIONS_VIEW, TEST] : [NET_VIEW, SECTIONS_VIEW]}
          shown={view}
          onShow={setView}
        />
      }
      board={
        view === "test" && begun
          ? { label: "Water test", whole: <TestBoard /> }
          : view === "sections"
            ? boards.sections()
            : boards.net((face) => ({ kind: "stack", id: face }))
      }
      own={{ title: "Beads", fields: <BeadFields /> }}
    >
      <TwoUp>
        {view === "test" && begun && (
          <RowSheet title="Readings">
            <TestReadings />
          </RowSheet>
        )}
        <RowSheet
          title="On each face, from the wall outwards"
          tools={
            <Wide button="Ways to keep water off, side by side" title="Ways to keep water off, side by side">
              {(close) => <Ways onTaken={close} />}
            </Wide>
          }
        >
          <ThingRows rows="faces" />
        </RowSheet>
        <RowSheet title="Water" tools={<LayLiner />}>
          <ThingRows rows="water" />
          <Fields>
            <FigureReading id="seal/length" />
            <FigureReading id="seal/volume" />
            <FigureReading id="seal/cure" />
            {panes.map((id) => (
              <FigureReading key={id} id={id} />
            ))}
          </Fields>
          <Text fontSize="xs" color="muted" mt="1">
            {wet
              ? "Panes under water by thin-plate theory at the level of the water test. A glazier decides on glass, toughening and edges."
              : "Once water can stand in it (a drainage layer, a pool, misting, a resident that is kept wet), the diary takes in a two-day water test before anything covers the seams."}
          </Text>
        </RowSheet>
        <Seams />
      </TwoUp>
    </Workbench>
  );
}

/** A liner over the base, while there is none and no tray takes the water. */
function LayLiner() {
  const { make } = useBuildHandle();
  const liner = useShown(({ plan }) =>
    plan.site.variant.seal.liner || plan.shell.tray ? undefined : newLiner(plan.site),
  );
  if (!liner) return null;
  return (
    <QuietButton
      onClick={() =>
        make((draft) => {
          chosenVariant(draft).seal.liner = liner;
          return { kind: "liner", id: "liner" };
        })
      }
    >
      Lay a liner
    </QuietButton>
  );
}

/** Every inner seam, where it gets wet, and whether it has a bead. */
function Seams() {
  const { say } = useUnits();
  const rows = useShown(({ plan }) => {
    const sealed = new Set(beadedOf(plan));
    return plan.shell.seams.map(({ id, label, lengthMm, wet, found }) => ({
      ...{ id, label, lengthMm, wet },
      bead: sealed.has(id) ? "yes" : found ? "its maker's" : "no",
    }));
  });
  if (rows.length === 0) return null;
  return (
    <RowSheet title="Seams">
      <PlainTable heads={["Seam", { text: "Length", end: true }, "Where", "Bead"]}>
        {rows.map((seam) => (
          <Table.Row key={seam.id}>
            <Table.Cell>{seam.label}</Table.Cell>
            <Table.Cell textAlign="end" fontFamily="mono">
              {say(seam.lengthMm)}
            </Table.Cell>
            <Table.Cell color={seam.wet ? "water" : "muted"}>
              {seam.wet ? "foot, where it gets wet" : "above"}
            </Table.Cell>
            <Table.Cell>{seam.bead}</Table.Cell>
          </Table.Row>
        ))}
      </PlainTable>
    </RowSheet>
  );
}
