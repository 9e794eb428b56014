import { minuteOf } from "../../climate/format";
import { setToC } from "../../day/heaters";
import { mostC } from "../../day/steady";
import { statedMm } from "../../design/measure";
import { type Known, memory } from "../../figures/figure";
import { fixtureKind } from "../../fixtures/kinds/list";
import type { Fixture } from "../../fixtures/schema";
import { set } from "../../ledgers/fix";
import { formatNumber } from "../../units/format";
import { type LeverKind, numberLever } from "../lever";

const DAY = 24 * 60;
/** Later than this nothing goes off: it is on past midnight then, and that is day and night. */
const LATEST = DAY - 15;
const clock = (minute: number): string => {
  const at = ((Math.round(minute) % DAY) + DAY) % DAY;
  return `${String(Math.floor(at / 60)).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;
};
const span = ({ from, to }: NonNullable<Fixture["hours"]>) => {
  const [a, b] = [minuteOf(from), minuteOf(to)];
  return b > a ? b - a : b + DAY - a;
};

/** What light there is follows a day: lamps burn no less and no more, hours. From memory. */
const LIT: Known = { value: 12, low: 6, high: 14, basis: memory };
/** What runs day and night begins at this once it does not. */
const MORNING = { from: "08:00", to: "08:00" };
/** A fan runs for so many minutes at least: less stirs nothing. From memory. */
const FAN_LEAST: Known = { value: 5, basis: memory };

/** How long something runs that a clock switches: light as long as a day may be, heat and air up to day and night. */
export const hoursOn: LeverKind = (site) =>
  site.variant.fixtures.flatMap((fixture, i) => {
    // On day and night where nobody has said: shortened it begins in the morning.
    const hours = fixture.hours ?? MORNING;
    const kind = fixtureKind(fixture);
    const moves = kind.moves !== undefined;
    if (!kind.heats && !moves && !kind.warms) return [];
    const now = fixture.hours ? span(hours) : DAY;
    const [low, high] = kind.lit
      ? [Math.min(now, LIT.low! * 60), Math.max(now, LIT.high! * 60)]
      : [Math.min(now, moves ? FAN_LEAST.value : 60), DAY];
    // It goes on as it does now, and earlier where the day is not long enough.
    const onFor = (minutes: number) => {
      const to = Math.min(minuteOf(hours.from) + minutes, Math.max(LATEST, minuteOf(hours.to)));
      return { from: clock(Math.max(0, to - minutes)), to: clock(to) };
    };
    const say = (minutes: number) => {
      if (minutes > LATEST) return "day and night";
      const { from, to } = onFor(minutes);
      return `${minutes < 120 ? `${formatNumber(minutes, 0)} min` : `${formatNumber(minutes / 60, 1)} h`}, ${from} to ${to}`;
    };
    return [
      numberLever({
        ...{ id: `hours/${fixture.id}`, name: `${fixture.name}, how long it is on`, now, low, high },
        ...{ step: moves && now < 120 ? 5 : 15, say },
        patch: (minutes) => [set(site.at(`/fixtures/${i}/hours`), minutes > LATEST ? null : onFor(minutes))],
      }),
    ];
  });

/** A thermostat is not set more than this over what anybody bears, nor under the room, K. From memory. */
const OVER: Known = { value: 4, basis: memory };

/** What a thermostat is set to. */
export const thermostatSet: LeverKind = (site) =>
  site.variant.fixtures.flatMap((fixture, i) => {
    const now = setToC(site, fixture);
    if (now === null || !fixtureKind(fixture).heats) return [];
    const low = Math.min(now, site.brief.room.tempC.low);
    const high = Math.max(now, (mostC(site) ?? now) + OVER.value);
    return [
      numberLever({
        ...{ id: `set/${fixture.id}`, name: `${fixture.name}, set to`, now, low, high, step: 0.5 },
        say: (c) => `${formatNumber(c, 1)} °C`,
        patch: (c) => [set(site.at(`/fixtures/${i}/set`), statedMm(c))],
      }),
    ];
  });
