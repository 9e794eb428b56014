import { constant, type Known, memory, practice } from "../../figures/figure";
import { LINE_ML, SPILT } from "../../ledgers/glue";
import { HOT_GLUE, HOT_GLUE_MINUTES, STICK_MM } from "../../ledgers/hotGlue";
import { type Need, need, spread } from "../../ledgers/needs";
import { type Family, isOlefin, isWood } from "../../materials/face";
import { findMaterial, materialName } from "../../materials/find";
import type { Book } from "../../materials/schema";
import type { Applied } from "../../seal/bonds/names";
import { CAUTION } from "../../workshop/cautions";
import type { FixingId } from "./names";

/** All joints of a box, and what may lie in them. */
export interface Jointed {
  book: Book;
  /** The sealant of the design. */
  sealant: string;
  /** All joints together, how wide their edges are, and what lies between an edge and the face it meets, mm. */
  lengthMm: number;
  edgeMm: number;
  bedMm: number;
  /** What it is for, in words. */
  why: string;
}

/** A way to hold panels together. Everything that knows it is here. */
export interface Fixing {
  id: FixingId;
  /** As it is chosen: `cement, screws`. */
  label: string;
  /** What it is in the table of bonds. */
  applied: Applied;
  screwed: boolean;
  /** What lies between an edge and the panel it meets, and is taken off the panel between two others; none for a close joint. */
  bedMm: Known | null;
  /** What it carries a joint of; anything else it only seals, or not even that. */
  carries: readonly Family[];
  /** Why not, of what it does not carry. */
  whyNot: (family: Family) => string;
  /** As the joining step is called, and what it says after the lengths. */
  title: string;
  detail: string;
  takes: (joints: Jointed) => Need[];
  /** Until the joints carry load, minutes. */
  cureMinutes: (book: Book) => number;
  toHand: readonly string[];
  cautions: readonly string[];
}

const DAY_MINUTES = 1440;
/** A bed of silicone between edge and face: thinner tears as the panes move, thicker sags while it is wet. From memory. */
const BED: Known = { value: 1.5, low: 1, high: 3, basis: memory };
/** The web of a corner profile. From memory. */
const WEB: Known = { value: 1.5, low: 1, high: 2, basis: memory };
/** Profiles cut to length leave ends. Common practice, no source. */
const PROFILE_WASTE: Known = { value: 1.1, low: 1.03, high: 1.2, basis: practice };

const glue = (id: string) => ({
  takes: ({ book, lengthMm, why }: Jointed): Need[] => {
    const line = findMaterial(book, id, "adhesive")?.mlPerMetre ?? LINE_ML;
    return [
      need(id, "mL", why, spread(lengthMm / 1000, { low: line.value / 1.25, high: line.value * 1.25, ...line }), [
        constant(`${materialName(book, id)} runs`, line, "mL/m"),
      ]),
    ];
  },
  cureMinutes: (book: Book) => findMaterial(book, id, "adhesive")?.cureMinutes.value ?? DAY_MINUTES,
});

const OLEFIN_WORDS = "Nothing bonds polyethylene or polypropylene for good.";

/** Every way, the commonest first. Each is one entry here, and its id in `names.ts`. */
export const FIXINGS: Readonly<Record<FixingId, Fixing>> = {
  cementAndScrews: {
    ...{ id: "cementAndScrews", label: "PVC cement, screws", applied: "pvcCement", screwed: true, bedMm: null },
    carries: ["pvcFoam"],
    whyNot: () => "Solvent cement welds PVC to PVC; on anything else it only dries.",
    ...{ title: "Glue and screw the joints", detail: "Back and base first, then sides, top, front strips last." },
    ...glue("pvc-cement"),
    ...{ toHand: ["PVC cement"], cautions: [CAUTION.solventFumes] },
  },
  adhesiveAndScrews: {
    ...{ id: "adhesiveAndScrews", label: "structural adhesive, screws", applied: "constructionAdhesive" },
    ...{ screwed: true, bedMm: null },
    carries: ["pvcFoam", "plywood", "timber", "chipboard", "mdf", "hdpe"],
    whyNot: (family) =>
      family === "glass"
        ? "Nobody screws into glass."
        : family === "twinWall"
          ? `${OLEFIN_WORDS} A screw tears out of its thin walls.`
          : "A screw in the edge of a clear sheet cracks it, and the glue's solvent crazes it.",
    ...{ title: "Glue and screw the joints", detail: "Back and base first, then sides, top, front strips last." },
    ...glue("structural-adhesive"),
    ...{ toHand: ["structural adhesive"], cautions: [CAUTION.solventFumes] },
  },
  weld: {
    ...{ id: "weld", label: "welded with solvent", applied: "acrylicCement", screwed: false, bedMm: null },
    carries: ["acrylic", "polycarbonate", "ps"],
    whyNot: (family) =>
      isOlefin(family) ? `No solvent softens it. ${OLEFIN_WORDS}` : "Acrylic cement welds clear plastics only.",
    title: "Weld the joints",
    detail:
      "Edges square and scraped, never polished with a flame first. Taped up dry, the cement run into each joint by its needle; base and back first.",
    ...glue("acrylic-cement"),
    toHand: ["acrylic cement", "needle bottle", "tape", "square"],
    cautions: [CAUTION.solventFumes, "A drip crazes what it falls on, and a bent or heated sheet cracks under it."],
  },
  siliconeOnly: {
    ...{ id: "siliconeOnly", label: "a bed of silicone", applied: "silicone", screwed: false, bedMm: BED },
    carries: ["glass"],
    whyNot: (family) =>
      isOlefin(family)
        ? "Silicone does not hold polypropylene and polyethylene: it peels off in one piece."
        : family === "pvcFoam"
          ? "Silicone is weak on PVC: it seals the seam, cement and screws hold the joint."
          : isWood(family)
            ? "Silicone is a seal; a structural adhesive and screws hold the joint."
            : "Silicone is weak on clear plastics: it seals, a weld holds the joint.",
    title: "Bed the joints in silicone",
    detail: "Spacers keep the bed even; taped and propped square until it holds. Base and back first.",
    takes: ({ sealant, lengthMm, edgeMm, bedMm, why }) => [
      need(sealant, "mL", why, spread((lengthMm * edgeMm * bedMm) / 1000, SPILT), [
        { name: "bed", value: bedMm, unit: "mm" },
        constant("squeezed out, times", SPILT, "×"),
      ]),
    ],
    cureMinutes: () => DAY_MINUTES,
    toHand: ["silicone", "spacers", "masking tape", "square"],
    cautions: [CAUTION.siliconeFumes],
  },
  hotGlue: {
    ...{ id: "hotGlue", label: "hot glue, keyed", applied: "hotGlue", screwed: false, bedMm: null },
    carries: ["twinWall"],
    whyNot: () => "Hot glue is for light things that stay cool and dry.",
    title: "Glue the joints hot",
    detail:
      "Edges keyed with coarse paper, dry and cool, the open flutes filled as they are closed. A bead inside and one outside.",
    takes: ({ lengthMm, why }) => [
      // Inside and outside.
      need(
        HOT_GLUE,
        "piece",
        why,
        [(2 * lengthMm) / STICK_MM.value, (2 * lengthMm) / STICK_MM.high!, (2 * lengthMm) / STICK_MM.low!],
        [constant("a stick runs", STICK_MM, "mm")],
      ),
    ],
    cureMinutes: () => HOT_GLUE_MINUTES.value,
    toHand: ["hot glue gun", "coarse paper"],
    cautions: ["Hot glue burns: wait before you press."],
  },
  edgeProfiles: {
    ...{ id: "edgeProfiles", label: "corner profiles", applied: "hotGlue", screwed: false, bedMm: WEB },
    carries: ["twinWall", "acrylic", "polycarbonate", "ps", "glass"],
    whyNot: () => "Corner profiles are made for thin sheet: glue and screws hold this one.",
    title: "Join the panels in corner profiles",
    detail: "Profiles cut to length and mitred, pressed on dry, then pinned with a drop of hot glue at each end.",
    takes: ({ lengthMm, why }) => [
      need("corner-profile", "mm", why, spread(lengthMm, PROFILE_WASTE), [
        constant("cut to length, times", PROFILE_WASTE, "×"),
      ]),
    ],
    cureMinutes: () => HOT_GLUE_MINUTES.value,
    toHand: ["corner profiles", "fine saw", "hot glue gun"],
    cautions: ["Hot glue burns: wait before you press."],
  },
};
