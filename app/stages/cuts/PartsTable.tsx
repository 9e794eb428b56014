import { Box, Table, Text } from "@chakra-ui/react";
import { sawSizeMm } from "#core/cuts/sawSize";
import type { Part } from "#core/ledgers/ledger";
import { materialName } from "#core/materials/find";
import { formatLengthWithUnit } from "#core/units/format";
import { RowSheet } from "../../frame/Rows";
import { useBench, useBuildHandle, useIsHeld, useShown, useUnits } from "../../state/context";
import { PlainTable } from "../../ui/PlainTable";

/** Every part that is cut: pressed, its working is in hand. */
export function PartsTable() {
  const parts = useShown(({ plan }) => plan.parts);
  const { units } = useUnits();
  return (
    <RowSheet title="Parts">
      <PlainTable heads={["Part", { text: "Length", end: true }, { text: "Width", end: true }, "Of"]}>
        {parts.map((part) => (
          <PartRow key={part.id} part={part} />
        ))}
      </PlainTable>
      <Text fontSize="xs" color="muted" mt="1">
        Sizes are rounded to {formatLengthWithUnit(0.1, units)} for the saw. Guard on, push stick, mask for the dust;
        two people to a full sheet.
      </Text>
    </RowSheet>
  );
}

function PartRow({ part }: { part: Part }) {
  const { take } = useBuildHandle();
  const held = { kind: "part", id: part.id } as const;
  const isHeld = useIsHeld(held);
  const { book } = useBench();
  const { say } = useUnits();
  return (
    <Table.Row data-part={part.id} css={isHeld ? { "&&": { bg: "fernSoft" } } : {}}>
      <Table.Cell>
        <Box as="button" textAlign="left" cursor="pointer" aria-pressed={isHeld} onClick={() => take(held)}>
          {part.label}
          {part.qty > 1 && ` × ${part.qty}`}
        </Box>
      </Table.Cell>
      <Table.Cell textAlign="end" fontFamily="mono">
        {say(sawSizeMm(part.lengthMm))}
      </Table.Cell>
      <Table.Cell textAlign="end" fontFamily="mono">
        {part.widthMm > 0 ? say(sawSizeMm(part.widthMm)) : ""}
      </Table.Cell>
      <Table.Cell fontSize="xs" color="muted" maxW="7rem" truncate title={materialName(book, part.materialId)}>
        {materialName(book, part.materialId)}
      </Table.Cell>
    </Table.Row>
  );
}
