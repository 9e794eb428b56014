import type { Figure } from "../../../figures/figure";
import { set, setMm } from "../../../ledgers/fix";
import type { Fix, Snag } from "../../../ledgers/ledger";
import { shellBoards } from "../../../materials/board";
import type { Family } from "../../../materials/face";
import { capital } from "../../../units/capital";
import { FIXINGS, type Fixing } from "../../fixings/list";
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
    const thicker = shellBoards(book)
      .filter((s) => s.family === box.sheets.top.family && s.thicknessMm > box.thicknessMm.top)
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
  const fixing = FIXINGS[variant.shell.joints.fixing];
  const family = box.sheets.base.family;
  list.push(...notHeld(site, fixing), ...noRabbet(site));
  if (family === "pvcFoam" && box.thicknessMm.base < 8 && fixing.screwed)
    list.push({
      rule: "shell/thin-edge",
      subject: "joints",
      severity: "mind",
      stage: "shell",
      title: "Too thin to screw into",
      sentence: `Screws go into an edge of ${say(box.thicknessMm.base)}.`,
      reason: `A ${site.say(3.5)} screw splits an edge under ${site.say(8)} (trade practice, no source): let the cement carry it, with corner blocks inside.`,
    });
  if (family === "pvcFoam")
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

/** Stuff that its way of joining does not carry, each once. */
function notHeld(site: SheetSite, fixing: Fixing): Snag[] {
  const { box, shell, at } = site;
  const families = [...new Set(Object.values(box.sheets).map((b) => b.family))];
  const carriesAll = (f: Fixing) => families.every((family) => f.carries.includes(family));
  const better = Object.values(FIXINGS).find(carriesAll);
  return families
    .filter((family) => !fixing.carries.includes(family))
    .map((family): Snag => {
      const of = Object.values(box.sheets).find((b) => b.family === family)!;
      return {
        rule: "shell/joint-not-held",
        subject: family,
        severity: "stop",
        stage: "shell",
        title: `${capital(fixing.label)}: no joint for this sheet`,
        sentence: `${shell.joints.length} joints, ${site.sayRun(jointMm(site))}. The sheet: ${of.name}.`,
        reason: fixing.whyNot(family),
        ...(better && {
          fix: {
            label: `Join it with ${better.label}`,
            patch: [set(at("/shell/joints/fixing"), better.id), set(at("/shell/joints/bed"), null)],
          },
        }),
      };
    });
}

/** Sheets no rabbet is cut into. */
const NO_RABBET: readonly Family[] = ["glass", "twinWall", "acrylic", "polycarbonate", "ps"];

function noRabbet({ box, at, variant }: SheetSite): Snag[] {
  const of = Object.values(box.sheets).find((b) => NO_RABBET.includes(b.family));
  if (variant.shell.joints.back !== "rabbeted" || !of) return [];
  return [
    {
      rule: "shell/no-rabbet",
      subject: "back",
      severity: "stop",
      stage: "shell",
      title: "No rabbet goes into this sheet",
      sentence: `The back is let into a rabbet: ${of.name}.`,
      reason: "A rabbet leaves a thin edge: glass and clear sheet crack along it, twin-wall opens.",
      fix: { label: "Inset the back between them", patch: [set(at("/shell/joints/back"), "inset")] },
    },
  ];
}

/** Higher head rails to try, in order. */
export const railFixes = (site: Site, presentMm: number): Fix[] =>
  RAIL_HEIGHTS_MM.filter((mm) => mm > presentMm).map((mm) => ({
    label: presentMm > 0 ? `Make the head rail ${site.say(mm)} high` : `Add a head rail of ${site.say(mm)}`,
    patch: [setMm(site.at("/shell/front/headRail"), mm)],
  }));
