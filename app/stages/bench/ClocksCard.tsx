import { Box, Progress, Text } from "@chakra-ui/react";
import type { Clock } from "#core/bench/view";
import type { LocalMinutes } from "#core/design/localTime";
import { formatNumber } from "#core/units/format";
import { clockWords, dayWords } from "../../ui/dates";
import { CURE_WORDS } from "../../words/cures";
import { Card } from "./parts";

const two = (n: number) => String(n).padStart(2, "0");

/** What is left of a wait: `14:06` minutes and seconds, `23 h 10` where it is long, `3 days 4 h`. */
function leftWords(minutes: number): string {
  const seconds = Math.max(0, Math.ceil(minutes * 60));
  if (seconds < 3600) return `${two(Math.floor(seconds / 60))}:${two(seconds % 60)}`;
  if (minutes < 2880) return `${Math.floor(minutes / 60)} h ${two(Math.floor(minutes % 60))}`;
  return `${Math.floor(minutes / 1440)} days ${Math.floor((minutes % 1440) / 60)} h`;
}

const when = (at: LocalMinutes) => `${dayWords(at)} ${clockWords(at)}`;

/** Clocks of what sets, the next to be over first. */
export function ClocksCard({ clocks, now }: { clocks: readonly Clock[]; now: LocalMinutes }) {
  const running = clocks.filter(({ readyAt }) => readyAt > now);
  const over = clocks.filter(({ readyAt }) => readyAt <= now);
  return (
    <>
      {running.map((clock) => (
        <ClockCard key={clock.stepId} clock={clock} now={now} />
      ))}
      {over.length > 0 && (
        <Card over="Clocks that are over">
          {over.map(({ stepId, title, readyAt, marks }) => {
            const next = marks.find(({ at }) => at > now);
            return (
              <Box key={stepId} py="1" data-clock={stepId}>
                <Text fontWeight="bold">{`${title}: since ${when(readyAt)}`}</Text>
                {next && <Text fontSize="sm">{`${CURE_WORDS[next.cure]} from ${when(next.at)}`}</Text>}
              </Box>
            );
          })}
        </Card>
      )}
    </>
  );
}

function ClockCard({ clock, now }: { clock: Clock; now: LocalMinutes }) {
  const { title, from, readyAt, waitFor, marks, factor } = clock;
  const later = marks.filter(({ at }) => at > now && Math.abs(at - readyAt) > 1);
  return (
    <Card over={`${title}: ${waitFor}`} data-clock={clock.stepId}>
      <Text
        fontFamily="mono"
        fontSize="4xl"
        fontWeight="bold"
        lineHeight="1.1"
        fontVariantNumeric="tabular-nums"
        role="timer"
        aria-label={`${title}, left`}
      >
        {leftWords(readyAt - now)}
      </Text>
      <Progress.Root value={Math.min(100, (100 * (now - from)) / Math.max(1, readyAt - from))} size="sm" my="2">
        <Progress.Track bg="line" borderRadius="full">
          <Progress.Range bg="fern" />
        </Progress.Track>
      </Progress.Root>
      <Text fontSize="sm">{`Until ${when(readyAt)}`}</Text>
      {factor > 1.01 && (
        <Text fontSize="sm" color="mind">
          {`The room is cold: reckoned ${formatNumber(factor, 1, "up")} times as long. From memory; feel it before you go on.`}
        </Text>
      )}
      {later.length > 0 && (
        <Box mt="1" fontSize="sm">
          {later.map(({ cure, at }) => (
            <Text key={cure}>{`${CURE_WORDS[cure]} from ${when(at)}`}</Text>
          ))}
        </Box>
      )}
    </Card>
  );
}
