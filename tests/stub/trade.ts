import type { Variant } from "../../core/document/schema";
import { fact, factKey } from "../../core/ledgers/facts";
import { set } from "../../core/ledgers/fix";
import { emptyLedger } from "../../core/ledgers/ledger";
import { MASS } from "../../core/ledgers/masses";
import { REACHED } from "../../core/ledgers/reached";
import type { Trade } from "../../core/trade/trade";
import type { MistLine } from "./schemas";

/** What the stub tells, for whoever asks. */
export const MIST_MM = factKey<number>("mistMm");

const lineOf = (variant: Variant): MistLine => (variant as unknown as { mistLine: MistLine }).mistLine;

/** A trade with one of everything a trade may make. */
export const mistLineTrade: Trade = {
  id: "mistLine",
  stage: { id: "mistLine", key: "m", label: "Mist line", group: "design" },
  reads: ["mistLine" as keyof Variant],
  needs: [],
  gives: [MIST_MM, MASS, REACHED],
  check(variant, { between }) {
    between("/mistLine/length", lineOf(variant)?.length ?? null, 10, 2000, "The mist line");
  },
  plan({ variant, at }) {
    const line = lineOf(variant);
    if (!line) return emptyLedger();
    return {
      parts: [
        {
          ...{ id: "mistLine/board", label: "Mist line's board", materialId: "pvc-foam-10", kind: "panel", qty: 1 },
          ...{ lengthMm: line.length.value, widthMm: 40, thicknessMm: 10, grainLocked: false },
          working: { length: "the line", width: "typed by the stub" },
          figure: "mistLine/length",
        },
      ],
      supplies: [
        {
          ...{ id: "mistLine/clips", label: "Clips", materialId: "lid-clip", unit: "piece", why: "hold the line" },
          ...{ likely: 3, low: 3, high: 3 },
        },
      ],
      steps: [
        {
          ...{ id: "mistLine/fix", title: "Fix the mist line", detail: "Along the back.", stage: "mistLine" },
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
                ...{ rule: "mistLine/long", subject: "line", severity: "mind", stage: "mistLine" },
                ...{ title: "A long mist line", sentence: "Over 500.", reason: "It drips at its end." },
                fix: {
                  label: "Shorten it",
                  patch: [set(at("/mistLine/length"), { typed: "400", value: 400, how: "stated" })],
                },
              },
            ]
          : [],
      figures: [
        {
          ...{ id: "mistLine/length", label: "Mist line", value: line.length.value, unit: "mm", formula: "as typed" },
          inputs: [],
        },
      ],
      facts: [
        fact(MIST_MM, line.length.value),
        fact(MASS, { when: "bare", kg: 7 }),
        fact(REACHED, [{ id: "mist-line", label: "Mist line's end", way: "from behind" }]),
      ],
    };
  },
};
