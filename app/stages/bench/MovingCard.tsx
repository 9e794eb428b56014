import { Box, SimpleGrid, Text } from "@chakra-ui/react";
import { useState } from "react";
import { ofKind } from "#core/log/ofKind";
import type { LogEntry } from "#core/log/schema";
import { useSettled } from "../../state/context";
import { useLog } from "../../state/useLog";
import { TextField } from "../../ui/TextField";
import { BigButton, Card } from "./parts";

type Moving = Extract<LogEntry["event"], { kind: "moving" }>;
const FIELDS = [
  ["carriedIn", "Carried in, with familiar pieces"],
  ["way", "By which way"],
  ["tool", "Tools: hook, catch cup, gloves"],
  ["people", "People, and who shuts the room"],
  ["fallback", "If it goes wrong"],
] as const;
const bare = (resident: string): Moving => ({
  ...{ kind: "moving", resident, carriedIn: "", way: "", tool: "", people: "", fallback: "" },
});

/** The day they move, resident by resident: planned before either box is opened. */
export function MovingCard() {
  const { design, bench, plan } = useSettled();
  const residents = design.brief.residents.map((r) => r.name);
  // Once they are in there is nothing to plan.
  const isIn = plan.steps.some((s) => s.reaches?.includes("residentsIn") && plan.stands.get(s.id)?.state === "done");
  if (residents.length === 0 || isIn) return null;
  const planned = new Map(ofKind(bench.log, "moving").map(({ event }) => [event.resident, event] as const));
  return (
    <Card over="Moving day">
      <Text fontSize="md" mb="2">
        Closed room, tools ready and both boxes looked at before either is opened. Never by hand what bites or bolts.
      </Text>
      {residents.map((name) => (
        <One key={name} was={planned.get(name) ?? bare(name)} />
      ))}
    </Card>
  );
}

function One({ was }: { was: Moving }) {
  const log = useLog();
  const [now, setNow] = useState<Moving>(was);
  const changed = FIELDS.some(([key]) => now[key] !== was[key]);
  return (
    <Box
      role="group"
      aria-label={`Moving ${was.resident}`}
      mb="3"
      css={{ "& input": { height: "48px", fontSize: "md" } }}
    >
      <Text fontWeight="bold">{was.resident}</Text>
      <SimpleGrid columns={1} gap="1.5">
        {FIELDS.map(([key, label]) => (
          <TextField
            key={key}
            label={label}
            value={now[key]}
            onChange={(text) => setNow({ ...now, [key]: text.slice(0, 200) })}
          />
        ))}
      </SimpleGrid>
      {changed && (
        <BigButton mt="2" onClick={() => log.add(now)}>
          Keep it
        </BigButton>
      )}
    </Box>
  );
}
