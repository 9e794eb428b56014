import { fact } from "../../../ledgers/facts";
import { set } from "../../../ledgers/fix";
import { emptyLedger } from "../../../ledgers/ledger";
import { HUNG } from "../../facts";
import type { ClosureKind } from "../../kind";
import { lockSteps, lockSupplies } from "../../lock/lock";
import { type FoundClosure, foundClosure } from "./schema";

/** The doors or the lid it came with: their gaps are the shell's, measured in its survey. */
export const found: ClosureKind<FoundClosure> = {
  kind: "found",
  suits: ({ shutAsFound }) => shutAsFound,
  summary: () => "shut by what it came with",
  what: ({ face }) => (face === "top" ? "lid" : "doors"),
  unlocked: ({ face }) =>
    face === "top" ? "What leans on the lid opens it in the end." : "What leans on the doors opens them in the end.",
  check: () => {},
  start: (_, opening) => foundClosure(opening.id),
  startWords: ({ face }) => ({ button: `Use the ${face === "top" ? "lid" : "doors"} it came with`, about: "" }),
  offers: (site, opening, { patch, words }) => [
    {
      label: `Put its own ${opening.face === "top" ? "lid" : "doors"} on${words}`,
      patch: [set(site.at("/closures/-"), foundClosure(opening.id)), ...patch],
    },
  ],
  ways: () => [],
  plan(here, closure) {
    const { faces, doorLeaves } = here.site.shell;
    const { opening } = here;
    const { thicknessMm, densityKgPerM3 } = faces[opening.face].material;
    const leaves = opening.face === "front" ? doorLeaves : 0;
    return {
      ...emptyLedger(),
      supplies: lockSupplies(here, closure),
      steps: lockSteps(here, closure, "Shut it, and fit the lock where it opens."),
      facts:
        leaves === 0
          ? []
          : [
              fact(HUNG, {
                label: "Doors, open",
                replaces: `face/${opening.face}`,
                kg: (opening.widthMm * opening.heightMm * thicknessMm * densityKgPerM3.value) / 1e9,
                beforeMm: opening.widthMm / leaves / 2,
              }),
            ],
    };
  },
};
