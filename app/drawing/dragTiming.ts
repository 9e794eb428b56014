import { useLayoutEffect } from "react";

const MOVE = "pointer-move";
/** Name of the measures the bench reads: from the pointer's move to the drawing updated in the page. */
const UPDATE = "drag-update";

/** Marks a move of a dragged feature at the time the pointer moved. */
export function markMove(event: { timeStamp: number }): void {
  performance.mark(MOVE, { startTime: event.timeStamp });
}

/** Measures from the last marked move to this drawing standing in the page. */
export function useDragTiming(drawn: unknown): void {
  useLayoutEffect(() => {
    if (drawn === undefined || performance.getEntriesByName(MOVE).length === 0) return;
    performance.measure(UPDATE, MOVE);
    performance.clearMarks(MOVE);
  }, [drawn]);
}
