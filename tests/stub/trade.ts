import type { Variant } from "../../core/document/schema";
import { fact, factKey } from "../../core/ledgers/facts";
import { set } from "../../core/ledgers/fix";
import { emptyLedger } from "../../core/ledgers/ledger";
import { MASS } from "../../core/ledgers/masses";
import { REACHED } from "../../core/ledgers/reached";
import type { Trade } from "../../core/trade/trade";
import type { DripLine } from "./schemas";

/** What the stub tells, for whoever asks. */
export const DRIP_MM = factKey<number>("dripMm");

const lineOf = (variant: Variant): DripLine => (variant as unknown as { dripLine: DripLine }).dripLine;

/** A trade with one of everything a trade may make. */
export const dripLineTrade: Trade = {
  id: "dripLine",
  stage: { id: "dripLine", key: "m", label: "Drip line", group: "design" },
  reads: ["dripLine" as keyof Variant],
  needs: [],
  gives: [DRIP_MM, MASS, REACHED],
  check(variant, { between }) {
    between("/dripLine/length", lineOf(variant)?.length ?? null, 10, 2000, "The drip line");
  },
  plan({ variant, at }) {
    const line = lineOf(variant);
    if (!line) return emptyLedger();
    return {
      parts: [
        {
          ...{ id: "dripLine/board", label: "Drip line's board", materialId: "pvc-foam-10", kind: "panel", qty: 1 },
          ...{ lengthMm: line.length.value, widthMm: 40, thicknessMm: 10, grainLocked: false },
          working: { length: "the line", width: "typed by the stub" },
          figure: "dripLine/length",
        },
      ],
      supplies: [
        {
          ...{ id: "dripLine/clips", label: "Clips", materialId: "lid-clip", unit: "piece", why: "hold the line" },
          ...{ likely: 3, low: 3, high: 3 },
        },
      ],
      steps: [
        {
          ...{ id: "dripLine/fix", title: "Fix the drip line", detail: "Along the back.", stage: "dripLine" },
          ...{ handsOnMinutes: 10, waitMinutes: 60, waitFor: "it to drip dry" },
          after: [{ reached: "stands", because: "it hangs on the walls" }],
          reaches: ["waterRuns"],
          uses: ["lid-clip"],
          ...{ splittable: true, toHand: ["clips"], cautions: [], passSign: "No drip." },
        },
      ],
      snags:
        line.length.value > 500
          ? [
              {
                ...{ rule: "dripLine/long", subject: "line", severity: "mind", stage: "dripLine" },
                ...{ title: "A long drip line", sentence: "Over 500.", reason: "It drips at its end." },
                fix: {
                  label: "Shorten it",
                  patch: [set(at("/dripLine/length"), { typed: "400", value: 400, how: "stated" })],
                },
              },
            ]
          : [],
      figures: [
        {
          ...{ id: "dripLine/length", label: "Drip line", value: line.length.value, unit: "mm", formula: "as typed" },
          inputs: [],
        },
      ],
      facts: [
        fact(DRIP_MM, line.length.value),
        fact(MASS, { when: "bare", kg: 7 }),
        fact(REACHED, [{ id: "drip-line", label: "Drip line's end", way: "from behind" }]),
      ],
    };
  },
};
