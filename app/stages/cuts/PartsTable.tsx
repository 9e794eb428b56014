import { Box, Flex, Table, Text } from "@chakra-ui/react";
import { sawSizeMm } from "#core/cuts/sawSize";
import { hasTolerance } from "#core/ledgers/parts";
import { materialName } from "#core/materials/find";
import { formatLengthWithUnit } from "#core/units/format";
import { sawToleranceMm } from "#core/workshop/sawTolerance";
import { useBench, useBuildHandle, useShown, useUnits } from "../../state/context";
import { Panel } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";

/** Every part that is cut, with its working. */
export function PartsTable() {
  const { openWorking } = useBuildHandle();
  const parts = useShown(({ plan }) => plan.parts);
  const { book } = useBench();
  const { say, units } = useUnits();
  return (
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
        {parts.map((part) => (
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
              {hasTolerance(part) ? say(sawToleranceMm(part.lengthMm)) : ""}
            </Table.Cell>
            <Table.Cell fontSize="xs">{materialName(book, part.materialId)}</Table.Cell>
            <Table.Cell fontSize="xs" color="muted">
              {[part.working.length, part.working.width].filter(Boolean).join("; ")}
            </Table.Cell>
          </Table.Row>
        ))}
      </PlainTable>
      <Flex mt="2">
        <Text fontSize="xs" color="muted">
          Sizes are rounded to {formatLengthWithUnit(0.1, units)} for the saw. Guard on, push stick, mask for the dust;
          two people to a full sheet.
        </Text>
      </Flex>
    </Panel>
  );
}
