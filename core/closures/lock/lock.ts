import { isMade, isReplaced } from "../../design/found";
import type { Step, Supply } from "../../ledgers/ledger";
import type { Here } from "../kind";
import type { Closure } from "../schema";
import { askForKey } from "./asks";
import type { Lock } from "./schema";
import { LOCKS } from "./words";

/** A lock that is to be fitted. One that is not known to be there is counted as bought. */
const toFit = ({ lock }: Closure) => (lock && isMade(lock) ? lock : null);

/** A lock's material in the book. */
const lockId = ({ kind }: NonNullable<Lock>): string => `${kind}-lock`;

export function lockSupplies({ id, site }: Here, closure: Closure): Supply[] {
  const lock = toFit(closure);
  if (!lock) return [];
  const one = (materialId: string, label: string, why: string): Supply => ({
    ...{ id: id(materialId), label, materialId, unit: "piece", why },
    ...{ likely: 1, low: 1, high: 1 },
  });
  const asking = askForKey(site);
  return [
    one(lockId(lock), LOCKS[lock.kind].label, "holds it shut"),
    ...(asking
      ? [one(LABEL, "Label by the lock", `says who lives there and whom to call: ${asking.toLowerCase()}`)]
      : []),
  ];
}

/** What is read before the lock is opened. */
const LABEL = "lock-label";

/** Fitting it. @param detail where it goes */
export function lockSteps({ id, site }: Here, closure: Closure, detail: string): Step[] {
  const lock = toFit(closure);
  if (!lock) return [];
  const labelled = askForKey(site) !== "";
  return [
    {
      id: id("lock"),
      title: "Fit the lock",
      detail: isReplaced(lock) ? `The old one off first, its holes plugged. ${detail}` : detail,
      stage: "front",
      handsOnMinutes: 15,
      waitMinutes: 0,
      after: [
        { id: id("hang"), because: "it holds the hung panes" },
        { reached: "fetched", because: "the lock must be there" },
      ],
      reaches: ["closed"],
      uses: [lockId(lock), ...(labelled ? [LABEL] : [])],
      splittable: true,
      toHand: ["lock", ...(labelled ? ["label"] : [])],
      cautions: [],
    },
  ];
}
