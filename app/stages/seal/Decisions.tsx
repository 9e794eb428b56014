import { Box, Input, SimpleGrid, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { SafetySplit } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { SPLITS, splitsMet } from "#core/seal/decisions";
import { useBuildHandle, useShown, useVariant } from "../../state/context";
import { Select } from "../../ui/fields";
import { Panel } from "../../ui/Panel";

/** Where careful builders do opposite things and safety hangs on it: both sides, the choice, and why. */
export function Decisions() {
  const met = useShown(({ plan }) => splitsMet(plan.site, plan.facts));
  if (met.length === 0) return null;
  return (
    <Panel title="Yours to decide">
      <Text fontSize="xs" color="muted" mb="2">
        Careful builders do opposite things here. Nothing is chosen for you; what you choose is kept with your reason.
      </Text>
      <SimpleGrid columns={{ base: 1, lg: 2 }} columnGap="5">
        {met.map(({ split, because }) => (
          <Decision key={split} id={split} because={because} />
        ))}
      </SimpleGrid>
    </Panel>
  );
}

function Decision({ id, because }: { id: SafetySplit; because: string }) {
  const { api } = useBuildHandle();
  const decisions = useVariant((v) => v.seal.decisions);
  const split = SPLITS[id];
  const made = decisions.find((d) => d.split === id);
  const [reason, setReason] = useState(made?.reason ?? "");
  const keep = (school: string, why: string) =>
    api.commit((draft) => {
      const { seal } = chosenVariant(draft);
      seal.decisions = seal.decisions.filter((d) => d.split !== id);
      if (school !== "") seal.decisions.push({ split: id, school, reason: why });
    });
  return (
    <Box borderTopWidth="1px" borderColor="line" py="2">
      <Text fontWeight="medium" fontSize="sm">
        {split.question}
      </Text>
      <Text fontSize="xs" color="muted" mb="1">
        {`Because ${because}. What decides: ${split.decides}.`}
      </Text>
      <Select
        label="Your school"
        value={made?.school ?? ""}
        options={[["", "not decided"], ...split.schools.map((s) => [s.id, s.says] as const)]}
        onChange={(school) => keep(school, reason)}
      />
      {made && (
        <Input
          size="sm"
          mt="1.5"
          bg="sheet"
          borderColor="line"
          aria-label={`Why, for: ${split.question}`}
          placeholder="why, in a few words"
          maxLength={500}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
          onBlur={() => reason !== made.reason && keep(made.school, reason)}
        />
      )}
    </Box>
  );
}
