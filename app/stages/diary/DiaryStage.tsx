import { Box, Flex, Stack, Text } from "@chakra-ui/react";
import { Fragment } from "react";
import type { Entry } from "#core/diary/schedule";
import type { SettledStep, Step } from "#core/ledgers/ledger";
import { formatMinutes } from "#core/units/format";
import { Label } from "../../drawing/Label";
import { useShown } from "../../state/context";
import { clockWords, dayWords } from "../../ui/dates";
import { Panel } from "../../ui/Panel";
import { QuietLink } from "../../ui/QuietButton";
import { PanelsSaveLine } from "../background/PanelsSaveLine";
import { StageHead } from "../StageHead";

const POSTURE: Record<NonNullable<Step["posture"]>, string> = {
  upright: "upright",
  onBack: "on its back",
  onFront: "on its front",
  onLeft: "on its left side",
  onRight: "on its right side",
  onTop: "upside down",
};

/** The steps laid on the builder's own hours, day by day. */
export default function DiaryStage() {
  const { entries, handsOnMinutes, residentsInAt } = useShown(({ plan }) => plan.diary);
  const steps = new Map(useShown(({ plan }) => plan.steps).map((s) => [s.id, s]));
  const summary =
    entries.length === 0
      ? "no hours to build in: set them under Workshop"
      : `${formatMinutes(Math.round(handsOnMinutes / 30) * 30)} of hands-on work${residentsInAt === null ? "" : `, residents in on ${dayWords(residentsInAt)}`}`;
  return (
    <Stack gap="3">
      <StageHead title="Diary" summary={summary}>
        <QuietLink to="/workshop">My hours</QuietLink>
      </StageHead>
      <PanelsSaveLine />
      {entries.length > 0 && <Strip entries={entries} steps={steps} />}
      <Panel>
        {entries.map((entry, i) => {
          const step = steps.get(entry.stepId)!;
          const before = entries[i - 1];
          const newDay = !before || dayWords(before.startAt) !== dayWords(entry.startAt);
          return (
            <Fragment key={entry.stepId}>
              {newDay && (
                <Text fontFamily="heading" fontWeight="bold" mt={i === 0 ? "0" : "4"} mb="1">
                  {dayWords(entry.startAt)}
                </Text>
              )}
              <StepRow entry={entry} step={step} steps={steps} />
            </Fragment>
          );
        })}
      </Panel>
    </Stack>
  );
}

/** What must come before a step, each with its reason: `“Cut 2 sheets” (the parts must be there)`. */
const afterWords = (step: SettledStep, steps: Map<string, SettledStep>) =>
  step.after.map(({ id, because }) => `“${steps.get(id)!.title}” (${because})`).join(", ");

function StepRow({ entry, step, steps }: { entry: Entry; step: SettledStep; steps: Map<string, SettledStep> }) {
  const split = entry.sessions.length > 1;
  return (
    <Flex gap="3" py="2" borderTopWidth="1px" borderColor="line" data-step={step.id}>
      <Text fontFamily="mono" fontSize="sm" w="6.5rem" flexShrink={0}>
        {clockWords(entry.startAt)}–{clockWords(split ? entry.sessions[0]!.to : entry.handsEndAt)}
      </Text>
      <Box flex="1">
        <Text fontWeight="bold" fontSize="sm">
          {step.title}
          {step.posture && (
            <Text as="span" color="muted" fontWeight="normal">
              {" "}
              · shell {POSTURE[step.posture]}
            </Text>
          )}
        </Text>
        <Text fontSize="sm">{step.detail}</Text>
        {split && (
          <Text fontSize="xs" color="muted">
            goes on{" "}
            {entry.sessions
              .slice(1)
              .map((s) => `${dayWords(s.from)} ${clockWords(s.from)}–${clockWords(s.to)}`)
              .join(", ")}
          </Text>
        )}
        {step.passSign && <Text fontSize="xs">Passes when: {step.passSign}</Text>}
        {step.cautions.map((caution) => (
          <Text key={caution} fontSize="xs" color="mind">
            ⚠ {caution}
          </Text>
        ))}
        {step.after.length > 0 && (
          <Text fontSize="xs" color="muted">
            After {afterWords(step, steps)}.
          </Text>
        )}
      </Box>
      <Box w="8.5rem" flexShrink={0} textAlign="right" fontSize="xs">
        <Text fontFamily="mono">{formatMinutes(step.handsOnMinutes)} hands on</Text>
        {step.waitMinutes > 0 && (
          <Text color="water">
            then {formatMinutes(step.waitMinutes)} for {step.waitFor}, to {dayWords(entry.readyAt)}{" "}
            {clockWords(entry.readyAt)}
          </Text>
        )}
      </Box>
    </Flex>
  );
}

/** Hands and waits along the days, one bar a step. */
function Strip({ entries, steps }: { entries: Entry[]; steps: Map<string, SettledStep> }) {
  const first = Math.floor(entries[0]!.startAt / 1440) * 1440;
  const last = Math.ceil(Math.max(...entries.map((e) => e.readyAt)) / 1440) * 1440;
  const x = (minutes: number) => 190 + ((minutes - first) / (last - first)) * 600;
  const days = Array.from({ length: (last - first) / 1440 + 1 }, (_, i) => first + i * 1440);
  const every = Math.ceil(days.length / 12);
  return (
    <Box bg="sheet" borderWidth="1px" borderColor="line" borderRadius="md" p="2">
      <svg
        viewBox={`0 0 800 ${entries.length * 15 + 24}`}
        width="100%"
        role="img"
        aria-label="Steps and waits along the days"
        style={{ display: "block" }}
      >
        {days.map((day, i) => (
          <g key={day}>
            <line
              x1={x(day)}
              x2={x(day)}
              y1={16}
              y2={entries.length * 15 + 18}
              stroke="var(--chakra-colors-line)"
              strokeWidth="0.6"
            />
            {i % every === 0 && i < days.length - 1 && (
              <Label x={x(day) + 2} y={11} size={9.5} tone="muted">
                {dayWords(day).slice(4)}
              </Label>
            )}
          </g>
        ))}
        {entries.map((entry, i) => {
          const y = 18 + i * 15;
          return (
            <g key={entry.stepId}>
              <Label x={184} y={y + 10} anchor="end" font="body">
                {shorten(steps.get(entry.stepId)!.title)}
              </Label>
              <rect
                x={x(entry.handsEndAt)}
                y={y + 3}
                width={Math.max(0, x(entry.readyAt) - x(entry.handsEndAt))}
                height={8}
                fill="url(#wait-hatch)"
                stroke="var(--chakra-colors-water)"
                strokeWidth="0.6"
              />
              {entry.sessions.map((s) => (
                <rect
                  key={s.from}
                  x={x(s.from)}
                  y={y + 1}
                  width={Math.max(2, x(s.to) - x(s.from))}
                  height={12}
                  fill="var(--chakra-colors-fern)"
                />
              ))}
            </g>
          );
        })}
        <defs>
          <pattern id="wait-hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="5" height="5" fill="var(--chakra-colors-water-soft)" />
            <path d="M0 0v5" stroke="var(--chakra-colors-water)" strokeWidth="0.7" />
          </pattern>
        </defs>
      </svg>
      <Text fontSize="xs" color="muted" px="1">
        Solid: hands on. Hatched: waiting, nobody needed.
      </Text>
    </Box>
  );
}

const shorten = (title: string) => (title.length > 32 ? `${title.slice(0, 31)}…` : title);
