import { Box, List, Text } from "@chakra-ui/react";
import type { WaitStands } from "#core/bench/view";
import type { LocalMinutes } from "#core/design/localTime";
import type { SettledStep } from "#core/ledgers/ledger";
import { formatMinutes } from "#core/units/format";
import { clockWords, dayWords } from "../../ui/dates";
import { Card } from "./parts";

const when = (at: LocalMinutes) => `${dayWords(at)} ${clockWords(at)}`;

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
  const open = waits.filter(({ state }) => state !== "over");
  // What became ready last is what hands would feel for.
  const [last] = waits.filter(({ state }) => state === "over").sort((a, b) => (b.at ?? 0) - (a.at ?? 0));
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
        {open.length > 0 && (
          <List.Root mt="2" ps="5" fontSize="lg" color="stop" fontWeight="bold">
            {open.map(({ id, title, because, state, at }) => (
              <List.Item key={id}>
                {`${title}: ${state === "setting" && at !== null ? `not before ${when(at)}` : "not done yet"} (${because})`}
              </List.Item>
            ))}
          </List.Root>
        )}
        {last?.at && (
          <Text mt="2" fontSize="md">
            <Text as="span" fontWeight="bold">
              Ready:{" "}
            </Text>
            {`${last.title}, since ${when(last.at)} (${last.because}).`}
          </Text>
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
