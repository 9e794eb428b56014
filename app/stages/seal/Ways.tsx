import { Table, Text } from "@chakra-ui/react";
import type { LayerId } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { facesToCoat, layersOf, waysFor } from "#core/seal/stack/schools";
import { formatMinutes, formatNumber } from "#core/units/format";
import { formatMoney } from "#core/units/money";
import { useBench, useBuildHandle, useShown } from "../../state/context";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton } from "../../ui/QuietButton";

const KEEPS = { standing: "standing water", splash: "splashes only", nothing: "nothing" } as const;
const HAZARD: Partial<Record<string, string>> = {
  solventFumes: "solvent fumes: outdoors or a fan, gloves, no flame",
  alkaline: "alkaline: gloves, eyes",
};

/** Ways to keep water off the walls side by side for this build; taking one changes steps, supplies and cost. */
export function Ways({ onTaken }: { onTaken: () => void }) {
  const { api } = useBuildHandle();
  const bench = useBench();
  const faces = useShown(({ plan }) => facesToCoat(plan.site));
  const ways = useShown(({ plan }) => waysFor(plan.site));
  if (faces.length === 0) return null;
  const take = (layer: LayerId) => {
    api.commit((draft) => {
      const { seal } = chosenVariant(draft);
      seal.stacks = [
        ...seal.stacks.filter((s) => !faces.includes(s.face)),
        ...faces.map((face) => ({ face, layers: layersOf(layer) })),
      ];
    });
    onTaken();
  };
  return (
    <>
      <Text fontSize="xs" color="muted" mb="2">
        {`For ${faces.join(", ")}. Days are for faces done in turn, each lying down while it sets; hours and yields are starting values, yours replace them.`}
      </Text>
      <PlainTable
        heads={[
          "Way",
          { text: "Likely cost", end: true },
          { text: "Hands on", end: true },
          { text: "Days", end: true },
          { text: "Mass", end: true },
          "Keeps out",
          "Mended by",
          "",
        ]}
      >
        {ways.map((way) => (
          <Table.Row key={way.layer}>
            <Table.Cell>
              {way.kind.name}
              <Text as="span" display="block" fontSize="xs" color="muted">
                {`${formatNumber(way.coats)} coats, ${formatNumber(way.litres)} L${way.kind.caution && HAZARD[way.kind.caution] ? `; ${HAZARD[way.kind.caution]}` : ""}`}
              </Text>
              {way.failsOn.length > 0 && (
                <Text as="span" display="block" fontSize="xs" color="stop">
                  {`does not hold on ${way.failsOn.join(", ")}`}
                </Text>
              )}
            </Table.Cell>
            <Table.Cell textAlign="end" fontFamily="mono" whiteSpace="nowrap">
              {way.costMinor === null ? "no price" : formatMoney(way.costMinor, bench.workshop.currency)}
            </Table.Cell>
            <Table.Cell textAlign="end" fontFamily="mono" whiteSpace="nowrap">
              {formatMinutes(way.handsOnMinutes)}
            </Table.Cell>
            <Table.Cell textAlign="end" fontFamily="mono" whiteSpace="nowrap">
              {formatNumber(way.days)}
            </Table.Cell>
            <Table.Cell
              textAlign="end"
              fontFamily="mono"
              whiteSpace="nowrap"
            >{`${formatNumber(way.kg)} kg`}</Table.Cell>
            <Table.Cell>{KEEPS[way.kind.keeps]}</Table.Cell>
            <Table.Cell>{way.kind.repair}</Table.Cell>
            <Table.Cell textAlign="end">
              <QuietButton
                size="xs"
                disabled={way.failsOn.length > 0}
                onClick={() => take(way.layer)}
                aria-label={`Take ${way.kind.name.toLowerCase()}`}
              >
                take it
              </QuietButton>
            </Table.Cell>
          </Table.Row>
        ))}
      </PlainTable>
    </>
  );
}
