import { type Known, memory } from "../../../figures/figure";
import type { Step } from "../../../ledgers/ledger";
import type { Need } from "../../../ledgers/needs";
import { need } from "../../../ledgers/needs";
import { doorOpening } from "./measure";
import type { ClearBoxFound as Found } from "./schema";

/** To fit one of these, minutes. */
const MINUTES: Known = { value: 12, low: 6, high: 25, basis: memory };

/** What is still to be fitted to a door or a lid that was found: what it takes, and its step. */
interface Fitting {
  isWanted: (found: Found) => boolean;
  need: (found: Found) => Need;
  step: Pick<Step, "id" | "title" | "detail" | "toHand" | "passSign">;
}

const FITTINGS: readonly Fitting[] = [
  {
    isWanted: ({ door }) => door.is === "magnets" && door.magnets.stop === "toFit",
    need: (found) => {
      const { widthMm, heightMm } = doorOpening(found);
      return need("stop-strip", "mm", "behind the door's edge, all round", [2 * (widthMm + heightMm)]);
    },
    step: {
      id: "shell/fit-stop",
      title: "Fit a stop behind the door's edge",
      detail: "A strip all round inside the opening, welded or siliconed, the door laid on it while it sets.",
      toHand: ["stop strip", "glue for clear plastic", "tape"],
      passSign: "The door lies on it all round; a push from outside moves nothing.",
    },
  },
  {
    isWanted: ({ door }) => door.is !== "none" && door.catch === "clipToFit",
    need: () => need("lid-clip", "piece", "on the door", [2]),
    step: {
      id: "shell/fit-clip",
      title: "Fit clips to the door",
      detail: "One on each side, glued, never screwed: a screw cracks the wall.",
      toHand: ["clips", "glue", "soapy water"],
      passSign: "Shut, a push from inside at any corner moves nothing.",
    },
  },
  {
    isWanted: ({ lid }) => lid.is === "slides" && lid.home === "pinToFit",
    need: () => need("stainless-wire", "mm", "a pin for the lid", [60]),
    step: {
      id: "shell/fit-pin",
      title: "Pin the lid home",
      detail:
        "Lid home, a hole through groove and lid a diameter and a half from its edge, step drill, board behind; a bent pin of wire.",
      toHand: ["step drill", "wire", "pliers"],
      passSign: "Pinned, the lid does not move under a hand.",
    },
  },
];

const wanted = (found: Found) => FITTINGS.filter((f) => f.isWanted(found));

export const fittingNeeds = (found: Found): Need[] => wanted(found).map((f) => f.need(found));

export const fittingSteps = (found: Found): Step[] =>
  wanted(found).map((f) => ({
    ...f.step,
    ...{ stage: "shell", handsOnMinutes: MINUTES.value, waitMinutes: 0 },
    after: [{ reached: "surveyed", because: "it is fitted to what was measured" }],
    ...{ reaches: ["closed"], uses: [f.need(found).materialId], splittable: true },
    cautions: ["Clear plastic: eyes covered; no solvent where it is bent or drilled."],
  }));
