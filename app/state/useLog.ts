import { useBuildHandle } from "./context";

/** The build's log: what is added is on the page at once, and on the server soon after. What is not kept the page says. */
export function useLog() {
  const { logbook } = useBuildHandle();
  return { add: logbook.add };
}
