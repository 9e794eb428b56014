import { set, setMm } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { RAMP_DEG, rampRunMm } from "../figures";
import { siteFloor } from "../site";

/** Where the pool lies, and what falls into it gets out. */
export function poolSnags(site: Site): Snag[] {
  const { variant, at, say, shell } = site;
  const { pool } = variant.ground;
  if (!pool) return [];
  const floor = siteFloor(site);
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: "pool", severity, ...snag });
  const [halfW, halfL] = [pool.width.value / 2, pool.length.value / 2];
  const tooLarge = pool.width.value > floor.widthMm + 0.5 || pool.length.value > floor.depthMm + 0.5;
  const off =
    pool.u.value - halfW < -0.5 ||
    pool.u.value + halfW > floor.widthMm + 0.5 ||
    pool.v.value - halfL < -0.5 ||
    pool.v.value + halfL > floor.depthMm + 0.5;
  if (tooLarge || off) {
    const width = Math.min(pool.width.value, floor.widthMm);
    const length = Math.min(pool.length.value, floor.depthMm);
    const within = (mid: number, half: number, room: number) =>
      Math.min(Math.max(mid, half), Math.max(half, room - half));
    add("stop", {
      rule: "ground/pool-off-the-floor",
      title: tooLarge ? "The pool is larger than the floor" : "The pool runs off the floor",
      sentence: `${say(pool.width.value)} × ${say(pool.length.value)} about ${say(pool.u.value)} and ${say(pool.v.value)}; the floor is ${say(floor.widthMm)} × ${say(floor.depthMm)}.`,
      reason: "Its water is reckoned from what lies on the floor.",
      fix: {
        label: tooLarge ? "Fit it to the floor" : "Move it onto the floor",
        patch: [
          setMm(at("/ground/pool/width"), width),
          setMm(at("/ground/pool/length"), length),
          setMm(at("/ground/pool/u"), within(pool.u.value, width / 2, floor.widthMm)),
          setMm(at("/ground/pool/v"), within(pool.v.value, length / 2, floor.depthMm)),
        ],
      },
    });
  }
  if (pool.wayOut === "none")
    add("stop", {
      rule: "ground/no-way-out",
      title: "No way out of the pool",
      sentence: `What falls into ${say(shell.levels.waterMm)} of water drowns between sheer sides.`,
      reason: "A ramp of 30 to 45° or stacked stones on one side at the least (the slope is from memory).",
      fix: { label: "Build a ramp", patch: [set(at("/ground/pool/wayOut"), "ramp")] },
    });
  if (pool.wayOut === "ramp" && pool.ramp.value > RAMP_DEG.high)
    add("mind", {
      rule: "ground/steep-ramp",
      title: "A steep ramp",
      sentence: `${pool.ramp.value}°; 30 to 45° is climbed out of.`,
      reason: "Wet stone at a steeper slope is a wall (from memory).",
      fix: {
        label: `Lay it at ${RAMP_DEG.value}°`,
        patch: [set(at("/ground/pool/ramp"), { typed: String(RAMP_DEG.value), value: RAMP_DEG.value, how: "stated" })],
      },
      figure: "ground/ramp",
    });
  const run = rampRunMm(shell.levels.waterMm, pool.ramp.value);
  if (pool.wayOut === "ramp" && run > Math.max(pool.width.value, pool.length.value))
    add("mind", {
      rule: "ground/long-ramp",
      title: "The ramp is longer than the pool",
      sentence: `It runs ${say(run, "up")}; the pool is ${say(Math.max(pool.width.value, pool.length.value))} the long way.`,
      reason: "Lay it steeper, up to 45°, or stack stones.",
      fix: { label: "Stack stones instead", patch: [set(at("/ground/pool/wayOut"), "stones")] },
      figure: "ground/ramp",
    });
  return list;
}
