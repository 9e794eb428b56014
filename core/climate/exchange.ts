import { type Known, memory, published } from "../figures/figure";
import { GRAVITY } from "../units/constants";
import { EXCHANGE, SHARP_CD } from "./flow";
import { type Opening, pushOf, speedAt } from "./opening";

/** Air that fans move, m³/s. */
export interface Fans {
  supply: number;
  extract: number;
  balanced: number;
}

/** Share of a draught's speed that goes in and out of an upright opening: a formula for wind, extrapolated indoors. */
const DRAUGHT: Known = { value: 0.025, basis: published("bs-5925") };
/** A flow through a lying opening of so many times its still exchange leaves none of that. From memory. */
const SHUTS_AT: Known = { value: 2, basis: memory };

/** Mass that goes out and comes in through all openings at an offset of pressure, kg/s, and each one's own net, m³/s. */
function flowsAt(openings: readonly Opening[], offsetPa: number, perM: number, inside: number, room: number) {
  let [out, inward] = [0, 0];
  const net: number[] = [];
  for (const o of openings) {
    const push = pushOf(o, offsetPa, perM, inside, room);
    const s = push.out + push.in;
    const share = s > 0 ? (speedAt(o, s) / s) * o.areaM2 : 0;
    out += share * push.out * inside;
    inward += share * push.in * room;
    net.push((share * Math.abs(push.out - push.in)) / o.count);
  }
  return { out, in: inward, net };
}

/** The one offset of pressure at which all mass flows sum to nothing, Pa. */
function offsetFor(openings: readonly Opening[], perM: number, inside: number, room: number, fans: Fans): number {
  const left = (p: number) => {
    const { out, in: inward } = flowsAt(openings, p, perM, inside, room);
    return out + fans.extract * inside - inward - fans.supply * room;
  };
  const highM = Math.max(...openings.map((o) => o.highM));
  let reach = Math.abs(perM) * highM + 1e-3;
  while ((left(-reach) > 0 || left(reach) < 0) && reach < 1e9) reach *= 4;
  // What is left grows with the offset: halving, and the secant where it falls inside.
  let [low, high] = [-reach, reach];
  let [atLow, atHigh] = [left(low), left(high)];
  for (let i = 0; i < 100 && high - low > 1e-13 * reach; i++) {
    const secant = low - (atLow * (high - low)) / (atHigh - atLow);
    const mid = i % 2 === 0 && secant > low && secant < high ? secant : (low + high) / 2;
    const at = left(mid);
    if (at === 0) return mid;
    if (at < 0) [low, atLow] = [mid, at];
    else [high, atHigh] = [mid, at];
  }
  return (low + high) / 2;
}

/**
 * Air exchanged with the room, m³/s: what one balance of pressure drives through all openings, what lighter air under an
 * opening that lies exchanges through it (source: epstein), what a draught does (source: bs-5925), and fans.
 * @param inside, room densities, kg/m³
 * @param draughtMPerS in the room
 */
export function exchangeM3PerS(
  openings: readonly Opening[],
  { inside, room, draughtMPerS, fans }: { inside: number; room: number; draughtMPerS: number; fans: Fans },
): number {
  const mean = (inside + room) / 2;
  if (openings.length === 0) return Math.max(fans.supply, fans.extract) + fans.balanced;
  const perM = (room - inside) * GRAVITY;
  const still = perM === 0 && fans.supply === 0 && fans.extract === 0;
  const { in: inward, net } = still
    ? { in: 0, net: openings.map(() => 0) }
    : flowsAt(openings, offsetFor(openings, perM, inside, room, fans), perM, inside, room);
  let total = (inward + fans.supply * room) / mean + fans.balanced;
  openings.forEach((o, i) => {
    if (o.vertical) {
      total += o.areaM2 * speedAt(o, (DRAUGHT.value * draughtMPerS) / SHARP_CD.value);
      return;
    }
    const lighter = o.underneath ? inside - room : room - inside;
    if (lighter <= 0) return;
    const acrossM = Math.sqrt((4 * o.oneM2) / Math.PI);
    const bare = EXCHANGE.value * Math.sqrt(((GRAVITY * lighter) / mean) * acrossM ** 5);
    const own = o.oneM2 * speedAt(o, bare / (o.oneM2 * SHARP_CD.value));
    if (own > 0) total += o.count * own * Math.max(0, 1 - net[i]! / (SHUTS_AT.value * own));
  });
  return total;
}

/** Steps of a table of exchanges, in roots of kg/m³. */
const STEP = 0.002;

/**
 * The exchange by the inside's density, for one room and one state of the fans. Worked out where it is asked, in steps of
 * the root of the difference: the flow goes by that root, so between two of them it runs straight.
 */
export function exchangeTable(openings: readonly Opening[], room: number, draughtMPerS: number, fans: Fans) {
  const known = new Map<number, number>();
  const at = (n: number) => {
    const was = known.get(n);
    if (was !== undefined) return was;
    const x = n * STEP;
    const flow = exchangeM3PerS(openings, { inside: room - x * Math.abs(x), room, draughtMPerS, fans });
    known.set(n, flow);
    return flow;
  };
  return (inside: number): number => {
    const differs = room - inside;
    const x = (Math.sign(differs) * Math.sqrt(Math.abs(differs))) / STEP;
    const n = Math.floor(x);
    return at(n) + (x - n) * (at(n + 1) - at(n));
  };
}
