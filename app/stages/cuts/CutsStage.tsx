import { Button, Text } from "@chakra-ui/react";
import { lazy, Suspense, useState } from "react";
import type { SawSheet } from "#core/cuts/record/sawSheet";
import type { SheetGroup } from "#core/cuts/sheets";
import { freeId } from "#core/design/freeId";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { SheetDiagram } from "../../drawing/SheetDiagram";
import { useBoards } from "../../drawing/useBoards";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { TwoUp } from "../../frame/TwoUp";
import { Wide } from "../../frame/Wide";
import { Workbench } from "../../frame/Workbench";
import { GroupReadings } from "../../hand/GroupReadings";
import { useBench, useBuildHandle, useShown, useUnits } from "../../state/context";
import { QuietButton } from "../../ui/QuietButton";
import { Select } from "../../ui/Select";
import { AtTheSaw } from "./AtTheSaw";
import { CutFiles } from "./CutFiles";
import { OddParts } from "./OddParts";
import { PartsTable } from "./PartsTable";

const Templates = lazy(() => import("./Templates").then((m) => ({ default: m.Templates })));

/** More sheets than this are chosen from a list. */
const MANY = 6;

/** The nested sheets, what to do at the saw, the parts with their working, and what else is cut. */
export default function CutsStage() {
  const bench = useBench();
  const boards = useBoards();
  const groups = useShown(({ plan }) => plan.groups);
  const parts = useShown(({ plan }) => plan.parts);
  const { say, units } = useUnits();
  const views = sheetViews(groups);
  const [shown, setShown] = useState<string>();
  const view = views.find((v) => v.sheet.id === shown) ?? views[0];
  const partOf = (partId: string) => parts.find((p) => p.id === partId);
  const name = (partId: string) => partOf(partId)?.label ?? partId;
  return (
    <Workbench
      stage="cuts"
      title="Cuts"
      summary={`blade ${say(bench.workshop.kerfMm)}, trim ${say(bench.workshop.trimMm)}${units.unit === "mm" ? " mm" : ""}`}
      tools={
        views.length > MANY ? (
          <Select
            quiet
            label="Sheet"
            value={view!.sheet.id}
            options={views.map((v) => [v.sheet.id, v.title] as const)}
            onChange={setShown}
          />
        ) : (
          views.map((v) => (
            <Button
              key={v.sheet.id}
              size="xs"
              variant={v === view ? "solid" : "outline"}
              {...(v === view ? { bg: "fern", color: "fernInk" } : { borderColor: "line" })}
              aria-pressed={v === view}
              onClick={() => setShown(v.sheet.id)}
            >
              {v.title}
            </Button>
          ))
        )
      }
      board={
        view
          ? {
              label: `${view.title}, ${view.group.material.name}`,
              draw: (size) => (
                <SheetDiagram sheet={view.sheet} size={size} name={name} cornersOf={(id) => partOf(id)?.corners} />
              ),
            }
          : boards.net()
      }
      own={
        view
          ? { title: view.group.material.name, fields: <GroupReadings group={view.group} /> }
          : {
              title: "Odd parts",
              fields: <OddParts />,
            }
      }
    >
      {!view && <Text mb="2">Nothing is cut from sheet here. Panes, bars and mesh are in the list below.</Text>}
      <TwoUp>
        {view && !view.group.own && <AtTheSaw key={view.sheet.id} sheet={view.sheet} name={name} />}
        <PartsTable />
        {groups.length > 1 && (
          <RowSheet title="Materials">
            <ThingRows rows="sheets" />
          </RowSheet>
        )}
        <RowSheet
          title="What else is cut"
          tools={
            <>
              <Wide button="Add odd parts" title="Odd parts">
                {() => <OddParts />}
              </Wide>
              <AddSlips />
            </>
          }
        >
          <ThingRows
            rows="alsoCut"
            empty="Shelves, feet, templates, brick slips: whatever else comes from the same sheets is nested with the rest."
          />
        </RowSheet>
        <CutFiles />
        <Suspense fallback={null}>
          <Templates />
        </Suspense>
      </TwoUp>
    </Workbench>
  );
}

function AddSlips() {
  const { make } = useBuildHandle();
  const add = () =>
    make((draft) => {
      const { slips } = chosenVariant(draft);
      const id = freeId(slips, "slips");
      slips.push({
        ...{ id, name: slips.length === 0 ? "Slips" : `Slips ${slips.length + 1}`, face: "back", bond: "running" },
        ...{ width: statedMm(65), height: statedMm(20), joint: statedMm(8), edge: statedMm(0), foot: statedMm(0) },
        ...{ breakagePercent: { typed: "5", value: 5, how: "stated" } },
        ...{ onHand: null, packOf: null, packPrice: null },
      });
      return { kind: "slips", id };
    });
  return (
    <QuietButton size="xs" onClick={add}>
      Lay slips on a face
    </QuietButton>
  );
}

/** Every sheet to draw: bought ones numbered, then those from the rack, then the shell's own panes. */
function sheetViews(groups: SheetGroup[]): { group: SheetGroup; sheet: SawSheet; title: string }[] {
  const all = groups.flatMap((group) => group.layout.map((sheet) => ({ group, sheet })));
  const own = all.filter((v) => v.group.own).map((v, i) => ({ ...v, title: `Its own pane ${i + 1}` }));
  const rest = all.filter((v) => !v.group.own);
  const bought = rest.filter((v) => !v.sheet.stock.rack).map((v, i) => ({ ...v, title: `Sheet ${i + 1}` }));
  const rack = rest.filter((v) => v.sheet.stock.rack).map((v) => ({ ...v, title: `From ${v.sheet.stock.id}` }));
  return [...bought, ...rack, ...own];
}
