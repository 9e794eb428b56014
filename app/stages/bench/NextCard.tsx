import { Box, Text } from "@chakra-ui/react";
import type { SettledStep } from "#core/ledgers/ledger";
import { formatMinutes } from "#core/units/format";
import { POSTURE } from "../../words/posture";
import { BigButton, Card } from "./parts";

const SHOWN = 5;

/** Other steps that nothing keeps from being done now, to take instead or meanwhile. */
export function NextCard({ steps, onTake }: { steps: readonly SettledStep[]; onTake: (id: string) => void }) {
  if (steps.length === 0) return null;
  return (
    <Card over="Can be done meanwhile">
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
    </Card>
  );
}
