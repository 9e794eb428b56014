import { Box, Text } from "@chakra-ui/react";
import { boughtEvent } from "#core/buying/boughtEvent";
import type { BuyLine } from "#core/buying/buyLine";
import type { DoneStep } from "#core/diary/done";
import { formatMinutes, formatNumber } from "#core/units/format";
import { formatMoney } from "#core/units/money";
import { Reading } from "../fields/Reading";
import { useBench, useBuildHandle, useShown } from "../state/context";
import { useLog } from "../state/useLog";
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
        {line.bought && <Reading label="Bought" value={line.bought} />}
        {line.used && <Reading label="Used" value={line.used} />}
      </Fields>
      <BoughtButtons line={line} />
      {line.figure && (
        <QuietButton size="xs" mt="2" onClick={() => openWorking(line.figure!)}>
          Working
        </QuietButton>
      )}
    </>
  );
}

/** A step that is done: as planned and as it went, side by side. */
function DoneFields({ done }: { done: DoneStep }) {
  const { doneAt, readyAt, plannedMinutes, minutes, planned } = done;
  return (
    <Fields>
      <Reading label="Done" value={`${dayWords(doneAt)} ${clockWords(doneAt)}`} />
      {readyAt > doneAt && <Reading label="Ready" value={`${dayWords(readyAt)} ${clockWords(readyAt)}`} />}
      <Reading label="By the plan" value={formatMinutes(plannedMinutes)} />
      <Reading label="It took" value={minutes === null ? "nobody said" : formatMinutes(minutes)} />
      {!planned && <Reading label="The design" value="has it no more" tone="mind" />}
    </Fields>
  );
}

/** Says that a line is bought: as many packs as are likely, or to be safe. */
function BoughtButtons({ line }: { line: BuyLine }) {
  const log = useLog();
  const counts = [
    ["Bought as likely", line.likely, line.likelyMinor],
    ["Bought to be safe", line.safe, line.safeMinor],
  ] as const;
  const wanted = counts.filter(([, packs]) => packs.some(({ count }) => count > 0));
  const offered = wanted.filter(([, packs], i) => i === 0 || packWords(packs) !== packWords(wanted[0]![1]));
  if (offered.length === 0) return null;
  return (
    <Box display="flex" gap="2" mt="2">
      {offered.map(([words, packs, priceMinor], i) => (
        <QuietButton key={words} size="xs" onClick={() => log.add(boughtEvent(line, packs, priceMinor))}>
          {offered.length === 1 && i === 0 ? "Bought" : words}
        </QuietButton>
      ))}
    </Box>
  );
}

/** A step of the diary: when, how, what it needs, its cautions and its pass mark. */
export function StepFields({ id }: { id: string }) {
  const found = useShown(({ plan }) => {
    const step = plan.steps.find((s) => s.id === id);
    const entry = plan.diary.entries.find((e) => e.stepId === id);
    const done = plan.diary.done.find((d) => d.stepId === id);
    if (done) return { done };
    if (!step || !entry) return undefined;
    const after = step.after.map((a) => `“${plan.steps.find((s) => s.id === a.id)!.title}” (${a.because})`);
    return { step, entry, after };
  });
  if (!found) return null;
  if (found.done) return <DoneFields done={found.done} />;
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
