import type { Lock } from "./schema";

/** What the kinds of lock are called, as a label and within a sentence, and whether one keeps a strong animal in. */
export const LOCKS: Record<NonNullable<Lock>["kind"], { label: string; words: string; firm: boolean }> = {
  wedge: { label: "Wedge", words: "a wedge", firm: false },
  key: { label: "Key lock", words: "a key lock", firm: true },
};

/** What holds an opening shut, in words. */
export const lockWords = (lock: Lock | undefined): string =>
  !lock ? "nothing holds it shut" : `held by ${LOCKS[lock.kind].words}`;
