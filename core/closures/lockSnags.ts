import { set } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import type { Here } from "./kind";
import { closureKind } from "./kinds/index";
import { askForKey } from "./lock/asks";
import { LOCKS } from "./lock/words";
import type { Closure } from "./schema";

const madeLock = (kind: "key" | "wedge") => ({ kind, origin: "made" });

/** Whether it is held as firmly as who lives there asks, and whether its lock was there already. */
export function lockSnags(here: Here, closure: Closure): Snag[] {
  const { site, opening, path, own } = here;
  const kind = closureKind(closure);
  const what = kind.what(opening);
  const { lock } = closure;
  const asked: Snag[] =
    lock?.origin === "unknown"
      ? [
          {
            rule: "front/lock-found-or-bought",
            subject: own(what),
            severity: "mind",
            stage: "front",
            title: "Its lock: found or bought?",
            sentence: `Nobody has said whether the ${LOCKS[lock.kind].label.toLowerCase()} on the ${what} came with the shell. It is counted as bought.`,
            reason: "What was found is neither bought nor fitted.",
            fix: { label: "It came with the shell", patch: [set(`${path}/lock/origin`, "found")] },
          },
        ]
      : [];
  const hold = kind.holds?.(here);
  if ((lock && LOCKS[lock.kind].firm) || hold?.firm) return asked;
  const asking = askForKey(site);
  const must = asking !== "";
  const held = lock ? LOCKS[lock.kind].words : hold?.words;
  if (!must && held) return asked;
  return [
    ...asked,
    {
      rule: "front/no-lock",
      subject: own(what),
      severity: must && !held ? "stop" : "mind",
      stage: "front",
      title: must ? "A key lock is wanted" : `Nothing locks the ${what}`,
      sentence: must ? `${asking}: ${held ? `only ${held}` : "no lock"} on the ${what}.` : kind.unlocked(opening),
      reason:
        "Strong or dangerous animals and homes with children get a key lock and a label; local law may ask for more.",
      fix: must
        ? { label: "Fit a key lock", patch: [set(`${path}/lock`, madeLock("key"))] }
        : { label: "Fit a wedge", patch: [set(`${path}/lock`, madeLock("wedge"))] },
    },
  ];
}
