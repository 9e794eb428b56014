import type { Log } from "../log/schema";
import { standing } from "../log/standing";
import type { Bought } from "./schema";
import { stepsStanding } from "./standing";

/** What was bought and used for a build, by its log. */
export interface BoughtAndUsed {
  /** By the line of the shopping list. */
  boughtFor: ReadonlyMap<string, readonly Bought[]>;
  /** By material, in its own unit: used, and of that what came off the shelf; and what was put on it as bought. */
  usedOf: ReadonlyMap<string, number>;
  tookOf: ReadonlyMap<string, number>;
  shelvedOf: ReadonlyMap<string, number>;
  /** What was paid, where that was said. */
  spentMinor: number;
}

type Sums = Map<string, number>;
const add = (sums: Sums, id: string, amount: number) => sums.set(id, (sums.get(id) ?? 0) + amount);

/** Reads what was bought and used from a build's log. */
export function boughtAndUsed(log: Log): BoughtAndUsed {
  const boughtFor = new Map<string, Bought[]>();
  const [usedOf, tookOf, shelvedOf] = [0, 0, 0].map(() => new Map<string, number>()) as [Sums, Sums, Sums];
  let spentMinor = 0;
  for (const { event } of standing(log)) {
    if (event.kind !== "bought") continue;
    boughtFor.set(event.line, [...(boughtFor.get(event.line) ?? []), event]);
    spentMinor += event.priceMinor ?? 0;
    if (event.shelf) for (const { count, content } of event.packs) add(shelvedOf, event.material, count * content);
  }
  for (const { done } of stepsStanding(log).values())
    for (const { material, amount, took = [] } of done?.used ?? []) {
      add(usedOf, material, amount);
      for (const row of took) add(tookOf, material, row.amount);
    }
  return { boughtFor, usedOf, tookOf, shelvedOf, spentMinor };
}
