import { useStore } from "zustand";
import { useBuildHandle } from "./context";

/** The build's log: what is added is on the page at once, and on the server soon after. */
export function useLog() {
  const { logbook } = useBuildHandle();
  const message = useStore(logbook.state, (s) => s.message);
  return { add: logbook.add, message };
}
