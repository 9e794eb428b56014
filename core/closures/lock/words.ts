import type { Lock } from "./schema";

/** What holds an opening shut, in words. */
export const lockWords = (lock: Lock | undefined): string =>
  !lock ? "nothing holds it shut" : lock.kind === "key" ? "held by a key lock" : "held by a wedge";
