import type { Log } from "../log/schema";
import { standing } from "../log/standing";
import type { Bought } from "./schema";
import { stepsStanding } from "./standing";

/** What was bought and used for a build, by its log. */
export interface BoughtAndUsed {
  /** By the line of the shopping list. */
  boughtFor: ReadonlyMap<string, readonly Bought[]>;
  /** By material, in its own unit. */
  usedOf: ReadonlyMap<string, number>;
  /** What was paid, where that was said. */
  spentMinor: number;
}

/** Reads what was bought and used from a build's log. */
export function boughtAndUsed(log: Log): BoughtAndUsed {
  const boughtFor = new Map<string, Bought[]>();
  const usedOf = new Map<string, number>();
  let spentMinor = 0;
  for (const { event } of standing(log)) {
    if (event.kind !== "bought") continue;
    boughtFor.set(event.line, [...(boughtFor.get(event.line) ?? []), event]);
    spentMinor += event.priceMinor ?? 0;
  }
  for (const { done } of stepsStanding(log).values())
    for (const { material, amount } of done?.used ?? []) usedOf.set(material, (usedOf.get(material) ?? 0) + amount);
  return { boughtFor, usedOf, spentMinor };
}
