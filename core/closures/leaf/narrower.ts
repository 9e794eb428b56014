import { set, setMm } from "../../ledgers/fix";
import type { Fix } from "../../ledgers/ledger";
import { materialsOf } from "../../materials/find";
import { floor } from "../../units/tolerance";
import type { Edge, EdgeGap } from "../door/format";
import type { Here } from "../kind";
import type { LeafJob } from "./job";
import { tightened } from "./tighten";
import type { LeafWords } from "./words";

/** An edge that opens too far, and what it may. */
interface TooWide {
  edge: Edge;
  gap: EdgeGap;
  mmPerN: number;
  allowedMm: number;
  pushN: number;
}

/** Catches are not set closer than this, and are set out by it. From memory. */
const CATCHES = { leastMm: 60, stepMm: 10 } as const;

/** What would keep an edge from opening so far: a tighter clearance that does not bind, closer catches, stiffer bars. */
export function narrower(
  { site, path }: Here,
  job: LeafJob,
  words: LeafWords,
  { edge, gap, mmPerN, allowedMm, pushN }: TooWide,
): Fix[] {
  const pushedMm = mmPerN * pushN;
  const spareMm = allowedMm - gap.worst;
  const fixes: Fix[] = [];
  // What neither binds nor opens too far, if there is such a clearance.
  const wantedMm = floor(10 * (gap.nominal + spareMm - pushedMm)) / 10;
  const leastMm = tightened(job, edge);
  if (leastMm !== undefined && wantedMm >= leastMm)
    fixes.push({
      label: `Leave ${site.say(wantedMm)} clear ${words.edges[edge]}`,
      patch: [setMm(`${path}/clearance/${edge}`, wantedMm)],
    });
  if (pushedMm <= 0 || spareMm <= 0) return fixes;
  // An edge bows with the third power of what is between its holds.
  const everyMm = floor((job.made.holds.every.value * Math.cbrt(spareMm / pushedMm)) / CATCHES.stepMm) * CATCHES.stepMm;
  if (everyMm >= CATCHES.leastMm && everyMm < job.made.holds.every.value)
    fixes.push({
      label: `A catch each ${site.say(everyMm)}`,
      patch: [setMm(`${path}/holds/every`, everyMm)],
    });
  const { bar } = job;
  const stiffness = (b: { elasticGPa: { value: number }; widthMm: number; thicknessMm: number }) =>
    b.elasticGPa.value * b.widthMm * b.thicknessMm ** 3;
  const stiffer = bar
    ? materialsOf(site.book, "bar").filter((b) => stiffness(b) * spareMm >= stiffness(bar) * pushedMm)
    : [];
  return [
    ...fixes,
    ...stiffer.map((b) => ({
      label: `Make it of ${b.name.toLowerCase()}`,
      patch: [set(`${path}/leaf/frame/bar`, b.id)],
    })),
  ];
}
