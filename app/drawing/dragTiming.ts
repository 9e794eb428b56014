import { useLayoutEffect } from "react";

const MOVED = "pointer-moved";
const TAKEN = "pointer-taken";
/** Names of the measures the bench reads, both to the drawing updated in the page. */
const UPDATE = "drag-update";
const OURS = "drag-ours";

/** Marks a move of a dragged feature: when the pointer moved, and when the browser handed the move over. */
export function markMove(event: { timeStamp: number }): void {
  performance.mark(MOVED, { startTime: event.timeStamp });
  performance.mark(TAKEN);
}

/** Measures from the last marked move to this drawing standing in the page. */
export function useDragTiming(drawn: unknown): void {
  useLayoutEffect(() => {
    if (drawn === undefined || performance.getEntriesByName(MOVED).length === 0) return;
    performance.measure(UPDATE, MOVED);
    performance.measure(OURS, TAKEN);
    performance.clearMarks(MOVED);
    performance.clearMarks(TAKEN);
  }, [drawn]);
}
