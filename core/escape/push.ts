import { type Known, memory } from "../figures/figure";
import type { Resident } from "../residents/schema";
import { GRAVITY } from "../units/constants";

/** What a body pushes with, as a share of its weight, and how that is said (source: door-rules). */
export const PUSH: Record<Resident["body"], Known & { words: string }> = {
  scaled: { value: 3, low: 2, high: 4, basis: memory, words: "scaled bodies and rodents" },
  softBodied: { value: 1, low: 0.5, high: 2, basis: memory, words: "soft bodies" },
  hardBodied: { value: 1, low: 0.5, high: 2, basis: memory, words: "hard-bodied invertebrates" },
  flattener: { value: 1, low: 0.5, high: 2, basis: memory, words: "flatteners" },
};
/** A constrictor over a kilogram. */
export const CONSTRICTOR: Known & { overG: number } = { value: 10, low: 6, high: 12, basis: memory, overG: 1000 };

/** What a resident may push with, N; undefined while its mass is not known. */
export function pushN({ mass, body, traits }: Pick<Resident, "mass" | "body" | "traits">): number | undefined {
  if (!mass) return undefined;
  const grams = mass.high ?? mass.value;
  const share = traits.constricts && grams > CONSTRICTOR.overG ? CONSTRICTOR : PUSH[body];
  return (share.value * grams * GRAVITY) / 1000;
}
