import { Box, Text } from "@chakra-ui/react";
import { formatMinutes, formatNumber } from "#core/units/format";
import { formatMoney } from "#core/units/money";
import { Reading } from "../fields/Reading";
import { useBench, useBuildHandle, useShown } from "../state/context";
import { clockWords, dayWords } from "../ui/dates";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { packWords } from "../words/packWords";
import { POSTURE } from "../words/posture";

/** A line of the shopping list: what it is for, how likely it is enough, and the prices behind it. */
export function LineFields({ id }: { id: string }) {
  const { openWorking } = useBuildHandle();
  const line = useShown(({ plan }) => plan.buying.lines.find((l) => l.id === id));
  const { currency } = useBench().workshop;
  if (!line) return null;
  const money = (minor: number | null) => (minor === null ? "no price" : formatMoney(minor, currency));
  return (
    <>
      <Text fontSize="sm">{line.need}</Text>
      <Fields>
        <Reading label="Likely" value={`${packWords(line.likely)}, ${money(line.likelyMinor)}`} />
        <Reading label="To be safe" value={`${packWords(line.safe)}, ${money(line.safeMinor)}`} />
        {line.odds < 0.995 && (
          <Reading label="Likely is enough" value={`${formatNumber(line.odds * 100, 0, "down")} times in 100`} />
        )}
        {line.onHand && <Reading label="On hand" value={line.onHand} />}
      </Fields>
      {line.figure && (
        <QuietButton size="xs" mt="2" onClick={() => openWorking(line.figure!)}>
          Working
        </QuietButton>
      )}
    </>
  );
}

/** A step of the diary: when, how, what it needs, its cautions and its pass mark. */
export function StepFields({ id }: { id: string }) {
  const found = useShown(({ plan }) => {
    const step = plan.steps.find((s) => s.id === id);
    const entry = plan.diary.entries.find((e) => e.stepId === id);
    if (!step || !entry) return undefined;
    const after = step.after.map((a) => `“${plan.steps.find((s) => s.id === a.id)!.title}” (${a.because})`);
    return { step, entry, after };
  });
  if (!found) return null;
  const { step, entry, after } = found;
  return (
    <Box fontSize="sm" lineHeight="1.35">
      <Text fontFamily="mono">
        {entry.sessions.map((s) => `${dayWords(s.from)} ${clockWords(s.from)}–${clockWords(s.to)}`).join(", ")}
      </Text>
      <Text mt="1">{step.detail}</Text>
      <Text mt="1" color="muted">
        {`${formatMinutes(step.handsOnMinutes)} hands on${step.posture ? `, shell ${POSTURE[step.posture]}` : ""}`}
        {step.waitMinutes > 0 &&
          `; then ${formatMinutes(step.waitMinutes)} for ${step.waitFor}, to ${dayWords(entry.readyAt)} ${clockWords(entry.readyAt)}`}
      </Text>
      {step.toHand.length > 0 && <Text mt="1">{`To hand: ${step.toHand.join(", ")}.`}</Text>}
      {step.cautions.map((caution) => (
        <Text key={caution} color="mind" mt="0.5">
          ⚠ {caution}
        </Text>
      ))}
      {step.passSign && <Text mt="1">{`Passes when: ${step.passSign}`}</Text>}
      {after.length > 0 && (
        <Text mt="1" color="muted">
          {`After ${after.join(", ")}.`}
        </Text>
      )}
    </Box>
  );
}
