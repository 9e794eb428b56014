import { Button, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { SawSheet } from "#core/cuts/record/sawSheet";
import type { SheetGroup } from "#core/cuts/sheets";
import { SheetDiagram } from "../../drawing/SheetDiagram";
import { useBench, useShown, useUnits } from "../../state/context";
import { Select } from "../../ui/fields";
import { StageHead } from "../StageHead";
import { AtTheSaw } from "./AtTheSaw";
import { CutFiles } from "./CutFiles";
import { GroupPanel } from "./GroupPanel";
import { OddParts } from "./OddParts";
import { PartsTable } from "./PartsTable";
import { SlipsPanel } from "./SlipsPanel";
import { Templates } from "./Templates";

/** More sheets than this are chosen from a list. */
const MANY = 8;

/** The nested sheets, what to do at the saw, the parts with their working, and what else is cut. */
export default function CutsStage() {
  const bench = useBench();
  const groups = useShown(({ plan }) => plan.groups);
  const parts = useShown(({ plan }) => plan.parts);
  const { say, units } = useUnits();
  const views = sheetViews(groups);
  const [shown, setShown] = useState<string>();
  const view = views.find((v) => v.sheet.id === shown) ?? views[0];
  const partOf = (partId: string) => parts.find((p) => p.id === partId);
  const name = (partId: string) => partOf(partId)?.label ?? partId;
  return (
    <Stack gap="3">
      <StageHead
        title="Cuts"
        summary={`blade ${say(bench.workshop.kerfMm)}, trim ${say(bench.workshop.trimMm)}${units.unit === "mm" ? " mm" : ""}`}
      >
        {views.length > MANY && (
          <Select
            label="Sheet"
            value={view!.sheet.id}
            options={views.map((v) => [v.sheet.id, v.title] as const)}
            onChange={setShown}
          />
        )}
        {(views.length > MANY ? [] : views).map((v) => (
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
        ))}
      </StageHead>
      {view ? (
        <SheetDiagram
          sheet={view.sheet}
          name={name}
          cornersOf={(partId) => partOf(partId)?.corners}
          title={`${view.title}, ${view.group.material.name}`}
        />
      ) : (
        <Text>Nothing is cut from sheet here. Panes, bars and mesh are in the list below.</Text>
      )}
      {groups.map((group) => (
        <GroupPanel key={group.material.id} group={group} />
      ))}
      {view && !view.group.own && <AtTheSaw key={view.sheet.id} sheet={view.sheet} name={name} />}
      <PartsTable />
      <CutFiles />
      <Templates />
      <OddParts />
      <SlipsPanel />
    </Stack>
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
