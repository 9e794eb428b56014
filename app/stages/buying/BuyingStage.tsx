import { Box, Table, Text } from "@chakra-ui/react";
import type { BuyLine } from "#core/buying/buyLine";
import { UNCOUNTED } from "#core/ledgers/uncounted";
import { formatMoney } from "#core/units/money";
import { FigureReading, Reading } from "../../fields/Reading";
import { RowSheet } from "../../frame/Rows";
import { Workbench } from "../../frame/Workbench";
import { useBench, useBuildHandle, useIsHeld, useShown } from "../../state/context";
import { Fields } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { QuietLink } from "../../ui/QuietButton";
import { packWords } from "../../words/packWords";
import { Prices } from "./Prices";

/** The shopping list: whole packs, likely and safe, and what the safety costs. */
export default function BuyingStage() {
  const { buildId } = useBuildHandle();
  const { lines, likelyMinor, safeMinor, spentMinor, unpriced } = useShown(({ plan }) => plan.buying);
  const leftOut = useShown(({ plan }) => [...new Set(plan.facts.all(UNCOUNTED))]);
  const { currency } = useBench().workshop;
  const [open, over] = [lines.filter((l) => !l.over), lines.filter((l) => l.over)];
  const money = (minor: number | null) => (minor === null ? "?" : formatMoney(minor, currency));
  return (
    <Workbench
      stage="buying"
      title="Buying"
      summary={`${money(likelyMinor)} likely, ${money(safeMinor)} to be safe${spentMinor > 0 ? ` still to buy, ${money(spentMinor)} spent` : ""}${unpriced > 0 ? `, ${unpriced} without a price` : ""}`}
      tools={
        <>
          <QuietLink to={`/builds/${buildId}/files/shopping.csv`} reloadDocument>
            Shopping list, CSV
          </QuietLink>
          <QuietLink to={`/builds/${buildId}/files/build.json`} reloadDocument>
            Build, JSON
          </QuietLink>
          <QuietLink to={`/builds/${buildId}/files/build.zip`} reloadDocument>
            With photographs, ZIP
          </QuietLink>
        </>
      }
      own={{
        title: "The whole list",
        fields: (
          <>
            <Fields>
              <Reading label="Likely" value={money(likelyMinor)} />
              <Reading label="To be safe" value={money(safeMinor)} />
              {spentMinor > 0 && <Reading label="Spent" value={money(spentMinor)} />}
              <FigureReading id="buying/cost" label="Working" />
              <FigureReading id="fixtures/monthCost" />
            </Fields>
            <Text fontSize="xs" color="muted" mt="1.5">
              Likely is enough as often as not, safe nine times in ten. Prices are your book's: type the shop's.
            </Text>
          </>
        ),
      }}
    >
      {lines.length === 0 ? (
        <Text>
          Nothing is to be bought yet: vents under Air (key 5) and beads under Seal (key 7) bring the first lines.
        </Text>
      ) : (
        <RowSheet title="To buy">
          {leftOut.length > 0 && (
            <Text fontSize="xs" color="muted" mb="1">
              {`Left out of it, and of the cost: ${leftOut.join(", ")}.`}
            </Text>
          )}
          <PlainTable
            heads={[
              "What",
              "Packs",
              { text: "Pack price", end: true },
              { text: "Likely", end: true },
              { text: "Safe", end: true },
            ]}
          >
            {open.map((line) => (
              <LineRow key={line.id} line={line} money={money} />
            ))}
          </PlainTable>
        </RowSheet>
      )}
      {over.length > 0 && (
        <Box mt="2">
          <RowSheet title="Nothing more to buy of">
            <PlainTable
              heads={[
                "What",
                "Bought and used",
                { text: "", end: true },
                { text: "", end: true },
                { text: "", end: true },
              ]}
            >
              {over.map((line) => (
                <LineRow key={line.id} line={line} money={money} />
              ))}
            </PlainTable>
          </RowSheet>
        </Box>
      )}
    </Workbench>
  );
}

function LineRow({ line, money }: { line: BuyLine; money: (minor: number | null) => string }) {
  const { take } = useBuildHandle();
  const held = { kind: "line", id: line.id } as const;
  const isHeld = useIsHeld(held);
  return (
    <Table.Row data-line={line.id} css={isHeld ? { "&&": { bg: "fernSoft" } } : {}}>
      <Table.Cell>
        <Box as="button" textAlign="left" cursor="pointer" aria-pressed={isHeld} onClick={() => take(held)}>
          {line.label}
        </Box>
        <Text fontSize="xs" color="muted" lineClamp={1} title={line.need}>
          {line.need}
        </Text>
      </Table.Cell>
      <Table.Cell fontSize="sm">
        {packWords(line.likely.filter(({ count }) => count > 0))}
        {(line.bought || line.used) && (
          <Text fontSize="xs" color="muted">
            {[line.bought && `bought ${line.bought}`, line.used && `used ${line.used}`].filter(Boolean).join(", ")}
          </Text>
        )}
      </Table.Cell>
      <Table.Cell textAlign="end">
        <Prices line={line} />
      </Table.Cell>
      <Table.Cell textAlign="end" fontFamily="mono" whiteSpace="nowrap">
        {money(line.likelyMinor)}
      </Table.Cell>
      <Table.Cell textAlign="end" fontFamily="mono" whiteSpace="nowrap">
        {money(line.safeMinor)}
      </Table.Cell>
    </Table.Row>
  );
}
