import { ofKind } from "../log/ofKind";
import type { Log } from "../log/schema";
import type { Bought } from "./schema";

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

/** Reads what was bought and used from a build's log; what a step took that was done again is gone all the same. */
export function boughtAndUsed(log: Log): BoughtAndUsed {
  const boughtFor = new Map<string, Bought[]>();
  const [usedOf, tookOf, shelvedOf] = [new Map(), new Map(), new Map()] as [Sums, Sums, Sums];
  let spentMinor = 0;
  for (const { event } of ofKind(log, "bought")) {
    boughtFor.set(event.line, [...(boughtFor.get(event.line) ?? []), event]);
    spentMinor += event.priceMinor ?? 0;
    if (event.shelf) for (const { count, content } of event.packs) add(shelvedOf, event.material, count * content);
  }
  for (const { event } of ofKind(log, "step-done"))
    for (const { material, amount, took = [] } of event.used) {
      add(usedOf, material, amount);
      for (const row of took) add(tookOf, material, row.amount);
    }
  return { boughtFor, usedOf, tookOf, shelvedOf, spentMinor };
}
