import { mean } from "../day/hours";
import type { Plan } from "../plan";
import { formatNumber } from "../units/format";
import { formatMoney } from "../units/money";
import type { Judge } from "./judge";

/** Less than this is not worth a word: K, % rh, minor units, kWh a month. */
const TOLD = { k: 0.1, rh: 1, minor: 50, kWh: 0.1 };

const figure = (plan: Plan, id: string) => plan.figures.find((f) => f.id === id)?.value ?? 0;
const signed = (x: number, words: (x: number) => string) => `${x > 0 ? "+" : "−"}${words(Math.abs(x))}`;

/** What else a setting changes, in words: warmth, damp, money, energy. */
export function alsoOf(judge: Judge, then: Plan): string[] {
  const { before } = judge;
  const [was, is] = [judge.day(before), judge.day(then)];
  const k = mean(is.tempC) - mean(was.tempC);
  const rh = mean(is.rh) - mean(was.rh);
  const minor = then.tally.costLikelyMinor - before.tally.costLikelyMinor;
  const kWh = figure(then, "fixtures/month") - figure(before, "fixtures/month");
  return [
    ...(Math.abs(k) >= TOLD.k ? [signed(k, (x) => `${formatNumber(x, 1)} °C`)] : []),
    ...(Math.abs(rh) >= TOLD.rh ? [signed(rh, (x) => `${formatNumber(x, 0)} % rh`)] : []),
    ...(Math.abs(minor) >= TOLD.minor ? [signed(minor, (x) => formatMoney(x, then.tally.currency))] : []),
    ...(Math.abs(kWh) >= TOLD.kWh ? [signed(kWh, (x) => `${formatNumber(x, 1)} kWh a month`)] : []),
  ];
}
