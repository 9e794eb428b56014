import type { ClosureKind } from "../../core/closures/kind";
import type { Closure } from "../../core/closures/schema";
import { statedMm } from "../../core/design/measure";
import { emptyLedger } from "../../core/ledgers/ledger";
import type { Blind } from "./schemas";

const own = (closure: Closure) => closure as unknown as Blind;

/** One with a gap that a boa of 14 mm passes. */
export const blind = (): Blind => ({
  ...{ id: "front", opening: "front", origin: "made", lock: null },
  kind: "blind",
  gap: statedMm(30),
});

/** A kind of closure with one of everything a kind may make. */
export const blindKind: ClosureKind = {
  kind: "blind" as never,
  label: "blind",
  suits: ({ face }) => face === "front",
  summary: () => "behind a blind",
  what: () => "blind",
  unlocked: () => "It is pushed aside.",
  check: (closure, path, { between }) => between(`${path}/gap`, own(closure).gap, 0, 50, "The gap under it"),
  start: () => blind() as unknown as Closure,
  startWords: () => ({ button: "Hang a blind", about: "" }),
  offers: () => [],
  leaves: () => [],
  ways: (here, closure) => [
    {
      ...{ id: here.own("blind"), where: "front", stage: "front", cover: "its hem" },
      way: { name: "under the blind", kind: "slot", nominalMm: own(closure).gap.value },
    },
  ],
  plan: ({ id }) => ({
    ...emptyLedger(),
    supplies: [
      {
        ...{ id: id("blind"), label: "Strips", materialId: "brush-strip", unit: "mm", why: "hang in the front" },
        ...{ likely: 2000, low: 2000, high: 2200 },
      },
    ],
    steps: [
      {
        ...{ id: id("blind"), title: "Hang the blind", detail: "Strip by strip.", stage: "front" },
        ...{ handsOnMinutes: 15, waitMinutes: 0, splittable: true, toHand: [], cautions: [] },
        after: [{ reached: "stands", because: "it hangs in the front" }],
        reaches: ["closed"],
        uses: ["brush-strip"],
      },
    ],
    figures: [{ id: id("blind"), label: "Strips", value: 2000, unit: "mm", formula: "as hung", inputs: [] }],
  }),
};
