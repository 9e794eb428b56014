import type { CureId } from "#core/ledgers/cures";

/** What it may be used for once it has set so far. */
export const CURE_WORDS: Record<CureId, string> = {
  hold: "Stays by itself",
  handle: "May be touched and turned",
  recoat: "Takes the next coat",
  carve: "May be carved",
  wet: "May get wet",
  safe: "Safe for animals",
};
