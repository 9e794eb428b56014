import type { Figure } from "../figures/figure";
import { setMm } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import { FLOOR_KN_PER_M2, FOOT_KN, LEAST_TIP, TALL_SHARE } from "../standing/standing";
import { formatNumber } from "../units/format";
import { LIFT_KG } from "../workshop/lift";
import type { Site } from "./site";

/** Ground must stay below the dam's edge by this, so that it is not kicked into the tracks. */
const DAM_FREEBOARD_MM = 10;

/** What any shell is judged by, whatever it is made from. `figures` are the shell's own. */
export function shellSnags(site: Site, figures: Figure[]): Snag[] {
  const { say } = site;
  const figure = (id: string) => figures.find((f) => f.id === id)!;
  const list = groundSnags(site);
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

function groundSnags(site: Site): Snag[] {
  const { shell, variant, say, at } = site;
  const { levels, damPath, tray } = shell;
  const { groundDepth } = variant.shell;
  const wanted = Math.max(groundDepth?.value ?? 0, ...site.brief.residents.map((r) => r.groundDepth?.value ?? 0));
  const holds = levels.damTopMm;
  const raise = (groundMm: number) =>
    damPath !== null && holds < groundMm + DAM_FREEBOARD_MM ? [setMm(at(damPath), groundMm + DAM_FREEBOARD_MM)] : [];
  // A tray holds the ground all round, a dam only at the front.
  const atDam = tray ? Math.max(levels.groundMm, levels.groundFrontMm) : levels.groundFrontMm;
  if (atDam > 0 && holds < atDam + DAM_FREEBOARD_MM) {
    const least = atDam + DAM_FREEBOARD_MM;
    return [
      {
        rule: "shell/dam-too-low",
        subject: "dam",
        severity: "stop",
        stage: "shell",
        title: damPath === null ? "The walls do not hold the ground" : "The dam does not hold the ground",
        sentence: `Ground to ${say(atDam)} behind ${damPath === null ? "walls" : "a dam"} of ${say(holds)}; ${say(least)} at the least.`,
        reason: "The dam holds the ground in; ground level with its edge is kicked into the tracks.",
        ...(damPath !== null && {
          fix: { label: `Make the dam ${say(least)} high`, patch: [setMm(at(damPath), least)] },
          ...(!tray &&
            holds > DAM_FREEBOARD_MM && {
              otherFixes: [
                {
                  label: `Slope the ground down to ${say(holds - DAM_FREEBOARD_MM)} at the front`,
                  patch: [setMm(at("/ground/front"), holds - DAM_FREEBOARD_MM)],
                },
              ],
            }),
        }),
      },
    ];
  }
  if (groundDepth || wanted === 0) return [];
  return [
    {
      rule: "shell/ground-not-planned",
      subject: "ground",
      severity: "mind",
      stage: "shell",
      title: "No ground is planned",
      sentence: `The brief asks for ${say(wanted)} of ground; the shell has none yet, so its dam and mass cannot be judged.`,
      reason: "The ground's depth sets the dam, the lowest vents and the wet mass.",
      fix: {
        label: `Plan ${say(wanted)} of ground`,
        patch: [setMm(at("/shell/groundDepth"), wanted), ...raise(wanted)],
      },
    },
  ];
}
