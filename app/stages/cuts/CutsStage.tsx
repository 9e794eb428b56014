import { Box, Button, Flex, Stack, Table, Text } from "@chakra-ui/react";
import { useState } from "react";
import { sawSizeMm } from "#core/cuts/sawSize";
import type { SheetGroup } from "#core/cuts/sheets";
import { sawToleranceMm } from "#core/cuts/tolerance";
import { materialName } from "#core/materials/find";
import { formatNumber } from "#core/units/format";
import { SheetDiagram } from "../../drawing/SheetDiagram";
import { useBuild, useUnits } from "../../state/context";
import { Fields, Panel } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { QuietLink } from "../../ui/QuietButton";
import { Reading } from "../../ui/Reading";
import { StageHead } from "../StageHead";

/** Says what the bound proves of the answer. */
export function proofWords(group: SheetGroup): string {
  const { solution, sheets, costMinor } = group;
  const price = (id: string) => group.instance.stock.find((s) => s.id === id)!.price;
  const cost = solution.sheets.reduce((n, s) => n + price(s.stock), 0);
  const noun = (n: number) => `${n} ${n === 1 ? "sheet" : "sheets"}`;
  if (solution.unplaced.length > 0)
    return group.own ? "some parts fit no pane it came with" : "some parts fit no sheet";
  if (group.own) return `from ${solution.sheets.length} of its own; nothing to buy`;
  if (cost <= solution.bound.cost + 1e-6 && costMinor !== null) return `${noun(sheets)} is least, proved`;
  const used = solution.sheets.length;
  if (used <= solution.bound.sheets) return `${noun(sheets)} is least, proved`;
  return `${noun(sheets)}; at least ${Math.max(1, solution.bound.sheets - group.offcutsUsed.length)}`;
}

/** The nested sheets, the parts with their working, and what else is cut. */
export default function CutsStage() {
  const { plan, bench, buildId, openWorking } = useBuild();
  const { say, units } = useUnits();
  const views = sheetViews(plan.groups);
  const [shown, setShown] = useState(0);
  const view = views[Math.min(shown, views.length - 1)];
  return (
    <Stack gap="3">
      <StageHead
        title="Cuts"
        summary={`blade ${say(bench.workshop.kerfMm)}, trim ${say(bench.workshop.trimMm)}${units.unit === "mm" ? " mm" : ""}`}
      >
        {views.map((v, i) => (
          <Button
            key={v.key}
            size="xs"
            variant={v === view ? "solid" : "outline"}
            {...(v === view ? { bg: "fern", color: "fernInk" } : { borderColor: "line" })}
            aria-pressed={v === view}
            onClick={() => setShown(i)}
          >
            {v.title}
          </Button>
        ))}
        <QuietLink to={`/builds/${buildId}/files/cuts.csv`} reloadDocument>
          Cut list, CSV
        </QuietLink>
        <QuietLink to={`/builds/${buildId}/files/shop-sheet.pdf`} reloadDocument>
          Shop sheet, PDF
        </QuietLink>
      </StageHead>
      {view ? (
        <SheetDiagram group={view.group} sheet={view.sheet} title={`${view.title}, ${view.group.material.name}`} />
      ) : (
        <Text>Nothing is cut from sheet here. Panes, bars and mesh are in the list below.</Text>
      )}
      {plan.groups.map((group) => (
        <Panel key={group.material.id} title={group.material.name}>
          <Fields min="8.5rem">
            <Reading label="Proof" value={proofWords(group)} figure={`cuts/${group.material.id}/sheets`} />
            <Reading label="Used" value={`${formatNumber(group.usedShare * 100, 0)} %`} />
            <Reading label="Largest offcuts to keep" value={offcutWords(group, say)} />
            {!group.own && <Reading label="From the rack" value={group.offcutsUsed.join(", ") || "nothing"} />}
            <Reading label="Cuts" value={String(group.solution.sheets.reduce((n, s) => n + s.cuts.length, 0))} />
          </Fields>
        </Panel>
      ))}
      <Panel title="Parts">
        <PlainTable
          heads={[
            "Part",
            { text: "Length", end: true },
            { text: "Width", end: true },
            { text: "±", end: true, title: "ISO 2768-1 medium, from memory" },
            "Of",
            "How it came about",
          ]}
        >
          {plan.parts.map((part) => (
            <Table.Row key={part.id} data-part={part.id}>
              <Table.Cell fontWeight="bold">
                {part.figure ? (
                  <Box
                    as="button"
                    color="fern"
                    textDecoration="underline"
                    textAlign="left"
                    onClick={() => openWorking(part.figure!)}
                  >
                    {part.label}
                  </Box>
                ) : (
                  part.label
                )}
                {part.qty > 1 && ` × ${part.qty}`}
              </Table.Cell>
              <Table.Cell textAlign="end" fontFamily="mono">
                {say(sawSizeMm(part.lengthMm))}
              </Table.Cell>
              <Table.Cell textAlign="end" fontFamily="mono">
                {part.widthMm > 0 ? say(sawSizeMm(part.widthMm)) : ""}
              </Table.Cell>
              <Table.Cell textAlign="end" fontFamily="mono">
                {part.kind === "mesh" ? "" : say(sawToleranceMm(part.lengthMm))}
              </Table.Cell>
              <Table.Cell fontSize="xs">{materialName(bench.book, part.materialId)}</Table.Cell>
              <Table.Cell fontSize="xs" color="muted">
                {[part.working.length, part.working.width].filter(Boolean).join("; ")}
              </Table.Cell>
            </Table.Row>
          ))}
        </PlainTable>
        <Flex mt="2">
          <Text fontSize="xs" color="muted">
            Sizes are rounded to 0.1 mm for the saw. Guard on, push stick, mask for the dust; two people to a full
            sheet.
          </Text>
        </Flex>
      </Panel>
    </Stack>
  );
}

/** Every sheet to draw: bought ones numbered, then those from the rack. */
function sheetViews(groups: SheetGroup[]) {
  const all = groups.flatMap((group) =>
    group.solution.sheets.map((sheet, i) => ({
      group,
      sheet,
      key: `${group.material.id}/${i}`,
      rack: group.offcutsUsed.includes(sheet.stock),
    })),
  );
  const bought = all.filter((v) => !v.rack).map((v, i) => ({ ...v, title: `Sheet ${i + 1}` }));
  const own = all.filter((v) => v.group.own).map((v, i) => ({ ...v, title: `Its own pane ${i + 1}` }));
  const rack = all.filter((v) => v.rack && !v.group.own).map((v) => ({ ...v, title: `From ${v.sheet.stock}` }));
  return [...bought, ...rack, ...own];
}

function offcutWords(group: SheetGroup, say: (mm: number) => string): string {
  const offcuts = group.solution.sheets.flatMap((s) => s.offcuts).sort((a, b) => b.w * b.h - a.w * a.h);
  return offcuts.length === 0
    ? "none"
    : offcuts
        .slice(0, 2)
        .map((o) => `${say(o.w)} × ${say(o.h)}`)
        .join(", ");
}
