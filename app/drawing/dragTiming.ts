import { useLayoutEffect } from "react";

/** Names of the measures the bench reads. */
const WAITED = "drag-waited";
const UPDATE = "drag-update";
const PAINTED = "drag-painted";

/** The last move of a dragged feature that is not drawn yet: when the pointer moved, and when the browser handed it over. */
let pending: { movedAt: number; takenAt: number } | undefined;

/** Marks a move of a dragged feature. */
export function markMove(event: { timeStamp: number }): void {
  // Moves of one frame are drawn together: the first of them waits longest.
  pending ??= { movedAt: event.timeStamp, takenAt: performance.now() };
}

/** Measures how long the last marked move waited for its event, took to this drawing, and to the frame painted. */
export function useDragTiming(drawn: unknown): void {
  useLayoutEffect(() => {
    if (drawn === undefined || pending === undefined) return;
    const { movedAt, takenAt } = pending;
    pending = undefined;
    performance.measure(WAITED, { start: movedAt, end: takenAt });
    performance.measure(UPDATE, { start: takenAt, end: performance.now() });
    requestAnimationFrame(() => {
      // A message posted in a frame is taken up once the frame is painted.
      const channel = new MessageChannel();
      channel.port1.onmessage = () => {
        performance.measure(PAINTED, { start: takenAt, end: performance.now() });
        channel.port1.close();
      };
      channel.port2.postMessage(null);
    });
  }, [drawn]);
}
