import { Box, Flex, Text } from "@chakra-ui/react";
import { dueCare } from "#core/bench/care/due";
import type { LocalMinutes } from "#core/design/localTime";
import { useBuildHandle, useSettled } from "../../state/context";
import { useGuest } from "../../state/useGuest";
import { useLog } from "../../state/useLog";
import { useRemembered } from "../../state/useRemembered";
import { dayWords } from "../../ui/dates";
import { QuietLink } from "../../ui/QuietButton";
import { BigButton, Card } from "./parts";

const SHOWN = 6;
const MINUTES_OF_A_DAY = 1440;

/** The first weeks' watch list and what comes round after it, once residents are in. */
export function CareCard({ now }: { now: LocalMinutes }) {
  const { buildId } = useBuildHandle();
  const guest = useGuest();
  const { plan, bench } = useSettled();
  const log = useLog();
  const [by] = useRemembered("by");
  const inAt = plan.diary.residentsInAt;
  if (inAt === null) return null;
  const isIn = inAt <= now && plan.diary.entries.every((e) => !reachesIn(plan, e.stepId));
  const due = dueCare(plan, bench.log, inAt);
  return (
    <Card over={isIn ? "To watch" : `To watch once residents are in, ${dayWords(inAt)}`}>
      {due.slice(0, SHOWN).map(({ care, check, dueAt, last }) => {
        const late = isIn && dueAt + MINUTES_OF_A_DAY < now;
        return (
          <Flex key={check} gap="2" py="2" borderTopWidth="1px" borderColor="line" align="center" data-care={care.id}>
            <Box flex="1" fontSize="md">
              <Text fontWeight="bold">{care.title}</Text>
              <Text fontSize="sm">{care.pass}</Text>
              <Text fontSize="sm" color={late ? "stop" : "muted"} fontWeight={late ? "bold" : "normal"}>
                {`${late ? "Was due" : "Next"} ${dayWords(dueAt)}, every ${care.everyDays} days${last ? `; last ${dayWords(last.at)}${last.passed ? "" : ", did not pass"}` : ""}`}
              </Text>
            </Box>
            {isIn && (
              <BigButton
                w="auto"
                flex="0 0 auto"
                fontSize="md"
                onClick={() => log.add({ kind: "checked", check, passed: true, by, note: "" })}
              >
                Looked
              </BigButton>
            )}
          </Flex>
        );
      })}
      {due.length > SHOWN && <Text fontSize="sm" color="muted">{`And ${due.length - SHOWN} more later.`}</Text>}
      {!guest && (
        <Box mt="2">
          <QuietLink to={`/builds/${buildId}/files/care.ics`} reloadDocument minH="44px">
            Calendar, ICS
          </QuietLink>
        </Box>
      )}
    </Card>
  );
}

const reachesIn = (plan: ReturnType<typeof useSettled>["plan"], stepId: string): boolean =>
  plan.steps.find((s) => s.id === stepId)?.reaches?.includes("residentsIn") ?? false;
