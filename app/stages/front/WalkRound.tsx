import { Table, Text } from "@chakra-ui/react";
import { WALK } from "#core/closures/walk/facts";
import { useShown } from "../../state/context";
import { useLog } from "../../state/useLog";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton } from "../../ui/QuietButton";

/** Every gap with what covers it, to be tried with a gauge once all is shut. */
export function WalkRound() {
  const log = useLog();
  const stops = useShown(({ plan }) => plan.facts.one(WALK) ?? []);
  return (
    <PlainTable heads={["Gap, and what covers it", "Gauge", "Tried"]}>
      {stops.map(({ id, name, where, cover, gauge, tried: last }) => (
        <Table.Row key={id} data-opening={id}>
          <Table.Cell>
            {`${name}, ${where}`}
            <Text as="span" display="block" fontSize="xs" color="muted">
              {cover}
            </Text>
          </Table.Cell>
          <Table.Cell whiteSpace="nowrap">{gauge?.words ?? "–"}</Table.Cell>
          <Table.Cell whiteSpace="nowrap">
            {last ? (
              <QuietButton size="2xs" onClick={() => log.add({ kind: "taken-back", entry: last.entry })}>
                {last.passed ? "goes through: undo" : "holds: undo"}
              </QuietButton>
            ) : (
              gauge &&
              ([false, true] as const).map((passed) => (
                <QuietButton
                  key={String(passed)}
                  size="2xs"
                  mr="1"
                  aria-label={`${name}: ${passed ? "the gauge goes through" : "the gauge does not go through"}`}
                  onClick={() => log.add({ kind: "gap-tried", way: id, gaugeMm: gauge.mm, passed })}
                >
                  {passed ? "✕" : "✓"}
                </QuietButton>
              ))
            )}
          </Table.Cell>
        </Table.Row>
      ))}
    </PlainTable>
  );
}
