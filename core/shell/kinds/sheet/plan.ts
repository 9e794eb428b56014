import type { Figure } from "../../../figures/figure";
import { type Fact, fact } from "../../../ledgers/facts";
import { bedSupply } from "../../../ledgers/glue";
import { emptyLedger, type Step, type Supply, type TradeLedger } from "../../../ledgers/ledger";
import { findMaterial } from "../../../materials/find";
import { CAUTION } from "../../../workshop/cautions";
import { LIFT_KG } from "../../../workshop/lift";
import { RATES } from "../../../workshop/rates";
import { damBeds, damSnags, damSteps } from "../../dam/plan";
import { behindFrame } from "../../dam/schema";
import { RAIL_SAG } from "../../facts";
import { filletMl } from "../../fillet";
import { shellKg } from "../../shell";
import type { Site } from "../../site";
import { jointMm, railSag, type SheetSite, sheetFigures, sheetSite } from "./figures";
import { railFixes, sheetSnags } from "./snags";

/** Joints, glue and screws, dry fit and assembly of a sheet box. */
export function planSheet(anySite: Site): TradeLedger {
  const site = sheetSite(anySite);
  const figures = sheetFigures(site);
  const own = behindFrame(site.variant.shell);
  return {
    ...emptyLedger(),
    supplies: [...supplies(site), ...damBeds(site, own)],
    steps: [...steps(site), ...damSteps(site, own)],
    snags: [...sheetSnags(site, figures), ...damSnags(site, own, [], "/shell/damPane")],
    figures,
    facts: railFact(site, figures),
  };
}

function adhesiveOf(site: SheetSite) {
  const fixing = site.variant.shell.joints.fixing;
  const id =
    fixing === "cementAndScrews" ? "pvc-cement" : fixing === "adhesiveAndScrews" ? "structural-adhesive" : undefined;
  return id === undefined ? undefined : findMaterial(site.book, id, "adhesive");
}

function supplies(site: SheetSite): Supply[] {
  const list: Supply[] = [];
  const adhesive = adhesiveOf(site);
  if (adhesive) {
    const metres = jointMm(site) / 1000;
    const { value, low = value / 1.25, high = value * 1.25 } = adhesive.mlPerMetre;
    list.push({
      id: "shell/adhesive",
      label: adhesive.name,
      materialId: adhesive.id,
      unit: "mL",
      likely: metres * value,
      low: metres * low,
      high: metres * high,
      why: `${site.sayRun(metres * 1000)} of joints`,
      figure: "shell/joints",
    });
  } else {
    const { seal } = site.variant;
    const mL = filletMl(seal.leg.value, jointMm(site));
    list.push(
      ...bedSupply(site.book, "shell/joint-sealant", seal.sealant, mL, `${site.sayRun(jointMm(site))} of joints`),
    );
  }
  const screws = site.shell.joints.reduce((sum, j) => sum + j.screws, 0);
  if (screws > 0)
    list.push({
      id: "shell/screws",
      label: "Screws",
      materialId: "screws",
      unit: "piece",
      likely: Math.ceil(screws * 1.05),
      low: screws,
      high: Math.ceil(screws * 1.1),
      why: `${screws} holes, and a few lost`,
      figure: "shell/joints",
    });
  return list;
}

function steps(site: SheetSite): Step[] {
  const adhesive = adhesiveOf(site);
  const { shell } = site;
  const heavy = shellKg(shell) > LIFT_KG;
  const screwed = shell.joints.some((j) => j.screws > 0);
  return [
    {
      id: "shell/dry-fit",
      title: "Put the shell together dry",
      detail: "Tape or clamp every panel. Measure both diagonals of the front, mark what is inside, photograph it.",
      stage: "shell",
      handsOnMinutes: 5 * shell.panels.length,
      waitMinutes: 0,
      after: [
        { reached: "sawn", because: "the panels must be cut" },
        { reached: "holesCut", because: "a flat panel is easier to drill than a box" },
      ],
      splittable: true,
      toHand: ["tape", "square", "clamps or tape"],
      cautions: heavy ? [CAUTION.lift] : [],
      passSign: `Diagonals of the front agree within ${site.say(2)}; no gap a card slips into.`,
    },
    {
      id: "shell/glue",
      title: site.variant.shell.joints.fixing === "siliconeOnly" ? "Join the panels" : "Glue and screw the joints",
      detail: `${shell.joints.length} joints, ${site.sayRun(jointMm(site))}. Back and base first, then sides, top, front strips last.`,
      stage: "shell",
      handsOnMinutes: (RATES.jointPerMetre.value * jointMm(site)) / 1000,
      waitMinutes: adhesive?.cureMinutes.value ?? 1440,
      waitFor: "the joints to carry load",
      after: [{ id: "shell/dry-fit", because: "what does not fit dry does not fit wet" }],
      reaches: ["stands"],
      uses: [adhesive?.id ?? site.variant.seal.sealant, ...(screwed ? ["screws"] : [])],
      posture: "onBack",
      holdsPosture: true,
      splittable: true,
      toHand: [adhesive?.name ?? "sealant", ...(screwed ? ["screws", "driver", `${site.say(2.5)} drill`] : [])],
      cautions: [CAUTION.solventFumes, ...(heavy ? [CAUTION.lift] : [])],
      passSign: "Nothing creaks when a corner is lifted.",
      figure: "shell/joints",
    },
  ];
}

/** How far the head rail comes down on the doors under it. */
function railFact(site: SheetSite, figures: Figure[]): Fact[] {
  const sag = railSag(figures);
  if (!sag) return [];
  const { headRail } = site.variant.shell.front;
  return [fact(RAIL_SAG, { sagMm: sag.value, figure: sag.id, fixes: railFixes(site, headRail?.value ?? 0) })];
}
