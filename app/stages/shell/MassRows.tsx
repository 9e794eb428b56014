import { Table, Text } from "@chakra-ui/react";
import { massStages, turns } from "#core/standing/massStages";
import { formatNumber } from "#core/units/format";
import { useShown } from "../../state/context";
import { PlainTable } from "../../ui/PlainTable";

/** What it weighs as the build goes on, who lifts it, and how often it is turned. */
export function MassRows() {
  const { stages, turned } = useShown(({ plan }) => {
    const order = plan.diary.entries.map((e) => plan.steps.find((s) => s.id === e.stepId)!);
    return {
      stages: massStages(plan.masses),
      turned: turns(order),
    };
  });
  return (
    <>
      <PlainTable heads={["When", { text: "kg", end: true }, "Moved by"]}>
        {stages.map((stage) => (
          <Table.Row key={stage.id}>
            <Table.Cell>{stage.label}</Table.Cell>
            <Table.Cell textAlign="end" fontFamily="mono">
              {formatNumber(stage.kg, stage.kg < 10 ? 1 : 0)}
            </Table.Cell>
            <Table.Cell>{stage.lift}</Table.Cell>
          </Table.Row>
        ))}
      </PlainTable>
      <Text fontSize="xs" color="muted" mt="1">
        Turned to another side {turned === 1 ? "once" : `${turned} times`} on the way. Over 20 kg is lifted with help.
      </Text>
    </>
  );
}
