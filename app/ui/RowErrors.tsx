import { Box, Text } from "@chakra-ui/react";
import type { RowError } from "#files/rows";

/** Rows that are named; of more their number is told. */
const SHOWN = 12;

/** What was wrong with the rows of a list, and what became of the others. */
export function RowErrors({ errors, rest }: { errors: readonly RowError[]; rest: string }) {
  if (errors.length === 0) return null;
  return (
    <Box role="alert" mt="2" fontSize="sm" color="stop">
      {errors.slice(0, SHOWN).map((e) => (
        <Text key={`${e.line} ${e.message}`}>{e.line > 1 ? `Line ${e.line}: ${e.message}` : e.message}</Text>
      ))}
      {errors.length > SHOWN && <Text>{`and ${errors.length - SHOWN} more rows`}</Text>}
      <Text color="muted">{rest}</Text>
    </Box>
  );
}
