import { Box, Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { readCode } from "#core/bench/codes";
import type { SettledStep } from "#core/ledgers/ledger";
import { formatMinutes } from "#core/units/format";
import { TextField } from "../../ui/TextField";
import { POSTURE } from "../../words/posture";
import { BigButton, Card } from "./parts";

const SHOWN = 5;

/** Other steps that nothing keeps from being done now, to take instead or meanwhile. */
export function NextCard({
  steps,
  codes,
  onTake,
}: {
  steps: readonly SettledStep[];
  /** The code of each step of the plan, as the bench sheet prints it. */
  codes: ReadonlyMap<string, string>;
  onTake: (id: string) => void;
}) {
  return (
    <Card over={steps.length > 0 ? "Can be done meanwhile" : "Another step"}>
      <Box display="flex" flexDirection="column" gap="2">
        {steps.slice(0, SHOWN).map((step) => (
          <BigButton key={step.id} justifyContent="space-between" fontSize="md" onClick={() => onTake(step.id)}>
            <Text as="span" textAlign="left" flex="1">
              {step.title}
              {step.posture ? `, ${POSTURE[step.posture]}` : ""}
            </Text>
            <Text as="span" fontFamily="mono" fontWeight="normal" fontSize="sm">
              {formatMinutes(step.handsOnMinutes)}
            </Text>
          </BigButton>
        ))}
      </Box>
      {steps.length > SHOWN && <Text fontSize="sm" color="muted" mt="1">{`And ${steps.length - SHOWN} more.`}</Text>}
      <CodeField codes={codes} onTake={onTake} />
    </Card>
  );
}

/** Takes the step whose code was ticked on paper. */
function CodeField({ codes, onTake }: { codes: ReadonlyMap<string, string>; onTake: (id: string) => void }) {
  const [typed, setTyped] = useState("");
  const code = readCode(typed);
  const id = code && [...codes].find(([, own]) => own === code)?.[0];
  return (
    <Flex gap="2.5" align="end" mt="2.5" css={{ "& input": { height: "56px", fontSize: "lg" } }}>
      <Box flex="1">
        <TextField
          label="Code from a bench sheet"
          value={typed}
          onChange={setTyped}
          error={code && !id ? "No step of this plan has this code." : null}
        />
      </Box>
      <BigButton
        w="auto"
        flex="0 0 auto"
        fontSize="md"
        disabled={!id}
        onClick={() => {
          if (id) onTake(id);
          setTyped("");
        }}
      >
        Take it
      </BigButton>
    </Flex>
  );
}
