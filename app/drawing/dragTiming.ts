import { useLayoutEffect } from "react";
import { afterPaint } from "../state/afterPaint";

/** Names of the measures the bench reads, in the order they happen. */
const WAITED = "drag-waited";
const UPDATE = "drag-update";
const PAINTED = "drag-painted";
const JUDGED = "drag-judged";

/** The last move of a dragged feature that is not drawn yet, and the first one not yet judged: when the browser handed them over. */
let undrawn: { movedAt: number; takenAt: number } | undefined;
let unjudgedAt: number | undefined;

const measure = (name: string, start: number, end = performance.now()) => performance.measure(name, { start, end });

/** Marks a move of a dragged feature. */
export function markMove(event: { timeStamp: number }): void {
  const takenAt = performance.now();
  // Moves of one frame are drawn together: the first of them waits longest.
  undrawn ??= { movedAt: event.timeStamp, takenAt };
  unjudgedAt ??= takenAt;
}

/** Measures how long the last marked move waited for its event, took to this drawing of the feature, and to the frame painted. */
export function useDrawnTiming(feature: unknown): void {
  useLayoutEffect(() => {
    if (feature === undefined || undrawn === undefined) return;
    const { movedAt, takenAt } = undrawn;
    undrawn = undefined;
    measure(WAITED, movedAt, takenAt);
    measure(UPDATE, takenAt);
    afterPaint((paintedAt) => measure(PAINTED, takenAt, paintedAt));
  }, [feature]);
}

/** Measures how long the first move not yet judged took to the plan, its snags and figures on the page. */
export function useJudgedTiming(plan: unknown): void {
  useLayoutEffect(() => {
    if (plan === undefined || unjudgedAt === undefined) return;
    measure(JUDGED, unjudgedAt);
    unjudgedAt = undefined;
  }, [plan]);
}
