import type { Airway } from "../air/paths";
import type { ClimateInput } from "../climate/format";
import type { Lights } from "../fixtures/lit";
import type { AirFit } from "../gauge/schema";
import type { Fill } from "../ground/mass";
import type { MassFact } from "../ledgers/masses";
import type { Site } from "../shell/site";
import { asTaken, type Doubt } from "../sure/turn";
import { doubtOf } from "./doubt";
import { capacityL } from "./drain";
import { fansOf } from "./fans";
import { heatOf } from "./heaters";
import { CONVECTS, heldBy } from "./held";
import { mistingOf } from "./mist";
import { openingsOf } from "./openings";
import { type RoomEnds, roomsOf } from "./rooms";
import { leastC } from "./steady";
import { wallsOf } from "./walls";
import { wetOf } from "./wet";

/** A month, as it is worked out once the design is let go. */
export const MONTH_DAYS = 30;

/** What is asked of the air of a design: one shell, and the rooms it may stand in. */
export interface DayAsk {
  input: ClimateInput;
  rooms: RoomEnds;
  /** What nobody has measured of it, or as far as readings tell. */
  doubt: Doubt;
  /** What readings have that the model cannot follow, as standard deviations, K and % rh; nothing until there are some. */
  wanders: { k: number; rh: number };
  /** Cooler than this is too cold for somebody, °C; null where nobody has said. */
  leastC: number | null;
}

/** What the trades told that the air depends on. */
export interface DayGiven {
  airways: readonly Airway[];
  lights: Lights | undefined;
  fills: readonly Fill[];
  masses: readonly MassFact[];
}

/** Five digits are more than anybody knows: what differs by less asks the same. */
const rounded = (ask: DayAsk): DayAsk =>
  JSON.parse(JSON.stringify(ask, (_, x: unknown) => (typeof x === "number" ? Number(x.toPrecision(5)) : x)));

/** A design as the climate takes it, from what is in it already: nothing is typed for it twice, and nothing of it measured. */
export function designedOf(site: Site, { airways, lights, fills, masses }: DayGiven): ClimateInput {
  const { inside } = site.shell;
  const openings = openingsOf(site, airways);
  const { usual } = roomsOf(site.brief);
  return {
    insideMm: { width: inside.widthMm, depth: inside.depthMm, height: inside.heightMm },
    walls: wallsOf(site),
    openings,
    fans: fansOf(site, openings).map((f) => f.fan),
    room: usual,
    heat: heatOf(site, lights),
    misting: mistingOf(site),
    wet: wetOf(site, fills).wet,
    drain: { startMl: 0, capacityMl: 1000 * capacityL(site) },
    ...heldBy(site, masses),
    hcWPerM2K: CONVECTS.value,
    start: { tempC: usual.tempC, rh: usual.rh },
    ...{ days: MONTH_DAYS, stepS: 60 },
  };
}

/**
 * The day that a design asks for.
 * @param designed as `designedOf` has it
 * @param fit the newest to readings of its gauge
 * @returns what `core/day/run.ts` works out
 */
export function askOf(site: Pick<Site, "brief">, designed: ClimateInput, fit: AirFit | undefined): DayAsk {
  const { usual: _, ...rooms } = roomsOf(site.brief);
  const doubt = doubtOf(designed, rooms, fit);
  return rounded({
    input: asTaken(designed, doubt.unknowns),
    rooms,
    doubt,
    wanders: fit?.wanders ?? { k: 0, rh: 0 },
    leastC: leastC(site),
  });
}

/**
 * A short name of an ask: two numbers of 32 bits mixed from its letters. Two designs that ask the same share it.
 * @param ask plain data, always written in the same order
 */
export function keyOf(ask: DayAsk): string {
  const text = JSON.stringify(ask);
  let [a, b] = [0x9e3779b9, 0x85ebca6b];
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    a = Math.imul(a ^ code, 0x01000193);
    b = Math.imul(b ^ code, 0x5bd1e995) ^ (b >>> 13);
  }
  return [a, b].map((n) => (n >>> 0).toString(16).padStart(8, "0")).join("");
}
