import { type Basis, memory, practice } from "../../figures/figure";
import type { Applied, Surface } from "./names";

/** Whether one thing holds on another, in that order. */
export type Holding = "holds" | "holdsIf" | "risky" | "never" | "unknown";
/** What a surface must be first for a `holdsIf` to hold; anything else stays a condition in words. */
export type Need = "keyed" | "dry";

/** One cell, or several alike, of the table: direction matters. */
export interface Bond {
  /** Its row in docs/trade-coverage.md, or what it adds to them. */
  row: string;
  on: readonly Surface[];
  put: readonly Applied[];
  holding: Holding;
  reason: string;
  /** What makes it hold, or what to do instead. */
  cure?: string;
  needs?: Need;
  basis: Basis;
}

const GLUES = [
  "silicone",
  "siliconeFibre",
  "puGlue",
  "puGlueFibre",
  "sprayGlue",
  "sprayGlueFibre",
  "constructionAdhesive",
  "hotGlue",
  "epoxy",
  "cyanoacrylate",
] as const satisfies Applied[];
const PAINTS = [
  "rubberSpray",
  "rubberBrush",
  "varnish",
  "waterproofer",
  "mortar",
  "grout",
] as const satisfies Applied[];
const FOAMS = ["foamPond", "foamBuilding"] as const satisfies Applied[];
const PLAIN_OLEFINS = ["pe", "pp", "hdpe"] as const satisfies Surface[];

const bond = (
  row: string,
  put: Applied | readonly Applied[],
  on: Surface | readonly Surface[],
  holding: Holding,
  reason: string,
  more: { cure?: string; needs?: Need; basis?: Basis } = {},
): Bond => ({
  row,
  put: typeof put === "string" ? [put] : put,
  on: typeof on === "string" ? [on] : on,
  holding,
  reason,
  basis: more.basis ?? practice,
  ...(more.cure && { cure: more.cure }),
  ...(more.needs && { needs: more.needs }),
});

/**
 * What holds on what. The rows of docs/trade-coverage.md (`B1.1` and on), then what else is known (source: sealing). The
 * first row that names a pair decides, so the particular stands before the general. Trade practice without a source
 * unless marked.
 */
export const BONDS: readonly Bond[] = [
  bond(
    "B1.1",
    ["rubberSpray", "rubberBrush"],
    ["curedSilicone", "roughSilicone"],
    "never",
    "Rubber coat does not grip cured silicone and peels.",
    {
      cure: "Coat first, then run the silicone over the coat.",
    },
  ),
  bond("B1.2", "silicone", "rubber", "holds", "Silicone grips a cured rubber coat; edges and beads go on top."),
  bond("B1.3", ["rubberSpray", "rubberBrush"], "pvcFoam", "holdsIf", "PVC sheet is too smooth as it comes.", {
    needs: "keyed",
    cure: "Sand to a dull key, wipe the dust, mask the frame.",
  }),
  bond("B1.4", ["rubberSpray", "rubberBrush"], "rubber", "holds", "It re-coats on itself, a layer later."),
  bond(
    "B1.5",
    ["constructionAdhesive", "slips"],
    "rubber",
    "holdsIf",
    "It holds brick slips and fittings; what load it bears was not tried.",
    {
      cure: "Try the load on scrap; carry what is heavy on something else.",
    },
  ),
  bond(
    "B1.6",
    FOAMS,
    ["glass", "outerGlass"],
    "risky",
    "Foam lets go of bare glass along an edge; builders trust the black grade more than the yellow.",
    {
      cure: "Rough silicone dabs under it, cured three days, or a safety bead round the rim afterwards.",
    },
  ),
  bond("B1.7", FOAMS, "roughSilicone", "holds", "A spiky texture cured three days or more carries it."),
  bond("B1.8", FOAMS, "rubber", "holds", "Foam held on coated metal and glass; cork is hard to start on it."),
  bond("B1.9", FOAMS, "coirMat", "holds", "Good on pitted EPS with a coir lining, where the pits do not go through."),
  bond("B1.10", FOAMS, "driftwood", "holds", "Foam grips dry wood.", { cure: "Keep the wood dry until it has set." }),
  bond("B1.11", "silicone", "foamSkin", "never", "Silicone does not grip the glossy skin.", {
    cure: "Take the skin off until bubbles show everywhere.",
  }),
  bond("B1.12", [...GLUES, ...PAINTS, "putty"], "foamSkin", "risky", "Nothing keeps well on the glossy skin.", {
    cure: "Take the skin off until bubbles show everywhere.",
  }),
  bond("B1.13", "siliconeFibre", "carvedFoam", "holdsIf", "Good where the fibre is bone dry.", {
    needs: "dry",
    cure: "Dry the fibre until it runs free; damp fibre skins the silicone before it grips.",
  }),
  bond(
    "B1.14",
    ["silicone", "siliconeFibre"],
    "dampFibre",
    "never",
    "The damp cures the silicone before it grips, and the coat sheds.",
    {
      cure: "Dry the fibre first, or use PU glue, which takes damp fibre.",
    },
  ),
  bond(
    "B1.15",
    ["puGlue", "puGlueFibre"],
    ["dampFibre", "carvedFoam"],
    "holds",
    "PU glue takes damp fibre; it swells, so press bubbles back every few minutes.",
  ),
  bond(
    "B1.16",
    ["sprayGlue", "sprayGlueFibre"],
    ["carvedFoam", "dryFibre"],
    "holds",
    "It sets in 10 to 15 minutes and carries a thicker coat than silicone; unproven over years.",
  ),
  bond(
    "B1.17",
    "waterproofer",
    ["carvedFoam", "foamSkin"],
    "holds",
    "Strong in two thin coats; a first coat laid thick runs.",
  ),
  bond("B1.18", "siliconeFibre", "waterproofed", "holdsIf", "Works on a coat that is dry.", {
    needs: "dry",
    cure: "Let the coat dry through first.",
  }),
  bond("B1.19", ["mortar", "grout"], ["xps", "psFoam"], "holdsIf", "Strong on textured board, poorer on smooth.", {
    needs: "keyed",
    cure: "Roughen it, and prime with a thin first coat.",
  }),
  bond("B1.20", ["mortar", "grout"], "tankFrame", "never", "It stains a black frame for good.", {
    cure: "Mask the frame.",
  }),
  bond("B1.21", "grout", "carvedFoam", "holds", "Works, then wants varnish or a sealer."),
  bond("B1.22", "puGlue", ["xps", "psFoam"], "holds", "Firm, with pins or weights while it sets."),
  bond("B1.23", "cyanoacrylate", ["psFoam", "xps"], "risky", "A gel grade worked, clamped; many grades dissolve EPS.", {
    cure: "Foam-safe grade only, tried on scrap.",
  }),
  bond("B1.24", "silicone", "mouldedPanel", "holdsIf", "An uneven back wants a thick bead and weight.", {
    cure: "In stages, weighted two to three hours each.",
  }),
  bond("B1.25", "hotGlue", "wetStone", "never", "Hot glue lets go of a wet or warm face.", { cure: "Dry it first." }),
  bond(
    "B1.25",
    "hotGlue",
    ["pe", "pp", "stone", "glassPipe", "mesh", "ps"],
    "holdsIf",
    "Quick, for light things; it lets go of PE and PP with time and warmth.",
    {
      needs: "dry",
      cure: "Dry and cool; screw or bolt what must stay.",
    },
  ),
  bond("B1.26", "stone", "wetSilicone", "risky", "A stone slides while the silicone is wet.", {
    cure: "Prop or hold it until it has set.",
  }),
  bond(
    "B1.27",
    "liner",
    ["plywood", "chipboard"],
    "holdsIf",
    "Tarpaulin on wood wants thick silicone at the rim; it shows through.",
    { cure: "Thick silicone or tape at the rim, folds uncut." },
  ),
  bond("B1.28", "moss", ["driftwood", "cork", "plywood"], "holds", "Cyanoacrylate on dry wood; safe when dry."),
  bond(
    "B1.28",
    "cyanoacrylate",
    ["driftwood", "cork", "plywood"],
    "holdsIf",
    "Holds moss and air plants on dry wood.",
    { needs: "dry", cure: "Dry the wood first; air it before animals." },
  ),
  bond(
    "B1.29",
    "gypsum",
    ["pe", "pp", "ps", "hdpe"],
    "risky",
    "Gypsum does not stick to a plastic tub; it stands keyed only.",
    { cure: "Undercuts, ribs or screws it can set round." },
  ),
  bond("B1.30", "earth", ["glass", "plywood"], "holds", "Clayey earth dries hard on it; heavy and slow."),
  bond(
    "B1.31",
    "coirMat",
    "glass",
    "holdsIf",
    "Aquarium silicone carries the mat; heavy wood wants a screw plate behind.",
    { cure: "Screw plates siliconed to the glass for wood." },
  ),
  bond("B1.32", "suctionCup", ["glass", "acrylic"], "risky", "Suction cups let go.", {
    cure: "Wet them, and bring a second way to hold it.",
  }),
  bond("B1.33", "film", "outerGlass", "holds", "Good with soap film or disinfectant under it while it is laid."),
  bond("B1.34", "tape", "mesh", "risky", "For now only, until the silicone is on; never tape inside where animals go."),
  bond("B1.35", "dye", "rubberWet", "holdsIf", "It mixes in; whether the colour lasts is not known.", {
    cure: "Try a swatch, wet and dry.",
  }),

  bond(
    "more: nothing on silicone",
    "silicone",
    ["curedSilicone", "roughSilicone"],
    "risky",
    "New silicone keeps on old only where that is clean and fresh.",
    {
      cure: "Cut the old bead out, clean the glass, run a new one.",
    },
  ),
  bond(
    "more: nothing on silicone",
    [...GLUES.filter((g) => g !== "silicone"), ...PAINTS, "putty", "liner", "coirMat", "slips"],
    ["curedSilicone", "roughSilicone"],
    "never",
    "Nothing but silicone sticks to cured silicone.",
    { cure: "Do this before the silicone, or cut the silicone out." },
  ),
  bond(
    "more: PE and PP",
    [...GLUES, ...PAINTS, "putty", ...FOAMS, "polyester"],
    PLAIN_OLEFINS,
    "never",
    "Nothing bonds polyethylene or polypropylene for good.",
    {
      cure: "Screw, bolt or weld it, or gasket it mechanically.",
    },
  ),
  bond(
    "more: silicone",
    "silicone",
    ["glass", "outerGlass"],
    "holds",
    "The bond aquaria are built on, on clean glass.",
  ),
  bond(
    "more: silicone",
    "silicone",
    "metal",
    "holdsIf",
    "Holds on degreased metal; acetic cure corrodes copper, galvanised and mirror backs.",
    { needs: "keyed", cure: "Degrease and key; neutral cure on what corrodes." },
  ),
  bond("more: silicone", "silicone", "galvanised", "risky", "Acetic cure eats the zinc under the bead.", {
    cure: "Neutral-cure silicone, or rubber coat first.",
  }),
  bond(
    "more: silicone",
    "silicone",
    ["acrylic", "polycarbonate", "ps", "pvcFoam"],
    "holdsIf",
    "Weak on clear plastics and PVC: it seals, it does not carry.",
    { needs: "keyed", cure: "Key and degrease; cement and screws carry the load." },
  ),
  bond(
    "more: silicone",
    "silicone",
    ["plywood", "chipboard"],
    "risky",
    "On raw wood it lifts as the wood moves and drinks.",
    { cure: "Seal the wood first." },
  ),
  bond("more: silicone", "silicone", ["varnished", "epoxied"], "holdsIf", "Sealed wood takes a bead.", {
    needs: "keyed",
    cure: "Let the coat cure, and dull its gloss.",
  }),
  bond("more: silicone", "silicone", "carvedFoam", "holds", "Grips where bubbles are open.", { basis: memory }),
  bond("more: silicone", "siliconeFibre", "dryFibre", "holds", "Dry fibre takes it."),
  bond(
    "more: rubber",
    ["rubberSpray", "rubberBrush"],
    ["metal", "galvanised"],
    "holdsIf",
    "On degreased, dulled metal.",
    {
      needs: "keyed",
      cure: "Degrease, dull with a pad, dry.",
    },
  ),
  bond("more: rubber", ["rubberSpray", "rubberBrush"], ["glass", "outerGlass"], "holds", "Thin coats on clean glass."),
  bond(
    "more: rubber",
    ["rubberSpray", "rubberBrush"],
    ["plywood", "chipboard"],
    "holdsIf",
    "On dry, sanded wood, two or three coats.",
    { needs: "keyed", cure: "Sand, dust off, dry throughout." },
  ),
  bond(
    "more: solvents",
    ["rubberSpray", "polyester"],
    ["psFoam", "xps"],
    "never",
    "Its solvent eats polystyrene foam.",
    {
      cure: "Brush-on water-based rubber, or epoxy without solvent, tried on scrap.",
    },
  ),
  bond(
    "more: solvents",
    ["acrylicCement", "pvcCement"],
    ["psFoam", "xps"],
    "never",
    "Solvent cement melts polystyrene foam.",
    { cure: "PU glue." },
  ),
  bond(
    "more: solvents",
    "pvcCement",
    ["ps", "acrylic", "polycarbonate"],
    "never",
    "It crazes clear plastics and does not weld them.",
    {
      cure: "Acrylic cement, tried on scrap.",
      basis: memory,
    },
  ),
  bond("more: solvents", "pvcCement", "pvcFoam", "holds", "PVC cement with screws along the seam is the joint."),
  bond("more: solvents", "acrylicCement", "acrylic", "holds", "Welds acrylic to itself.", { basis: memory }),
  bond(
    "more: solvents",
    "acrylicCement",
    ["polycarbonate", "ps"],
    "holdsIf",
    "A thin cement welds it fast, and crazes what is bent, warm or freshly drilled.",
    { cure: "Edges stress-free, a scrap tried first.", basis: memory },
  ),
  bond(
    "more: solvents",
    ["rubberSpray", "sprayGlue", "sprayGlueFibre", "constructionAdhesive", "cyanoacrylate", "polyester"],
    ["acrylic", "polycarbonate", "ps"],
    "risky",
    "Its solvent crazes clear plastic where that is under stress, weeks later too.",
    { cure: "Solvent-free stuff, or a scrap bent and coated for a week.", basis: memory },
  ),
  bond(
    "more: varnish",
    "varnish",
    ["plywood", "chipboard"],
    "holdsIf",
    "On sanded dry wood, three coats and more; not for standing water alone.",
    { needs: "keyed", cure: "Sand between coats." },
  ),
  bond(
    "more: varnish",
    "varnish",
    ["varnished", "mortared"],
    "holds",
    "It re-coats on itself, and seals mortar and grout.",
  ),
  bond(
    "more: resin",
    "epoxy",
    ["plywood", "chipboard", "carvedFoam", "epoxied", "metal"],
    "holdsIf",
    "On keyed, dry faces; the second coat while the first is tacky.",
    { needs: "keyed", cure: "Sand, dust off; mask and gloves." },
  ),
  bond("more: hot glue", "hotGlue", "dampFibre", "never", "Hot glue lets go of a wet face.", { cure: "Dry it first." }),
  bond("more: mortar", ["mortar", "grout"], "mortared", "holds", "Three coats, thin first, 24 to 36 h between."),
  bond("more: waterproofer", "waterproofer", "waterproofed", "holds", "Two coats or more, thin."),
  bond("more: foam", FOAMS, ["foamSkin", "carvedFoam"], "holds", "The next lift grips the last once it has set.", {
    basis: memory,
  }),
];
