import { useEffect, useRef, useState } from "react";
import { AIRWAYS } from "#core/air/paths";
import type { DayAsk } from "#core/day/ask";
import { DAY } from "#core/day/facts";
import { liveAsk } from "#core/day/live";
import type { runCoarse } from "#core/day/run";
import { useBuildHandle, useMoved, useShown, useVariant } from "../../state/context";
import { newDayWorker } from "../../state/dayWorker";
import { newestFirst } from "./newest";

export type UsualDay = ReturnType<typeof runCoarse>;

/**
 * The usual day of the design as it is now: what was worked out of it; while that is on its way, or something is dragged, a
 * coarse run in a worker.
 */
export function useAir() {
  const { api } = useBuildHandle();
  const planned = useVariant((v) => v);
  const variant = useMoved(planned, (v) => v);
  const day = useShown(({ plan }) => plan.facts.one(DAY));
  const dragged = variant !== planned;
  const exact = dragged ? undefined : day?.answer;
  const [coarse, setCoarse] = useState<UsualDay>();
  const asking = useRef<{ end: () => void; ask: (ask: DayAsk) => void }>(null);
  useEffect(() => () => asking.current?.end(), []);
  useEffect(() => {
    if (exact || !day) return;
    if (!asking.current) {
      const { door, end } = newDayWorker();
      asking.current = { end, ask: newestFirst((ask: DayAsk) => door.coarse(ask), setCoarse) };
    }
    const { site, facts } = api.shown.getState().plan;
    asking.current.ask(liveAsk(day.ask, site, facts.one(AIRWAYS) ?? [], variant));
  }, [exact, day, api, variant]);
  const shown: UsualDay | undefined = exact ? { ...exact.usual, fog: exact.fog } : coarse;
  return { day, answer: day?.answer, shown, isExact: exact !== undefined, dragged };
}
