import type { Figure } from "../../../figures/figure";
import { type Fact, fact } from "../../../ledgers/facts";
import { emptyLedger, type Step, type Supply, type TradeLedger, type Wait } from "../../../ledgers/ledger";
import { gatherNeeds } from "../../../ledgers/needs";
import { edgesOf } from "../../../materials/edges";
import { CAUTION } from "../../../workshop/cautions";
import { LIFT_KG } from "../../../workshop/lift";
import { RATES } from "../../../workshop/rates";
import { damBeds, damSnags, damSteps } from "../../dam/plan";
import { behindFrame } from "../../dam/schema";
import { RAIL_SAG } from "../../facts";
import { FIXINGS, type Fixing } from "../../fixings/list";
import { shellKg } from "../../shell";
import type { Site } from "../../site";
import { SQUARE_MM } from "../../square";
import { jointMm, railSag, type SheetSite, sheetFigures, sheetSite } from "./figures";
import { railFixes, sheetSnags } from "./snags";

/** Joints, glue and screws, dry fit and assembly of a sheet box. */
export function planSheet(anySite: Site): TradeLedger {
  const site = sheetSite(anySite);
  const figures = sheetFigures(site);
  const joints = gatherNeeds(site.book, "shell", jointNeeds(site));
  const own = behindFrame(site.variant.shell);
  return {
    ...emptyLedger(),
    supplies: [...joints.supplies, ...screwSupply(site), ...damBeds(site, own)],
    steps: [...edgeSteps(site), ...steps(site), ...damSteps(site, own)],
    snags: [...sheetSnags(site, figures), ...damSnags(site, own, [], "/shell/damPane")],
    figures: [...figures, ...joints.figures],
    facts: railFact(site, figures),
  };
}

/** Sealant, glue or profiles in the joints. */
const jointNeeds = (site: SheetSite) => {
  const mm = jointMm(site);
  return fixingOf(site).takes({
    ...{ book: site.book, sealant: site.variant.seal.sealant, lengthMm: mm },
    ...{ edgeMm: site.box.thicknessMm.left, bedMm: site.box.bedMm },
    why: `${site.sayRun(mm)} of joints`,
  });
};

const fixingOf = (site: SheetSite): Fixing => FIXINGS[site.variant.shell.joints.fixing];

function screwSupply(site: SheetSite): Supply[] {
  const screws = site.shell.joints.reduce((sum, j) => sum + j.screws, 0);
  if (screws === 0) return [];
  return [
    {
      ...{ id: "shell/screws", label: "Screws", materialId: "screws", unit: "piece" },
      ...{ likely: Math.ceil(screws * 1.05), low: screws, high: Math.ceil(screws * 1.1) },
      ...{ why: `${screws} holes, and a few lost`, figure: "shell/joints" },
    },
  ];
}

/** Panes come cut: nothing is done with them before they are there. */
const ordered: Wait = { reached: "fetched", because: "panes come cut to size" };

/** Edges scraped or closed and the film peeled, once for all panels. */
function edgeSteps(site: SheetSite): Step[] {
  const kinds = [...new Set(Object.values(site.box.sheets).map((b) => edgesOf(b.family)))].filter(
    (e) => e !== undefined,
  );
  if (kinds.length === 0) return [];
  const film = kinds.some((e) => e.film);
  const metres = pieces(site).reduce((sum, p) => sum + (2 * (p.lengthMm + p.widthMm)) / 1000, 0);
  return [
    {
      id: "shell/edges",
      title: film ? "Dress the edges, peel the film" : "Dress the edges",
      detail: [
        ...kinds.map((e) => e.words),
        ...(film
          ? [
              "Peel the inside's film, and the outside's a finger's breadth back from each joint; the rest stays on until it stands.",
            ]
          : []),
      ].join(" "),
      stage: "shell",
      handsOnMinutes: metres * RATES.dressEdgePerMetre.value,
      work: "edge",
      waitMinutes: 0,
      after: [
        { reached: "sawn", because: "an edge is dressed once it is cut" },
        { reached: "holesCut", because: "holes are drilled with the film on" },
        ...(orderedOf(site).length > 0 ? [ordered] : []),
      ],
      splittable: true,
      toHand: ["scraper or knife", "fine file", "gloves"],
      cautions: [CAUTION.blade],
      passSign: film ? "A fingernail catches on no edge; no film under a joint." : "A fingernail catches on no edge.",
    },
  ];
}

/** Glass that its own panels are of. */
const orderedOf = ({ box }: SheetSite): string[] => [
  ...new Set(Object.values(box.sheets).flatMap((b) => (b.ordered ? [b.id] : []))),
];

/** Its own panels: those that are sawn, and those that come cut. A pane behind the front frame is none of them. */
const pieces = (site: SheetSite) => {
  const ordered = orderedOf(site);
  return [...site.shell.panels, ...site.shell.glassPanes.filter((p) => ordered.includes(p.materialId))];
};

function steps(site: SheetSite): Step[] {
  const { shell } = site;
  const heavy = shellKg(shell) > LIFT_KG;
  const fixing = fixingOf(site);
  const screwed = shell.joints.some((j) => j.screws > 0);
  return [
    {
      id: "shell/dry-fit",
      title: "Put the shell together dry",
      detail: "Tape or clamp every panel. Measure both diagonals of the front, mark what is inside, photograph it.",
      stage: "shell",
      handsOnMinutes: 5 * pieces(site).length,
      waitMinutes: 0,
      after: [
        { reached: "sawn", because: "the panels must be cut" },
        { reached: "holesCut", because: "a flat panel is easier to drill than a box" },
        ...(orderedOf(site).length > 0 ? [ordered] : []),
        { id: "shell/edges", because: "a burr keeps a joint open" },
      ],
      uses: orderedOf(site),
      splittable: true,
      toHand: ["tape", "square", "clamps or tape"],
      cautions: heavy ? [CAUTION.lift] : [],
      passSign: `Diagonals of the front agree within ${site.say(SQUARE_MM)}; no gap a card slips into.`,
    },
    {
      id: "shell/glue",
      title: fixing.title,
      detail: `${shell.joints.length} joints, ${site.sayRun(jointMm(site))}. ${fixing.detail}`,
      stage: "shell",
      handsOnMinutes: (RATES.jointPerMetre.value * jointMm(site)) / 1000,
      work: "joint",
      waitMinutes: fixing.cureMinutes(site.book),
      waitFor: "the joints to carry load",
      after: [{ id: "shell/dry-fit", because: "what does not fit dry does not fit wet" }],
      reaches: ["stands"],
      uses: [...jointNeeds(site).map((n) => n.materialId), ...(screwed ? ["screws"] : [])],
      posture: "onBack",
      holdsPosture: true,
      splittable: true,
      toHand: [...fixing.toHand, ...(screwed ? ["screws", "driver", `${site.say(2.5)} drill`] : [])],
      cautions: [...fixing.cautions, ...(heavy ? [CAUTION.lift] : [])],
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
