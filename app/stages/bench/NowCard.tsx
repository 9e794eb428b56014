import { Box, List, Text } from "@chakra-ui/react";
import type { WaitStands } from "#core/bench/view";
import type { SettledStep } from "#core/ledgers/ledger";
import { formatMinutes } from "#core/units/format";
import { clockWords, dayWords } from "../../ui/dates";
import { Card } from "./parts";

const WAIT_WORDS: Record<WaitStands["state"], (at: string) => string> = {
  over: (at) => `ready since ${at}`,
  setting: (at) => `not before ${at}`,
  open: () => "not done yet",
};

/** The step now: what it is, what it needs, what must be dry, what not to do next. */
export function NowCard({
  step,
  waits,
  held,
}: {
  step: SettledStep;
  waits: readonly WaitStands[];
  /** What must not be done before this has set, with why. */
  held: readonly { title: string; because: string }[];
}) {
  const [first, ...more] = held;
  return (
    <>
      <Card over={`Now, ${formatMinutes(step.handsOnMinutes)} by the plan`} data-now={step.id}>
        <Text as="h3" fontFamily="heading" fontWeight="bold" fontSize="2xl" lineHeight="1.15" mb="2">
          {step.title}
        </Text>
        <Text fontSize="lg" lineHeight="1.35">
          {step.detail}
        </Text>
        {step.toHand.length > 0 && (
          <Text fontSize="lg" lineHeight="1.35" mt="2">
            <Text as="span" fontWeight="bold">
              To hand:{" "}
            </Text>
            {`${step.toHand.join(", ")}.`}
          </Text>
        )}
        {waits.length > 0 && (
          <List.Root mt="2" ps="5" fontSize="md">
            {waits.map(({ id, title, because, state, at }) => (
              <List.Item
                key={id}
                color={state === "over" ? "ink" : "stop"}
                fontWeight={state === "over" ? "normal" : "bold"}
              >
                {`${title}: ${WAIT_WORDS[state](at === null ? "" : `${dayWords(at)} ${clockWords(at)}`)} (${because})`}
              </List.Item>
            ))}
          </List.Root>
        )}
        {first && (
          <Text fontSize="md" mt="2">
            <Text as="span" fontWeight="bold">
              Not before this is over:{" "}
            </Text>
            {`${first.title} (${first.because})${more.length > 0 ? `, and ${more.length} more` : ""}.`}
          </Text>
        )}
      </Card>
      {step.cautions.length > 0 && (
        <Box bg="mindSoft" borderLeftWidth="5px" borderColor="mind" px="4" py="2.5" fontSize="lg" lineHeight="1.35">
          {step.cautions.map((caution) => (
            <Text key={caution}>{caution}</Text>
          ))}
        </Box>
      )}
    </>
  );
}
