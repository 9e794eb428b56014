import { setMm } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import { raiseDam } from "./dam/raise";
import type { Site } from "./site";

/** Ground must stay below the dam's edge by this, so that it is not kicked into the tracks. */
export const DAM_FREEBOARD_MM = 10;

/** Whether the dam holds what is planned behind it. */
export function groundSnags(site: Site): Snag[] {
  const { shell, variant, say, at } = site;
  const { levels, damPath, tray } = shell;
  const { groundDepth } = variant.shell;
  const wanted = Math.max(groundDepth?.value ?? 0, ...site.brief.residents.map((r) => r.groundDepth?.value ?? 0));
  const holds = levels.damTopMm;
  const raise = (groundMm: number) =>
    holds < groundMm + DAM_FREEBOARD_MM ? raiseDam(site, groundMm + DAM_FREEBOARD_MM) : [];
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
        title: damPath === null ? "The walls do not hold the substrate" : "The dam does not hold the substrate",
        sentence: `Substrate to ${say(atDam)} behind ${damPath === null ? "walls" : "a dam"} of ${say(holds)}; ${say(least)} at the least.`,
        reason: "The dam holds the substrate in; substrate level with its edge is kicked into the tracks.",
        ...(damPath !== null && {
          fix: { label: `Make the dam ${say(least)} high`, patch: raiseDam(site, least) },
          ...(!tray &&
            holds > DAM_FREEBOARD_MM && {
              otherFixes: [
                {
                  label: `Slope the substrate down to ${say(holds - DAM_FREEBOARD_MM)} at the front`,
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
      title: "No substrate is planned",
      sentence: `The brief asks for ${say(wanted)} of substrate; the shell has none yet, so its dam and mass cannot be judged.`,
      reason: "The substrate's depth sets the dam, the lowest vents and the wet mass.",
      fix: {
        label: `Plan ${say(wanted)} of substrate`,
        patch: [setMm(at("/shell/groundDepth"), wanted), ...raise(wanted)],
      },
    },
  ];
}
