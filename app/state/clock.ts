import type { LocalMinutes } from "#core/design/localTime";

/**
 * The workshop's clock on this page: the server's, told when the page was opened and with every entry, running on by this
 * device's own.
 */
export function createClock(at: LocalMinutes, ownMs: () => number = () => Date.now()) {
  let told = { at, ms: ownMs() };
  return {
    /** Local time of the workshop now, in minutes with what is left of them. */
    now: (): LocalMinutes => told.at + Math.max(0, ownMs() - told.ms) / 60_000,
    set: (now: LocalMinutes) => {
      told = { at: now, ms: ownMs() };
    },
  };
}
