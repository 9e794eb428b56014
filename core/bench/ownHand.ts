import { constant, type Figure } from "../figures/figure";
import type { Step, Supply } from "../ledgers/ledger";
import { type OwnRate, type OwnRates, ownInput } from "../rates/own";
import { WORKS } from "../workshop/works";
import { needSpread } from "./needSpread";

/** Steps and supplies by the builder's own hand. */
export interface InOwnHand {
  steps: Step[];
  supplies: Supply[];
  figures: Figure[];
}

const workFigure = (id: keyof typeof WORKS, own: OwnRate): Figure => {
  const { name, from } = WORKS[id];
  return {
    id: `bench/rate/${id}`,
    label: `${name}, your own hand`,
    value: own.mean,
    low: own.meanLow,
    high: own.meanHigh,
    unit: "×",
    formula:
      "mean of your minutes ÷ those of the starting rates, lognormal, the starting rate worth one entry; its range holds the mean 95 times in 100",
    inputs: [ownInput("your minutes", own), ...from.map(({ of, rate }) => constant(`starts from, ${of}`, rate, "min"))],
  };
};

const materialFigure = (id: string, name: string, own: OwnRate): Figure => ({
  id: `bench/use/${id}`,
  label: `${name}, what you use of it`,
  value: own.middle,
  low: own.low,
  high: own.high,
  unit: "×",
  formula:
    "what you used ÷ what was planned at the book's rate, lognormal; its range holds the next one 90 times in 100",
  inputs: [ownInput("your use", own)],
});

/** Which kinds of work the log may speak of that this version knows. */
const isWork = (id: string): id is keyof typeof WORKS => id in WORKS;

/**
 * Steps' minutes and supplies' amounts as this builder works: the starting ones times what the log has taught.
 * @param own what it has taught; nothing is changed where it says nothing
 */
export function inOwnHand(steps: Step[], supplies: Supply[], own: OwnRates): InOwnHand {
  if (own.known.length === 0) return { steps, supplies, figures: [] };
  const figures: Figure[] = [];
  for (const { of, id } of own.known) {
    const rate = own.of(of, id);
    if (rate && of === "work" && isWork(id)) figures.push(workFigure(id, rate));
  }
  const told = new Set<string>();
  const ownSupplies = supplies.map((supply) => {
    const rate = own.of("material", supply.materialId, needSpread(supply));
    if (!rate || supply.unit === "piece") return supply;
    if (!told.has(supply.materialId)) figures.push(materialFigure(supply.materialId, supply.label, rate));
    told.add(supply.materialId);
    const { likely } = supply;
    return { ...supply, likely: likely * rate.middle, low: likely * rate.low, high: likely * rate.high };
  });
  const ownSteps = steps.map((step) => {
    const rate = step.work && own.of("work", step.work);
    return rate
      ? { ...step, handsOnMinutes: step.handsOnMinutes * rate.mean, startMinutes: step.handsOnMinutes }
      : step;
  });
  return { steps: ownSteps, supplies: ownSupplies, figures };
}
