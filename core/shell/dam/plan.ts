import { set } from "../../ledgers/fix";
import { bedSupply } from "../../ledgers/glue";
import type { Snag, Step, Supply } from "../../ledgers/ledger";
import { OWN_PANES } from "../../materials/ownPanes";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import type { Site } from "../site";
import { orderedPane } from "./create";
import { BED_MM, damLengthMm } from "./lay";
import type { Dam, DamAndFloor } from "./schema";
import { type Shelf, stuffOf } from "./stuff";

/** What a dam's bed of sealant is; its beads are seams of the shell, sealed with the others. */
const usesOf = (source: Dam["source"], sealant: string): string[] => [
  ...(source.of === "bought" ? [source.material] : source.of === "cutShelf" ? [OWN_PANES] : []),
  sealant,
];

/** Setting the dam, and bedding the second floor it stands on. */
export function damSteps({ variant, say }: Site, { dam, floor }: DamAndFloor): Step[] {
  const { sealant } = variant.seal;
  const bed = (of: {
    id: string;
    title: string;
    detail: string;
    source: Dam["source"];
    after: Step["after"];
  }): Step => ({
    ...{ id: of.id, title: of.title, detail: of.detail },
    stage: "shell",
    handsOnMinutes: RATES.setDam.value,
    waitMinutes: 1440,
    waitFor: "the bed to hold",
    after: [
      { id: "shell/survey", because: "it is cut to the inside as measured" },
      { reached: "sawn", because: "it must be cut" },
      { id: "shell/cut-shelves", because: "it is cut from a shelf" },
      { id: "shell/glue", because: "the box it stands in must stand" },
      { id: "shell/put-up", because: "the box it stands in must stand" },
      ...of.after,
    ],
    reaches: ["stands"],
    uses: usesOf(of.source, sealant),
    posture: "upright",
    holdsPosture: true,
    splittable: false,
    toHand: ["silicone", "spacers", "masking tape", "square"],
    cautions: [CAUTION.siliconeFumes, CAUTION.glass],
    passSign: "It does not move under a thumb, and stands square.",
  });
  return [
    ...(floor
      ? [
          bed({
            ...{ id: "shell/bed-floor", title: "Bed the second floor on the base", source: floor.source, after: [] },
            detail: `Laid in silicone without a void under it, ${say(BED_MM)} clear all round for its bead.`,
          }),
        ]
      : []),
    ...(dam
      ? [
          bed({
            ...{ id: "shell/set-dam", title: "Set the dam across the front", source: dam.source },
            detail: `${damWords(dam)} on edge between the sides, ${say(BED_MM)} clear at foot and ends for the bed; propped until it holds. Its foot and both ends are beads of their own.`,
            after: floor ? [{ id: "shell/bed-floor", because: "it stands on the second floor" }] : [],
          }),
        ]
      : []),
  ];
}

/** A second floor lies on a film of sealant this thick, mm. From memory. */
const FILM_MM = 1.5;

/** The sealant a dam's foot and ends stand in, and what a second floor lies on. */
export function damBeds({ shell, variant, book }: Site, { dam, floor }: DamAndFloor): Supply[] {
  const { sealant } = variant.seal;
  const strip = shell.strips.find((s) => s.role === "dam");
  const damMl = strip ? ((strip.widthMm + 2 * strip.heightMm) * BED_MM * strip.material.thicknessMm) / 1000 : 0;
  const floorMl = (shell.inside.widthMm * shell.inside.depthMm * FILM_MM) / 1000;
  return [
    ...(dam ? bedSupply(book, "shell/dam-bed", sealant, damMl, "under the dam's foot and at its ends") : []),
    ...(floor ? bedSupply(book, "shell/floor-bed", sealant, floorMl, "under the second floor") : []),
  ];
}

const damWords = ({ source }: Dam): string =>
  source.of === "bought" ? "The dam" : `${source.shelf}${source.of === "cutShelf" ? ", cut," : ""}`;

/** Ends wider than this a bead does not bridge, mm (common practice, no source). */
const WIDEST_BED_MM = 6;

/** A dam that does not reach from side to side, or is cut of what must not be. */
export function damSnags(
  site: Site,
  { dam, floor }: DamAndFloor,
  shelves: readonly Shelf[],
  damPath = "/shell/dam",
): Snag[] {
  const { shell, book, say, at } = site;
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage">) => list.push({ stage: "shell", ...snag });
  for (const [what, path, source] of [
    ["dam", damPath, dam?.source],
    ["second floor", "/shell/floor", floor?.source],
  ] as const) {
    const stuff = source && stuffOf(source, shelves, book);
    if (stuff?.of === "cutShelf" && stuff.material.family === "temperedGlass")
      add({
        rule: "shell/tempered-shelf",
        subject: what,
        severity: "stop",
        title: `${stuff.shelf.name} cannot be cut`,
        sentence: `The ${what} is cut of it, and it is tempered: under a cutter it shatters whole.`,
        reason: "Tempered glass is never cut or drilled. Take it whole, or order a pane.",
        fix: {
          label: "Order a pane instead",
          patch: [set(at(`${path}/source`), orderedPane())],
        },
      });
    if (stuff && ["chipboard", "mdf"].includes(stuff.material.family))
      add({
        rule: "shell/board-dam-swells",
        subject: what,
        severity: "mind",
        title: `The ${what} swells when it is wet`,
        sentence: `${stuff.material.name} under wet substrate: it swells once and for good.`,
        reason: "Coat it on both faces and every edge before it is set, or take glass.",
        fix: {
          label: "Order a pane instead",
          patch: [set(at(`${path}/source`), orderedPane())],
        },
      });
  }
  const stuff = dam && stuffOf(dam.source, shelves, book);
  if (!dam || !stuff) return list;
  const end = (shell.inside.widthMm - damLengthMm(dam, stuff, shell.inside)) / 2;
  if (end > WIDEST_BED_MM)
    add({
      rule: "shell/short-dam",
      subject: "dam",
      severity: "stop",
      title: "The dam does not reach from side to side",
      sentence: `It leaves ${say(end)} at each end; a bead bridges ${say(WIDEST_BED_MM)} at most.`,
      reason: "Silicone across a wide gap has nothing to hang on: it leaks, or tears.",
      fix: {
        label: "Order a pane that reaches",
        patch: [set(at(`${damPath}/source`), orderedPane()), set(at(`${damPath}/length`), null)],
      },
    });
  return list;
}
