import type { Figure } from "../../../figures/figure";
import { set, setMm } from "../../../ledgers/fix";
import type { Fix, Snag } from "../../../ledgers/ledger";
import { materialsOf } from "../../../materials/find";
import type { Site } from "../../site";
import { jointMm, railSag, type SheetSite, topSagOf } from "./figures";

/** Sag beyond this share of the span shows and binds doors (source: standing). */
const SAG_LIMIT = 200;
/** Heights worth cutting a head rail to. */
const RAIL_HEIGHTS_MM = [40, 60, 80, 100, 125, 150, 200];

/** What a sheet box alone is judged by: sags and joints. `figures` are its own. */
export function sheetSnags(site: SheetSite, figures: Figure[]): Snag[] {
  const { shell, variant, say, at, book, box } = site;
  const list: Snag[] = [];
  const { front } = variant.shell;

  const topSag = topSagOf(figures);
  const spanMm = topSag?.inputs[0]?.value ?? 0;
  if (topSag && topSag.value > spanMm / SAG_LIMIT) {
    const thicker = materialsOf(book, "sheet")
      .filter((s) => s.plastic === box.sheets.top.plastic && s.thicknessMm > box.thicknessMm.top)
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
  const rail = railSag(figures);
  if (rail && rail.value > shell.openings[0].widthMm / SAG_LIMIT) {
    list.push({
      rule: "shell/head-rail-sags",
      subject: "head-rail",
      severity: "mind",
      stage: "shell",
      title: "The head rail will sag",
      sentence: `${say(rail.value, "up")} over ${say(shell.openings[0].widthMm)}; at ${say(shell.openings[0].widthMm / SAG_LIMIT, "down")} the doors begin to bind.`,
      reason: "The rail carries half the top and the upper track.",
      otherFixes: railFixes(site, front.headRail!.value),
      figure: rail.id,
    });
  }
  const fixing = variant.shell.joints.fixing;
  const plastic = box.sheets.base.plastic;
  if (fixing === "siliconeOnly")
    list.push({
      rule: "shell/silicone-is-no-glue",
      subject: "joints",
      severity: "stop",
      stage: "shell",
      title: "Silicone alone does not hold these joints",
      sentence: `${shell.joints.length} joints, ${site.sayRun(jointMm(site))}, held by silicone only.`,
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
      sentence: `The base is ${box.sheets.base.name}.`,
      reason: "Solvent cement welds PVC to PVC; on wood and polyethylene it only dries.",
      fix: {
        label: "Use structural adhesive and screws",
        patch: [set(at("/shell/joints/fixing"), "adhesiveAndScrews")],
      },
    });
  if (plastic === "pvcFoam" && box.thicknessMm.base < 8 && fixing !== "siliconeOnly")
    list.push({
      rule: "shell/thin-edge",
      subject: "joints",
      severity: "mind",
      stage: "shell",
      title: "Too thin to screw into",
      sentence: `Screws go into an edge of ${say(box.thicknessMm.base)}.`,
      reason: `A ${site.say(3.5)} screw splits an edge under ${site.say(8)} (trade practice, no source): let the cement carry it, with corner blocks inside.`,
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
