import { Box, Flex, Text } from "@chakra-ui/react";
import { lazy } from "react";
import type { Entry } from "#core/diary/schedule";
import { formatMinutes } from "#core/units/format";
import { Weeks } from "../../drawing/Weeks";
import { Later } from "../../frame/Later";
import { RowSheet } from "../../frame/Rows";
import { Workbench } from "../../frame/Workbench";
import { StepFields } from "../../hand/after";
import { useBuildHandle, useIsHeld, useShown } from "../../state/context";
import { clockWords, dayWords } from "../../ui/dates";
import { QuietLink } from "../../ui/QuietButton";

const PanelsSaveLine = lazy(() => import("../background/PanelsSaveLine").then((m) => ({ default: m.PanelsSaveLine })));

/** The steps laid on the builder's own hours: weeks with their bars, days as lines, one step in hand. */
export default function DiaryStage() {
  const { entries, done, leftMinutes, residentsInAt } = useShown(({ plan }) => plan.diary);
  const titles = useShown(({ plan }) => Object.fromEntries(plan.steps.map((s) => [s.id, s.title])));
  const [first] = entries;
  const summary =
    entries.length === 0
      ? "no hours to build in: set them under Workshop"
      : `${formatMinutes(Math.round(leftMinutes / 30) * 30)} of hands-on work${done.length > 0 ? ` left, ${done.length} steps done` : ""}${residentsInAt === null ? "" : `, residents in on ${dayWords(residentsInAt)}`}`;
  return (
    <Workbench
      stage="diary"
      title="Diary"
      summary={summary}
      tools={<QuietLink to="/workshop">My hours</QuietLink>}
      {...(first && { board: { label: "Steps and waits, week by week", draw: (size) => <Weeks size={size} /> } })}
      own={
        first
          ? { title: `First: ${titles[first.stepId]}`, fields: <StepFields id={first.stepId} /> }
          : { title: "No hours yet", fields: <Text fontSize="sm">Say under Workshop when you have hands free.</Text> }
      }
    >
      <RowSheet title="Day by day">
        {byDay(entries).map(({ day, of }) => (
          <Flex key={day} gap="3" py="0.5" borderTopWidth="1px" borderColor="line" align="baseline">
            <Text fontFamily="mono" fontSize="xs" w="8.6rem" flexShrink={0}>
              {`${dayWords(day)} ${clockWords(of[0]!.startAt)}`}
            </Text>
            <Box flex="1" fontSize="sm">
              {of.map((entry, i) => (
                <StepName
                  key={entry.stepId}
                  id={entry.stepId}
                  title={titles[entry.stepId]!}
                  last={i === of.length - 1}
                />
              ))}
            </Box>
            <Text fontFamily="mono" fontSize="xs" color="muted" flexShrink={0}>
              {formatMinutes(handsOn(of))}
            </Text>
          </Flex>
        ))}
      </RowSheet>
      {done.length > 0 && (
        <Box mt="2">
          <RowSheet title={`Done: ${done.length} steps`}>
            {[...done].reverse().map((step) => (
              <Flex key={step.stepId} gap="3" py="0.5" borderTopWidth="1px" borderColor="line" align="baseline">
                <Text fontFamily="mono" fontSize="xs" w="8.6rem" flexShrink={0}>
                  {`${dayWords(step.doneAt)} ${clockWords(step.doneAt)}`}
                </Text>
                <Box flex="1" fontSize="sm">
                  <StepName id={step.stepId} title={step.title} last />
                </Box>
                <Text fontFamily="mono" fontSize="xs" color="muted" flexShrink={0}>
                  {`${formatMinutes(step.plannedMinutes)} planned, ${step.minutes === null ? "–" : formatMinutes(step.minutes)}`}
                </Text>
              </Flex>
            ))}
          </RowSheet>
        </Box>
      )}
      <Box mt="2">
        <Later>
          <PanelsSaveLine titled />
        </Later>
      </Box>
    </Workbench>
  );
}

/** Minutes of hands on some steps, however many evenings they take. */
const handsOn = (entries: readonly Entry[]) =>
  entries.reduce((sum, e) => sum + e.sessions.reduce((own, s) => own + s.to - s.from, 0), 0);

/** Entries by the day they begin. */
function byDay(entries: readonly Entry[]): { day: number; of: Entry[] }[] {
  const days: { day: number; of: Entry[] }[] = [];
  for (const entry of entries) {
    const last = days.at(-1);
    if (last && dayWords(last.day) === dayWords(entry.startAt)) last.of.push(entry);
    else days.push({ day: entry.startAt, of: [entry] });
  }
  return days;
}

function StepName({ id, title, last }: { id: string; title: string; last: boolean }) {
  const { take } = useBuildHandle();
  const held = { kind: "step", id } as const;
  const isHeld = useIsHeld(held);
  return (
    <>
      <Box
        as="button"
        textAlign="left"
        cursor="pointer"
        data-step={id}
        aria-pressed={isHeld}
        fontWeight={isHeld ? "bold" : "normal"}
        color={isHeld ? "fern" : undefined}
        onClick={() => take(held)}
      >
        {title}
      </Box>
      {last ? "" : " · "}
    </>
  );
}
