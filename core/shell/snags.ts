import type { Figure } from "../figures/figure";
import { set, setMm } from "../ledgers/fix";
import type { Fix, Snag } from "../ledgers/ledger";
import type { Site } from "../ledgers/site";
import { materialsOf } from "../materials/find";
import { formatNumber } from "../units/format";
import { jointMm } from "./figures";
import { LIFT_KG } from "./mass";

/** Sag beyond this share of the span shows and binds doors (HANDBOOK §8). */
const SAG_LIMIT = 200;
/** A shell taller than this many depths tips too easily (HANDBOOK §2, from memory). */
const TALL_SHARE = 1.5;
/** Heights worth cutting a head rail to. */
const RAIL_HEIGHTS_MM = [40, 60, 80, 100, 125, 150, 200];
/** Ground must stay below the dam's edge by this, so that it is not kicked into the tracks. */
const DAM_FREEBOARD_MM = 10;

/** What the bare shell is judged by. `figures` are the shell's own. */
export function shellSnags(site: Site, figures: Figure[]): Snag[] {
  const { shell, variant, say, at, book } = site;
  const list: Snag[] = [];
  const figure = (id: string) => figures.find((f) => f.id === id);
  const { front, groundDepth } = variant.shell;

  const topSag = figure("shell/top-sag");
  const spanMm = topSag?.inputs[0]?.value ?? 0;
  if (topSag && topSag.value > spanMm / SAG_LIMIT) {
    const thicker = materialsOf(book, "sheet")
      .filter((s) => s.plastic === shell.sheets.top.plastic && s.thicknessMm > shell.thicknessMm.top)
      .map((s) => ({ label: `Make the top of ${s.name}`, patch: [set(at("/faces/top"), { material: s.id })] }));
    list.push({
      rule: "shell/top-sags",
      subject: "top",
      severity: "mind",
      stage: "shell",
      title: "The top will sag",
      sentence: `${say(topSag.value, "up")} over ${say(spanMm)} in a few years; ${say(spanMm / SAG_LIMIT, "down")} is what doors and eyes put up with.`,
      reason: "A long top under its own weight and lamps creeps, and doors bind under it when it is warm.",
      otherFixes: [...(front.headRail ? [] : railFixes(site, 0)), ...thicker],
      figure: topSag.id,
    });
  }
  const railSag = figure("shell/rail-sag");
  if (railSag && railSag.value > shell.opening.widthMm / SAG_LIMIT) {
    list.push({
      rule: "shell/head-rail-sags",
      subject: "head-rail",
      severity: "mind",
      stage: "shell",
      title: "The head rail will sag",
      sentence: `${say(railSag.value, "up")} over ${say(shell.opening.widthMm)}; at ${say(shell.opening.widthMm / SAG_LIMIT, "down")} the doors begin to bind.`,
      reason: "The rail carries half the top and the upper track.",
      otherFixes: railFixes(site, front.headRail!.value),
      figure: railSag.id,
    });
  }
  const highest = Math.max(groundDepth?.value ?? 0, ...site.brief.residents.map((r) => r.groundDepth?.value ?? 0));
  if (groundDepth && (front.dam?.value ?? 0) < groundDepth.value + DAM_FREEBOARD_MM) {
    const wanted = groundDepth.value + DAM_FREEBOARD_MM;
    list.push({
      rule: "shell/dam-too-low",
      subject: "dam",
      severity: "stop",
      stage: "shell",
      title: "The dam does not hold the ground",
      sentence: `Ground ${say(groundDepth.value)} deep behind a dam of ${say(front.dam?.value ?? 0)}; ${say(wanted)} at the least.`,
      reason: "The dam holds the ground in; ground level with its edge is kicked into the tracks.",
      fix: { label: `Make the dam ${say(wanted)} high`, patch: [setMm(at("/shell/front/dam"), wanted)] },
    });
  }
  if (!groundDepth && highest > 0) {
    list.push({
      rule: "shell/ground-not-planned",
      subject: "ground",
      severity: "mind",
      stage: "shell",
      title: "No ground is planned",
      sentence: `The brief asks for ${say(highest)} of ground; the shell has none yet, so its dam and mass cannot be judged.`,
      reason: "The ground's depth sets the dam, the lowest vents and the wet mass.",
      fix: {
        label: `Plan ${say(highest)} of ground`,
        patch: [
          setMm(at("/shell/groundDepth"), highest),
          ...((front.dam?.value ?? 0) < highest + DAM_FREEBOARD_MM
            ? [setMm(at("/shell/front/dam"), highest + DAM_FREEBOARD_MM)]
            : []),
        ],
      },
    });
  }
  if (shell.outside.heightMm > TALL_SHARE * shell.outside.depthMm)
    list.push({
      rule: "shell/tips",
      subject: "shell",
      severity: "mind",
      stage: "shell",
      title: "Tall for its depth",
      sentence: `${say(shell.outside.heightMm)} high on ${say(shell.outside.depthMm)}: more than ${TALL_SHARE} times its depth. Fix it to the wall.`,
      reason: "Doors at their worst and a child's pull tip a tall shell. Limit from memory.",
      figure: "shell/outside-height",
    });
  const dry = figure("shell/mass-sheet")!;
  if (dry.value > LIFT_KG)
    list.push({
      rule: "shell/heavy-lift",
      subject: "shell",
      severity: "note",
      stage: "shell",
      title: "A two-person lift",
      sentence: `The bare shell weighs ${formatNumber(dry.value, 0)} kg without glass.`,
      reason: `Over ${LIFT_KG} kg is lifted with help (manual-handling guidance, from memory).`,
      figure: dry.id,
    });
  const fixing = variant.shell.joints.fixing;
  const plastic = shell.sheets.base.plastic;
  if (fixing === "siliconeOnly")
    list.push({
      rule: "shell/silicone-is-no-glue",
      subject: "joints",
      severity: "stop",
      stage: "shell",
      title: "Silicone alone does not hold these joints",
      sentence: `${shell.joints.length} joints, ${formatNumber(jointMm(site) / 1000)} m, held by silicone only.`,
      reason:
        plastic === "pvcFoam"
          ? "Silicone is weak on PVC: it seals the seam, cement and screws hold the joint."
          : "Silicone is a seal; a structural adhesive and screws hold the joint.",
      fix: {
        label: plastic === "pvcFoam" ? "Use PVC cement and screws" : "Use structural adhesive and screws",
        patch: [set(at("/shell/joints/fixing"), plastic === "pvcFoam" ? "cementAndScrews" : "adhesiveAndScrews")],
      },
    });
  if (fixing === "cementAndScrews" && plastic !== "pvcFoam")
    list.push({
      rule: "shell/cement-is-for-pvc",
      subject: "joints",
      severity: "stop",
      stage: "shell",
      title: "PVC cement does not bond this sheet",
      sentence: `The base is ${shell.sheets.base.name}.`,
      reason: "Solvent cement welds PVC to PVC; on wood and polyethylene it only dries.",
      fix: {
        label: "Use structural adhesive and screws",
        patch: [set(at("/shell/joints/fixing"), "adhesiveAndScrews")],
      },
    });
  if (plastic === "pvcFoam" && shell.thicknessMm.base < 8 && fixing !== "siliconeOnly")
    list.push({
      rule: "shell/thin-edge",
      subject: "joints",
      severity: "mind",
      stage: "shell",
      title: "Too thin to screw into",
      sentence: `Screws go into an edge of ${say(shell.thicknessMm.base)}.`,
      reason:
        "A 3.5 mm screw splits an edge under 8 mm (trade practice, no source): let the cement carry it, with corner blocks inside.",
    });
  if (plastic === "pvcFoam")
    list.push({
      rule: "shell/keep-cool",
      subject: "shell",
      severity: "note",
      stage: "shell",
      title: "Keep lamps off the sheet",
      sentence: "PVC foam sheet softens from about 60 °C; keep it under 50 °C.",
      reason: "From memory. A bulb close under the top is enough.",
    });
  return list;
}

/** Higher head rails to try, in order. */
export const railFixes = (site: Site, presentMm: number): Fix[] =>
  RAIL_HEIGHTS_MM.filter((mm) => mm > presentMm).map((mm) => ({
    label: presentMm > 0 ? `Make the head rail ${site.say(mm)} high` : `Add a head rail of ${site.say(mm)}`,
    patch: [setMm(site.at("/shell/front/headRail"), mm)],
  }));
