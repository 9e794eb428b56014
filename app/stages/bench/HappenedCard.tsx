import { Box, Flex, Text } from "@chakra-ui/react";
import { entryWords } from "#core/bench/words";
import { parseLocal } from "#core/design/localTime";
import { standing } from "#core/log/standing";
import { formatLengthWithUnit } from "#core/units/format";
import { useBench, useUnits } from "../../state/context";
import { useLog } from "../../state/useLog";
import { clockWords, dayWords } from "../../ui/dates";
import { QuietButton } from "../../ui/QuietButton";
import { Card } from "./parts";

const SHOWN = 12;

/** What happened, the newest first; each entry can be taken back, by another. */
export function HappenedCard({ titleOf }: { titleOf: (step: string) => string }) {
  const { log: entries } = useBench();
  const log = useLog();
  const { units } = useUnits();
  const say = (mm: number) => formatLengthWithUnit(mm, units);
  const told = standing(entries)
    .flatMap(({ id, at, event }) => {
      const words = entryWords(event, { titleOf, say });
      return words ? [{ id, at: parseLocal(at) ?? 0, event, words }] : [];
    })
    .reverse();
  return (
    <Card over={told.length === 0 ? "What happened" : `What happened, ${told.length} entries`}>
      {told.length === 0 && <Text fontSize="md">Nothing yet: what you start and end here is written down.</Text>}
      {told.slice(0, SHOWN).map(({ id, at, event, words }) => (
        <Flex key={id} gap="2" py="1.5" borderTopWidth="1px" borderColor="line" align="center" data-entry={id}>
          <Box flex="1" fontSize="md">
            <Text fontSize="xs" color="muted" fontFamily="mono">{`${dayWords(at)} ${clockWords(at)}`}</Text>
            {words}
          </Box>
          {event.kind === "step-done" && (
            <QuietButton
              minH="44px"
              onClick={() => log.add({ kind: "step-again", step: event.step, because: "" })}
              aria-label={`Do again: ${event.title}`}
            >
              Do again
            </QuietButton>
          )}
          <QuietButton
            minH="44px"
            onClick={() => log.add({ kind: "taken-back", entry: id })}
            aria-label={`Take back: ${words}`}
          >
            Take back
          </QuietButton>
        </Flex>
      ))}
    </Card>
  );
}
