import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { coversFor, leastAllowedMm, type VentCover } from "#core/compare/covers";
import { formatLengthWithUnit, formatNumber } from "#core/units/format";
import { useShown, useUnits } from "../../state/context";
import { Sortable, type SortColumn } from "../../ui/Sortable";
import { TextField } from "../../ui/TextField";

/** Meshes and bored holes side by side: which keep everybody in, and what area each takes for the air that is wanted. */
export function Covers() {
  const { say, units } = useUnits();
  const [wanted, setWanted] = useState("100");
  const cm2 = Number(wanted.replace(",", "."));
  const { rows, allowedMm } = useShown(({ plan }) => {
    const least = leastAllowedMm(plan.facts);
    return { allowedMm: least, rows: coversFor(plan.site, (cm2 > 0 ? cm2 : 0) * 100, least) };
  });
  const columns: SortColumn<VentCover>[] = [
    { ...{ id: "name", head: "Cover", by: (c) => c.name }, cell: (c) => c.name },
    { ...{ id: "opens", head: "Lets through", end: true, by: (c) => c.opensMm }, cell: (c) => say(c.opensMm, "up") },
    {
      ...{ id: "keeps", head: "Keeps them in", by: (c) => Number(c.keepsIn) },
      cell: (c) => (c.keepsIn ? "✓" : "a way out"),
    },
    {
      ...{ id: "open", head: "Open", end: true, by: (c) => c.openShare },
      cell: (c) => `${formatNumber(100 * c.openShare, 0)} %`,
    },
    {
      ...{ id: "takes", head: "Takes", end: true, by: (c) => c.grossMm2 },
      cell: (c) => (cm2 > 0 ? `${formatNumber(c.grossMm2 / 100, 0)} cm²` : "–"),
    },
  ];
  return (
    <>
      <Box maxW="16rem" mb="2">
        <TextField label="Air of an open hole of, cm²" value={wanted} onChange={setWanted} />
      </Box>
      <Sortable columns={columns} rows={rows} />
      <Text fontSize="xs" color="muted" mt="1">
        {`${allowedMm === undefined ? "Nobody can be judged yet: give a resident its narrowest rigid measure. " : `A gap may be ${formatLengthWithUnit(allowedMm, units, "down")} at most. `}Each mesh is reckoned with its own loss at the speed a warm shell breathes at.`}
      </Text>
    </>
  );
}
