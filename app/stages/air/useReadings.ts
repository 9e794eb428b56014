import { useMemo } from "react";
import { airRead } from "#core/gauge/logged";
import { useBench } from "../../state/context";

/** What the build's log holds of its air: readings, and the newest fit that stands. */
export function useReadings() {
  const { log } = useBench();
  return useMemo(() => airRead(log), [log]);
}
