import { useEffect, useState } from "react";
import { type LocalMinutes, parseLocal } from "#core/design/localTime";
import { useBench, useBuildHandle } from "./context";

/**
 * Local time of the workshop, drawn again as it passes. The first drawing is the server's own minute.
 * @param everyMs how often it is drawn again
 */
export function useClockNow(everyMs = 1000): LocalMinutes {
  const { api } = useBuildHandle();
  const { now: read } = useBench();
  const [now, setNow] = useState(() => parseLocal(read) ?? 0);
  useEffect(() => {
    const tick = () => setNow(api.clock.now());
    tick();
    const timer = setInterval(tick, everyMs);
    // A page that slept shows the time at once when it wakes.
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, [api, everyMs]);
  return now;
}
