import type { Figure } from "../figures/figure";
import type { Snag } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { LIFT_KG } from "../workshop/lift";
import { FLOOR_KN_PER_M2, FOOT_KN, LEAST_TIP, TALL_SHARE } from "./standing";

/** Whether it tips, is lifted alone, or is too heavy for a floor. `figures` are its standing's own. */
export function standingSnags(site: Site, figures: Figure[]): Snag[] {
  const { say } = site;
  const figure = (id: string) => figures.find((f) => f.id === id)!;
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject">) => list.push({ stage: "shell", subject: "shell", ...snag });
  const { outside } = site.shell;
  const tips = figure("shell/tipping");
  const tall = outside.heightMm > TALL_SHARE * outside.depthMm;
  if (tall || tips.value < LEAST_TIP.value)
    add({
      rule: "shell/tips",
      severity: "mind",
      title: "Tall for its depth",
      sentence: `It tips forward at ${formatNumber(tips.value, 1, "down")}°${tall ? `, and is ${say(outside.heightMm)} high on ${say(outside.depthMm)}, more than ${TALL_SHARE} times its depth` : ""}. Fix it to the wall.`,
      reason: `Doors at their worst and a child's pull tip a tall shell; under ${LEAST_TIP.value}° it is fixed (from memory).`,
      figure: tips.id,
    });
  const dry = figure("shell/mass-shell");
  if (dry.value > LIFT_KG)
    add({
      rule: "shell/heavy-lift",
      severity: "note",
      title: "A two-person lift",
      sentence: `The bare shell weighs ${formatNumber(dry.value, 0)} kg without doors.`,
      reason: `Over ${LIFT_KG} kg is lifted with help (manual-handling guidance, from memory).`,
      figure: dry.id,
    });
  const floor = figure("shell/floor-load");
  const foot = figure("shell/foot-load");
  if (floor.value > FLOOR_KN_PER_M2.value || foot.value > FOOT_KN.value)
    add({
      rule: "shell/floor",
      severity: "mind",
      title: "Heavy for a floor",
      sentence: `${formatNumber(floor.value, 2, "up")} kN/m² over a small room, ${formatNumber(foot.value, 2, "up")} kN on a foot; floors are designed for ${FLOOR_KN_PER_M2.value} and ${FOOT_KN.value}.`,
      reason: "EN 1991-1-1, category A. Beyond it, ask an engineer before it is filled.",
      figure: floor.id,
    });
  return list;
}
