import { fact } from "../../../ledgers/facts";
import { set } from "../../../ledgers/fix";
import { emptyLedger } from "../../../ledgers/ledger";
import { HUNG } from "../../facts";
import { gapWay } from "../../gapWay";
import type { ClosureKind, Here } from "../../kind";
import { lockSteps, lockSupplies } from "../../lock/lock";
import { lockWords } from "../../lock/words";
import { doorSnags, doorSteps } from "./doors";
import { type FoundClosure, foundClosure } from "./schema";

/** The doors of the shell that close an opening. */
const doorsOf = ({ site, opening }: Here) => (opening.face === "front" ? site.shell.doors : null);

/** The doors or the lid it came with: their gaps are the shell's, measured in its survey. */
export const found: ClosureKind<FoundClosure> = {
  kind: "found",
  label: "what it came with",
  suits: ({ shutAsFound }) => shutAsFound,
  summary: () => "shut by what it came with",
  what: ({ face }) => (face === "top" ? "lid" : "doors"),
  unlocked: ({ face }) =>
    face === "top" ? "What leans on the lid opens it in the end." : "What leans on the doors opens them in the end.",
  holds: ({ site, opening }) => site.shell.held[opening.id],
  check(closure, path, { add }) {
    if (closure.fate === "replaced") add(`${path}/fate`, "Choose the door or lid that replaces it.");
  },
  start: (_, opening) => foundClosure(opening.id),
  startWords: ({ face }) => ({ button: `Use the ${face === "top" ? "lid" : "doors"} it came with`, about: "" }),
  offers: (site, opening, { patch, words }) => [
    {
      label: `Put its own ${opening.face === "top" ? "lid" : "doors"} on${words}`,
      patch: [set(site.at("/closures/-"), foundClosure(opening.id)), ...patch],
    },
  ],
  leaves: (here) => doorsOf(here)?.leaves.map((rect, i) => ({ id: `leaf-${i + 1}`, of: "glass" as const, rect })) ?? [],
  ways: (here, closure) =>
    here.site.shell.gaps
      .filter((gap) => gap.opening === here.opening.id)
      .map((gap) => gapWay(here.site, gap, here.site.shell.held[here.opening.id]?.words ?? lockWords(closure.lock))),
  plan(here, closure) {
    const doors = doorsOf(here);
    const swings = doors?.opens === "swing";
    return {
      ...emptyLedger(),
      supplies: lockSupplies(here, closure),
      steps: [
        ...(doors ? doorSteps(here, closure) : []),
        ...lockSteps(here, closure, "Shut it, and fit the lock where it opens."),
      ],
      snags: doors ? doorSnags(here, closure) : [],
      facts: doors
        ? [
            fact(HUNG, {
              label: swings ? "Doors, open" : "Doors",
              replaces: doors.solid,
              kg: doors.kg,
              // A door open at a right angle has its middle half a leaf before the front.
              beforeMm: swings ? here.opening.widthMm / doors.leaves.length / 2 : 0,
            }),
          ]
        : [],
    };
  },
};
