import { longestMm, zonesNamed, zonesOf } from "../../dividers/zones";
import { set, setMm } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import { baseOf } from "../../shell/base";
import type { Site } from "../../shell/site";
import { RAMP_DEG, rampRunMm } from "../figures";
import type { Pool } from "../schema";

/** Where a pool lies, what keeps its water, and whether what falls into it gets out. */
export const poolSnags = (site: Site, pool: Pool, path: string): Snag[] => [
  ...placeSnags(site, pool, path),
  ...levelSnags(site, pool, path),
  ...outSnags(site, pool, path),
];

const adder = (list: Snag[], pool: Pool) => (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
  list.push({ stage: "ground", subject: pool.id, severity, ...snag });

function placeSnags(site: Site, pool: Pool, path: string): Snag[] {
  const { say, shell, variant } = site;
  const floor = baseOf(shell);
  const list: Snag[] = [];
  const add = adder(list, pool);
  if (pool.zone !== null) {
    if (zonesNamed(zonesOf(floor, variant.dividers), pool.zone).length === 0)
      add("stop", {
        rule: "vessels/pool-nowhere",
        title: `${pool.name} lies nowhere`,
        sentence: "It takes a part of the floor that no divider leaves any longer.",
        reason: "A part of the floor is one side of a divider: with the divider gone, so is its part.",
        fix: { label: "Give it a place of its own", patch: [set(`${path}/zone`, null)] },
      });
    return list;
  }
  const [halfW, halfL] = [pool.width.value / 2, pool.length.value / 2];
  const tooLarge = pool.width.value > floor.widthMm + 0.5 || pool.length.value > floor.depthMm + 0.5;
  const off =
    pool.u.value - halfW < -0.5 ||
    pool.u.value + halfW > floor.widthMm + 0.5 ||
    pool.v.value - halfL < -0.5 ||
    pool.v.value + halfL > floor.depthMm + 0.5;
  if (!tooLarge && !off) return list;
  const width = Math.min(pool.width.value, floor.widthMm);
  const length = Math.min(pool.length.value, floor.depthMm);
  const within = (mid: number, half: number, room: number) =>
    Math.min(Math.max(mid, half), Math.max(half, room - half));
  add("stop", {
    rule: "vessels/pool-off-the-floor",
    title: tooLarge ? "The pool is larger than the floor" : "The pool runs off the floor",
    sentence: `${say(pool.width.value)} × ${say(pool.length.value)} about ${say(pool.u.value)} and ${say(pool.v.value)}; the floor is ${say(floor.widthMm)} × ${say(floor.depthMm)}.`,
    reason: "Its water is reckoned from what lies on the floor.",
    fix: {
      label: tooLarge ? "Fit it to the floor" : "Move it onto the floor",
      patch: [
        setMm(`${path}/width`, width),
        setMm(`${path}/length`, length),
        setMm(`${path}/u`, within(pool.u.value, width / 2, floor.widthMm)),
        setMm(`${path}/v`, within(pool.v.value, length / 2, floor.depthMm)),
      ],
    },
  });
  return list;
}

function levelSnags(site: Site, pool: Pool, path: string): Snag[] {
  const { variant, at, say, shell } = site;
  const list: Snag[] = [];
  const add = adder(list, pool);
  const { waterMm } = shell.levels;
  if (waterMm <= 0)
    add("stop", {
      rule: "vessels/dry-pool",
      title: "A pool without water",
      sentence: "No standing water is planned.",
      reason: "The water line sets the test, the dam and the drainage layer.",
      fix: { label: `Plan ${say(50)} of water`, patch: [setMm(at("/seal/standingWater"), 50)] },
      otherFixes: [{ label: "Leave the pool out", patch: [{ op: "remove", path }] }],
    });
  if (pool.divider !== null && !variant.dividers.some((d) => d.id === pool.divider))
    add("mind", {
      rule: "vessels/divider-gone",
      title: "The pool's divider is gone",
      sentence: "It names a divider that is no longer there, so land and water share one level.",
      reason: "A divider that keeps one side dry is tested with that side dry.",
      fix: { label: "Let both share one level", patch: [set(`${path}/divider`, null)] },
    });
  return list;
}

function outSnags({ say, shell, variant }: Site, pool: Pool, path: string): Snag[] {
  const list: Snag[] = [];
  const add = adder(list, pool);
  const { waterMm } = shell.levels;
  if (pool.wayOut === "none")
    add("stop", {
      rule: "vessels/no-way-out",
      title: "No way out of the pool",
      sentence: `What falls into ${say(waterMm)} of water drowns between sheer sides.`,
      reason: "A ramp of 30 to 45° or stacked stones on one side at the least (the slope is from memory).",
      fix: { label: "Build a ramp", patch: [set(`${path}/wayOut`, "ramp")] },
    });
  if (pool.wayOut !== "ramp") return list;
  const figure = `vessels/${pool.id}/ramp`;
  if (pool.ramp.value > RAMP_DEG.high)
    add("mind", {
      rule: "vessels/steep-ramp",
      title: "A steep ramp",
      sentence: `${pool.ramp.value}°; 30 to 45° is climbed out of.`,
      reason: "Wet stone at a steeper slope is a wall (from memory).",
      fix: {
        label: `Lay it at ${RAMP_DEG.value}°`,
        patch: [set(`${path}/ramp`, { typed: String(RAMP_DEG.value), value: RAMP_DEG.value, how: "stated" })],
      },
      figure,
    });
  const run = rampRunMm(waterMm, pool.ramp.value);
  const longest =
    pool.zone === null
      ? Math.max(pool.width.value, pool.length.value)
      : longestMm(zonesNamed(zonesOf(baseOf(shell), variant.dividers), pool.zone));
  if (run > longest)
    add("mind", {
      rule: "vessels/long-ramp",
      title: "The ramp is longer than the pool",
      sentence: `It runs ${say(run, "up")}; the pool is ${say(longest)} the long way.`,
      reason: "Lay it steeper, up to 45°, or stack stones.",
      fix: { label: "Stack stones instead", patch: [set(`${path}/wayOut`, "stones")] },
      figure,
    });
  return list;
}
