import { type Known, memory } from "../../../figures/figure";
import type { Step } from "../../../ledgers/ledger";
import { type Need, need } from "../../../ledgers/needs";
import type { Site } from "../../site";
import { doorOpening } from "./measure";
import type { ClearBoxFound as Found } from "./schema";

/** To fit one of these, minutes. */
const MINUTES: Known = { value: 12, low: 6, high: 25, basis: memory };

/** What is still to be fitted to a door or a lid that was found: what it takes, and its step. */
interface Fitting {
  isWanted: (found: Found) => boolean;
  need?: (found: Found) => Need;
  step: (found: Found, say: Site["say"]) => Pick<Step, "id" | "title" | "detail" | "toHand" | "passSign">;
}

const FITTINGS: readonly Fitting[] = [
  {
    isWanted: ({ door }) => door.is === "magnets" && door.magnets.stop === "toFit",
    need: (found) => {
      const { widthMm, heightMm } = doorOpening(found);
      return need("stop-strip", "mm", "behind the door's edge, all round", [2 * (widthMm + heightMm)]);
    },
    step: () => ({
      id: "shell/fit-stop",
      title: "Fit a stop behind the door's edge",
      detail: "A strip all round inside the opening, welded or siliconed, the door laid on it while it sets.",
      toHand: ["stop strip", "glue for clear plastic", "tape"],
      passSign: "The door lies on it all round; a push from outside moves nothing.",
    }),
  },
  {
    isWanted: ({ door }) => door.is !== "none" && door.catch === "clipToFit",
    need: () => need("lid-clip", "piece", "on the door", [2]),
    step: () => ({
      id: "shell/fit-clip",
      title: "Fit clips to the door",
      detail: "One on each side, glued, never screwed: a screw cracks the wall.",
      toHand: ["clips", "glue", "soapy water"],
      passSign: "Shut, a push from inside at any corner moves nothing.",
    }),
  },
  {
    isWanted: ({ lid }) => lid.is === "slides" && lid.home === "pinToFit",
    need: () => need("stainless-wire", "mm", "a pin for the lid", [60]),
    step: () => ({
      id: "shell/fit-pin",
      title: "Pin the lid home",
      detail:
        "Lid home, a hole through groove and lid a diameter and a half from its edge, step drill, board behind; a bent pin of wire.",
      toHand: ["step drill", "wire", "pliers"],
      passSign: "Pinned, the lid does not move under a hand.",
    }),
  },
  {
    isWanted: ({ door }) => door.is === "hingesToFit",
    need: () => need("butt-hinge", "piece", "on the door", [2]),
    step: () => ({
      id: "shell/fit-hinges",
      title: "Hang the door on hinges",
      detail:
        "The tape off, its glue rubbed off with soapy water. Two hinges, glued or through-bolted in holes no nearer the edge than they are wide.",
      toHand: ["hinges", "glue for clear plastic", "tape"],
      passSign: "It swings without dragging, and shuts on its stop.",
    }),
  },
  {
    isWanted: ({ holes, holePatch }) => holes.count > 0 && holePatch === "toFit",
    need: () => need("acrylic-cement", "mL", "a patch over its holes", [5]),
    step: () => ({
      id: "shell/patch-holes",
      title: "Weld a patch over the holes",
      detail: "An offcut of the same plastic, a finger wider than they are all round, cemented on from outside.",
      toHand: ["acrylic cement", "offcut", "weights"],
      passSign: "No bubble in the weld; no crack runs out from under it.",
    }),
  },
  {
    isWanted: ({ lid }) => lid.is === "slides" && lid.trimTo !== null,
    step: ({ lid }, say) => ({
      id: "shell/trim-lid",
      title: "Take the lid down",
      detail: `To ${say(lid.trimTo!.value)} across its grooves: a scraper held upright, half off each side.`,
      toHand: ["scraper", "straight edge", "tape"],
      passSign: "It runs in its grooves on a warm day.",
    }),
  },
];

const wanted = (found: Found) => FITTINGS.filter((f) => f.isWanted(found));

export const fittingNeeds = (found: Found): Need[] => wanted(found).flatMap((f) => f.need?.(found) ?? []);

export const fittingSteps = ({ say }: Pick<Site, "say">, found: Found): Step[] =>
  wanted(found).map(({ need: takes, step }) => ({
    ...step(found, say),
    ...{ stage: "shell", handsOnMinutes: MINUTES.value, waitMinutes: 0 },
    after: [{ reached: "surveyed", because: "it is fitted to what was measured" }],
    ...{ reaches: ["closed"], uses: takes ? [takes(found).materialId] : [], splittable: true },
    cautions: ["Clear plastic: eyes covered; no solvent where it is bent or drilled."],
  }));
