import { formatLocal, parseLocal } from "../design/localTime";
import { type Known, memory } from "../figures/figure";
import { unknownAt } from "../sure/turn";
import { unknownKind } from "../sure/unknowns";
import { Z95 } from "../sure/z95";
import { formatNumber } from "../units/format";
import type { AirFit, AirRead } from "./schema";

/** An unknown that readings left as wide as this was not told by them. */
const NARROWED = 0.8;
/** Over so much in a week, and so many of its own standard deviations, a drift is the gauge's, % rh. From memory. */
const DRIFTS_RH: Known = { value: 1, basis: memory };
const DRIFT_SIGMAS = 2;

const DAY_NAMES = ["Sunday", "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday"];
const momentOf = (from: string, hour: number): string => {
  const at = (parseLocal(from) ?? 0) + 60 * hour;
  // Day 0 of the clock was a Thursday.
  return `${DAY_NAMES[(((Math.floor(at / 1440) + 4) % 7) + 7) % 7]} ${formatLocal(at).slice(11)}`;
};

/** What readings made of each unknown they told anything of, in words: so many times what was taken, or so much more. */
export const fittedUnknowns = ({ unknowns, covariance }: Pick<AirFit, "unknowns" | "covariance">): string[] =>
  unknowns.flatMap((u, i) => {
    const sigma = Math.sqrt(Math.max(0, covariance[i]?.[i] ?? 1));
    if (sigma > NARROWED) return [];
    const { name, adds } = unknownKind(u.id);
    const [low, likely, high] = [-Z95 * sigma, 0, Z95 * sigma].map((by) => unknownAt(u, u.at + by));
    const say = (x: number | undefined) =>
      adds ? `${x! >= 0 ? "+" : "−"}${formatNumber(Math.abs(x!), 1)}` : formatNumber(x!, 2);
    return [`${name} ${adds ? "" : "× "}${say(likely)} (${say(low)} to ${say(high)})`];
  });

/** What a gauge does to what it reads, where that can be told. */
function instrumentWords({ instrument, driftSigmas }: AirFit): string[] {
  const { offK, offRh, driftRhPerWeek } = instrument;
  const side = (x: number) => (x > 0 ? "high" : "low");
  return [
    ...(Math.abs(offRh) >= 1 ? [`reads ${formatNumber(Math.abs(offRh), 1)} % rh ${side(offRh)}`] : []),
    ...(Math.abs(offK) >= 0.2 ? [`${formatNumber(Math.abs(offK), 1)} K ${side(offK)}`] : []),
    ...(drifts({ instrument, driftSigmas })
      ? [
          `drifts by ${formatNumber(Math.abs(driftRhPerWeek), 1)} % rh a week ${driftRhPerWeek > 0 ? "upwards" : "downwards"}`,
        ]
      : []),
  ];
}

/** Whether it is the gauge that drifts. */
export const drifts = ({ instrument, driftSigmas }: Pick<AirFit, "instrument" | "driftSigmas">): boolean =>
  Math.abs(driftSigmas) > DRIFT_SIGMAS && Math.abs(instrument.driftRhPerWeek) > DRIFTS_RH.value;

/** What a fit tells, a sentence each. */
export function fitWords(fit: AirFit, read: Pick<AirRead, "from">): string[] {
  const told = fittedUnknowns(fit);
  const gauge = instrumentWords(fit);
  const off = ({ k, rh }: AirFit["before"]) => `${formatNumber(k, 1)} K and ${formatNumber(rh, 1)} % rh`;
  const first = fit.leftOut[0];
  return [
    `Off by ${off(fit.before)} as designed, by ${off(fit.after)} as fitted.`,
    told.length > 0 ? `They tell: ${told.join("; ")}.` : "The readings tell nothing that was not taken already.",
    ...(gauge.length > 0 ? [`As far as can be told the gauge ${gauge.join(", ")}.`] : []),
    ...(fit.firstHours > 0
      ? [
          `The first ${formatNumber(fit.firstHours / 24, 0)} ${fit.firstHours === 24 ? "day is" : "days are"} left out: a new shell reads high until it has settled.`,
        ]
      : []),
    ...(first === undefined
      ? []
      : [
          `${fit.leftOut.length} ${fit.leftOut.length === 1 ? "hour is" : "hours are"} left out, from ${momentOf(read.from, first)}: something happened then that no plan has, a door or the sun.`,
        ]),
    ...(fit.stopped ? ["It was stopped before it was as good as it gets."] : []),
  ];
}
