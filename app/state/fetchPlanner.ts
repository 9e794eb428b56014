import type { Planner } from "./store";

/** The address in what a browser says of a module that it could not fetch; undefined where it names none. */
export const addressIn = (said: unknown): string | undefined =>
  said instanceof Error ? said.message.match(/https?:\/\/\S+\.js/)?.[0] : undefined;

/**
 * Fetches what plans, as often as it is asked to. Some browsers remember that a module failed and never ask the server for
 * it again: after a failure it is asked for under another address.
 */
export function plannerFetcher(
  first: () => Promise<Planner>,
  at: (address: string) => Promise<Planner> = (address) => import(/* @vite-ignore */ address),
): () => Promise<Planner> {
  let failed: string | undefined;
  let again = 0;
  return () =>
    (failed ? at(`${failed}?again=${++again}`) : first()).catch((error: unknown) => {
      failed ??= addressIn(error);
      throw error;
    });
}

export const fetchPlanner = plannerFetcher(() => import("./planner"));
