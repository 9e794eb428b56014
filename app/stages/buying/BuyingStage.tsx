import { Box, Input, Stack, Table, Text } from "@chakra-ui/react";
import { useRef } from "react";
import { useFetcher } from "react-router";
import type { BuyLine } from "#core/buying/buyLine";
import { findMaterial } from "#core/materials/find";
import type { Pack } from "#core/materials/schema";
import { formatNumber } from "#core/units/format";
import { formatMoney, plainMoney } from "#core/units/money";
import { useBench, useBuildHandle, useShown } from "../../state/context";
import { useDraft } from "../../state/useDraft";
import { Panel } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { QuietLink } from "../../ui/QuietButton";
import { StageHead } from "../StageHead";

/** The shopping list: whole packs, likely and safe, and what the safety costs. */
export default function BuyingStage() {
  const { buildId, openWorking } = useBuildHandle();
  const { lines, likelyMinor, safeMinor, unpriced } = useShown(({ plan }) => plan.buying);
  const { currency } = useBench().workshop;
  const money = (minor: number | null) => (minor === null ? "?" : formatMoney(minor, currency));
  return (
    <Stack gap="3">
      <StageHead
        title="Buying"
        summary={`${money(likelyMinor)} likely, ${money(safeMinor)} to be safe${unpriced > 0 ? `, ${unpriced} without a price` : ""}`}
      >
        <QuietLink to={`/builds/${buildId}/files/shopping.csv`} reloadDocument>
          Shopping list, CSV
        </QuietLink>
        <QuietLink to={`/builds/${buildId}/files/build.json`} reloadDocument>
          Build, JSON
        </QuietLink>
      </StageHead>
      {lines.length === 0 ? (
        <Text>
          Nothing is to be bought yet: vents under Air (key 5) and beads under Seal (key 7) bring the first lines.
        </Text>
      ) : (
        <Panel>
          <PlainTable
            heads={[
              "To buy",
              "Packs",
              { text: "Pack price", end: true },
              { text: "Likely", end: true },
              { text: "Safe", end: true },
            ]}
          >
            {lines.map((line) => (
              <Table.Row key={line.id} data-line={line.id}>
                <Table.Cell>
                  {line.figure ? (
                    <Box
                      as="button"
                      color="fern"
                      textDecoration="underline"
                      textAlign="left"
                      onClick={() => openWorking(line.figure!)}
                    >
                      {line.label}
                    </Box>
                  ) : (
                    line.label
                  )}
                  <Text fontSize="xs" color="muted">
                    {line.need}
                    {line.onHand ? `; on hand: ${line.onHand}` : ""}
                  </Text>
                </Table.Cell>
                <Table.Cell fontSize="sm">
                  {packWords(line.likely)}
                  {line.odds < 0.995 && (
                    <Text fontSize="xs" color="muted">
                      enough {formatNumber(line.odds * 100, 0, "down")} times in 100
                      {packWords(line.safe) === packWords(line.likely) ? "" : `; safe: ${packWords(line.safe)}`}
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
            ))}
          </PlainTable>
          <Text fontSize="xs" color="muted" mt="2">
            Likely is enough as often as not, safe nine times in ten. Prices are your book's: type the shop's.
          </Text>
        </Panel>
      )}
    </Stack>
  );
}

const packWords = (counts: BuyLine["likely"]) =>
  counts.length === 0 ? "nothing" : counts.map(({ pack, count }) => `${count} × ${pack.name}`).join(" + ");

/** The prices behind a line, to be typed over: of the packs chosen, or of the glass by the square metre. */
function Prices({ line }: { line: BuyLine }) {
  const bench = useBench();
  const glass = findMaterial(bench.book, line.materialId, "glass");
  if (!bench.book.materials.some((m) => m.id === line.materialId))
    return (
      <Text fontSize="xs" color="muted">
        typed on Cuts
      </Text>
    );
  const packs = glass ? [glass.perM2] : line.likely.map((c) => c.pack);
  return (
    <Stack gap="1" align="end">
      {packs.map((pack) => (
        <PriceField key={pack.id} pack={pack} per={glass ? "per m²" : pack.name} />
      ))}
    </Stack>
  );
}

function PriceField({ pack, per }: { pack: Pack; per: string }) {
  const { currency } = useBench().workshop;
  const fetcher = useFetcher<{ message: string | null }>();
  const shown = pack.priceMinor === null ? "" : plainMoney(pack.priceMinor, currency);
  const draft = useDraft(shown);
  const { text } = draft;
  const input = useRef<HTMLInputElement>(null);
  const message = fetcher.data?.message;
  const send = () => {
    const changed = text.trim() !== shown;
    if (changed) fetcher.submit({ pack: pack.id, price: text }, { method: "post", action: "/prices" });
    // What was typed stays till the book has it, and where it is refused.
    draft.leave(changed ? "not in the book yet" : null);
  };
  return (
    <Box>
      <Input
        ref={input}
        size="xs"
        w="4.2rem"
        textAlign="end"
        fontFamily="mono"
        bg="sheet"
        borderColor={message ? "stop" : "line"}
        aria-label={`Price, ${per}`}
        title={per}
        placeholder="price?"
        value={text}
        onFocus={draft.focus}
        onChange={(e) => draft.type(e.target.value)}
        onBlur={send}
        onKeyDown={(e) => e.key === "Enter" && input.current?.blur()}
      />
      {message && (
        <Text fontSize="xs" color="stop" maxW="10rem">
          {message}
        </Text>
      )}
    </Box>
  );
}
