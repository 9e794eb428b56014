import { diaryView } from "#core/views/diary";
import type { Size } from "#core/views/view";
import { useShown } from "../state/context";
import { dayWords } from "../ui/dates";
import { Labels } from "./Labels";
import { Pressable } from "./Pressable";

/** The diary's weeks with their bars; pressed, a step is in hand. */
export function Weeks({ size }: { size: Size }) {
  const entries = useShown(({ plan }) => plan.diary.entries);
  const titles = useShown(({ plan }) => Object.fromEntries(plan.steps.map((s) => [s.id, s.title])));
  const { weeks, bars, labels } = diaryView(entries, size, dayWords);
  const steps = [...new Set(bars.map((b) => b.stepId))];
  return (
    <>
      <defs>
        <pattern id="wait-hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="5" height="5" fill="var(--chakra-colors-water-soft)" />
          <path d="M0 0v5" stroke="var(--chakra-colors-water)" strokeWidth="0.7" />
        </pattern>
      </defs>
      {weeks.map(({ from, weeks: count, box }) => (
        <g key={from} stroke="var(--chakra-colors-line)" strokeWidth="0.7">
          <rect {...box} fill="var(--chakra-colors-sheet)" />
          {count === 1 &&
            [1, 2, 3, 4, 5, 6].map((i) => (
              <path key={i} d={`M${box.x + (i * box.width) / 7} ${box.y}v${box.height}`} />
            ))}
        </g>
      ))}
      {steps.map((stepId) => (
        <Pressable key={stepId} held={{ kind: "step", id: stepId }} name={titles[stepId] ?? stepId} quiet>
          {bars
            .filter((b) => b.stepId === stepId)
            .map(({ kind, box }) => (
              <rect
                key={`${kind}${box.x}/${box.y}`}
                {...box}
                fill={kind === "hands" ? "var(--chakra-colors-fern)" : "url(#wait-hatch)"}
                {...(kind === "wait" && { stroke: "var(--chakra-colors-water)", strokeWidth: 0.6 })}
              />
            ))}
        </Pressable>
      ))}
      <Labels labels={labels} />
    </>
  );
}
