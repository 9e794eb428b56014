import { wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import { AIRWAYS } from "#core/air/paths";
import { DAY } from "#core/day/facts";
import { liveAsk } from "#core/day/live";
import type { runCoarse } from "#core/day/run";
import type { DayDoor } from "../../../workers/day.worker";
import { useBuildHandle, useMoved, useShown, useVariant } from "../../state/context";

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
  const worker = useRef<Worker>(null);
  /** The newest that is waited for; what comes of an older one is not shown. */
  const asked = useRef(0);
  useEffect(() => () => worker.current?.terminate(), []);
  useEffect(() => {
    if (exact || !day) return;
    worker.current ??= new Worker(new URL("../../../workers/day.worker.ts", import.meta.url), { type: "module" });
    const turn = ++asked.current;
    const { site, facts } = api.shown.getState().plan;
    const ask = liveAsk(day.ask, site, facts.one(AIRWAYS) ?? [], variant);
    void wrap<DayDoor>(worker.current)
      .coarse(ask)
      .then((usual) => turn === asked.current && setCoarse(usual));
  }, [exact, day, api, variant]);
  const shown: UsualDay | undefined = exact ? { ...exact.usual, fog: exact.fog } : coarse;
  return { day, answer: day?.answer, shown, isExact: exact !== undefined };
}
