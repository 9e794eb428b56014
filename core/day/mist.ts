import { type ClimateInput, minuteOf } from "../climate/format";
import { type Known, memory } from "../figures/figure";
import { fixtureKind } from "../fixtures/kinds/list";
import type { Fixture } from "../fixtures/schema";
import type { Site } from "../shell/site";

type Mist = ClimateInput["misting"][number];

/** From when to when it is misted where no clock says. From memory. */
const MIST_HOURS = { from: "08:00", to: "20:00" } as const;
/** Mist by hand, where only the day's amount is typed. From memory. */
const BY_HAND: Known = { value: 2, low: 1, high: 4, basis: memory };
/** The climate takes no more times than this. */
const MOST_TIMES = 100;

const clockOf = (minute: number): string =>
  `${String(Math.floor(minute / 60) % 24).padStart(2, "0")}:${String(Math.floor(minute) % 60).padStart(2, "0")}`;

/** So many times spread over a span of the day, the first at its beginning. */
function spreadOver({ from, to }: { from: string; to: string }, times: number, mlADay: number): Mist[] {
  const count = Math.min(MOST_TIMES, Math.max(1, Math.round(times)));
  const [start, end] = [minuteOf(from), minuteOf(to)];
  const minutes = end > start ? end - start : end + 1440 - start;
  return Array.from({ length: count }, (_, i) => ({
    at: clockOf(start + (i * minutes) / count),
    ml: mlADay / count,
  }));
}

const sprays = (fixtures: readonly Fixture[]): Mist[] =>
  fixtures.flatMap((f) => {
    const kind = fixtureKind(f);
    const mlADay = kind.mistsMlADay?.(f);
    return mlADay ? spreadOver(f.hours ?? MIST_HOURS, kind.spraysTimes?.(f) ?? BY_HAND.value, mlADay) : [];
  });

/** When how much is misted: by the nozzles; where none is known, what is typed for a day, by hand. */
export function mistingOf({ variant }: Pick<Site, "variant">): Mist[] {
  const byNozzles = sprays(variant.fixtures);
  if (byNozzles.length > 0) return byNozzles;
  const typedMl = variant.ground.misting?.value ?? 0;
  return typedMl > 0 ? spreadOver(MIST_HOURS, BY_HAND.value, typedMl) : [];
}
