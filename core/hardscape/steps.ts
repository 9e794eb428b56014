import { constant, type Known, memory } from "../figures/figure";
import type { Step } from "../ledgers/ledger";
import { type Need, need } from "../ledgers/needs";
import { materialsOf } from "../materials/find";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { CAUTION } from "../workshop/cautions";
import { LIFT_KG } from "../workshop/lift";
import { WAITS } from "../workshop/rates";
import { weightOf } from "./mass";
import type { Hold } from "./names";
import type { Piece } from "./schema";
import { shapeOf } from "./shapes/list";

/** A bed of silicone under a foot or an end, mm thick. From memory. */
const BED_MM: Known = { value: 3, low: 2, high: 4, basis: memory };
/** Placing one piece, minutes. From memory. */
const PLACE_MINUTES: Known = { value: 10, low: 5, high: 20, basis: memory };

/** A bed of foam under an end, mm thick; and the plate of the book with its screws. From memory. */
const FOAM_BED_MM: Known = { value: 20, low: 12, high: 30, basis: memory };
const PLATE = "screw-plate";
/** What a piece of each stuff is in the book. */
const BOUGHT: Record<Piece["of"], string> = { wood: "wood-piece", cork: "cork-piece", stone: "stone-piece" };

/** Beds of a piece's ends, or of its foot, that are held one way, mm². */
const heldMm2 = (piece: Piece, hold: Hold): number[] =>
  shapeOf(piece)
    .rests(piece)
    .flatMap((r) => (r.hold === hold ? [r.bedMm2] : []));

/** What holding the pieces takes, and the pieces themselves where they are bought. */
export function pieceNeeds(site: Site, pieces: readonly Piece[]): Need[] {
  const all = (hold: Hold) => pieces.flatMap((p) => heldMm2(p, hold));
  const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
  const mL = (mm2: number, { value, low, high }: Known) => [value, low!, high!].map((mm) => (mm2 * mm) / 1000);
  const plates = all("screwPlate");
  // A plate is siliconed to its pane or wall.
  const [beds, bedsLow, bedsHigh] = mL(sum(all("silicone")) + sum(plates), BED_MM);
  const [foamed, foamedLow, foamedHigh] = mL(sum(all("foam")), FOAM_BED_MM);
  const foam = materialsOf(site.book, "foam").find((f) => f.grade === "foamPond");
  const grams = (l: number) => (foam ? l / foam.mlPerGram.value : 0);
  return [
    need(
      site.variant.seal.sealant,
      "mL",
      "beds under wood and stone",
      [beds!, bedsLow!, bedsHigh!],
      [constant("bed, thick", BED_MM, "mm")],
    ),
    need(PLATE, "piece", "plates that wood is screwed to", [plates.length, plates.length, plates.length]),
    ...(foam
      ? [
          need(
            foam.id,
            "g",
            "beds of foam under wood",
            [grams(foamed!), grams(foamedLow!), grams(foamedHigh!)],
            [constant("bed, thick", FOAM_BED_MM, "mm")],
          ),
        ]
      : []),
    ...pieces.flatMap((p) => (p.got === "bought" ? [need(BOUGHT[p.of], "piece", p.name, [1, 1, 1])] : [])),
  ];
}

/** Materials that setting some of the pieces uses. */
const usesOf = (site: Site, pieces: readonly Piece[]): string[] =>
  pieceNeeds(site, pieces).flatMap((n) => (n.likely > 0 ? [n.materialId] : []));

/** Whether it goes in before the drainage layer: it stands on the base, or hangs on walls. */
export const goesInFirst = (piece: Piece): boolean =>
  !shapeOf(piece)
    .rests(piece)
    .some((r) => r.on === "ground");

/** The plates an end is screwed to, each as large as its bed. */
function plateWords({ say }: Site, list: readonly Piece[]): string {
  const plates = list.flatMap((p) =>
    shapeOf(p)
      .rests(p)
      .flatMap(({ hold, bedMm }) =>
        hold === "screwPlate" ? [`${p.name}: a plate of ${bedMm.map((mm) => say(mm)).join(" × ")}`] : [],
      ),
  );
  return plates.length > 0 ? ` ${plates.join("; ")}, siliconed on first, the wood screwed to it.` : "";
}

const named = (list: readonly Piece[]) => list.map((p) => p.name).join(", ");

/** Laying it all out dry, and setting it: what stands on the base first, what stands on the substrate after that. */
export function pieceSteps(site: Site, pieces: readonly Piece[]): Step[] {
  if (pieces.length === 0) return [];
  const heavy = pieces.some((p) => weightOf(p).highKg > LIFT_KG);
  const common = { stage: "ground", splittable: true } as const;
  const setting = (
    id: string,
    title: string,
    list: readonly Piece[],
    after: Step["after"],
    reaches: Step["reaches"],
  ): Step[] => {
    if (list.length === 0) return [];
    const glued = list.some((p) => [...heldMm2(p, "silicone"), ...heldMm2(p, "screwPlate")].length > 0);
    const cut = list.filter(
      (p) => p.cutOut && site.variant.ground.layers.some((l) => l.kind === "barrier") && goesInFirst(p),
    );
    return [
      {
        ...{ id: `hardscape/${id}`, ...common, after },
        title,
        detail: `${list.map((p) => `${p.name}, ${formatNumber(weightOf(p).kg, 1)} kg`).join("; ")}.${
          glued ? " Beds of silicone, propped until they hold." : ""
        }${cut.length > 0 ? ` The barrier is slit crosswise over ${named(cut)} later, its flaps turned up.` : ""}${plateWords(site, list)}`,
        handsOnMinutes: PLACE_MINUTES.value * list.length,
        waitMinutes: glued ? WAITS.siliconeBeforeWater.value : 0,
        ...(glued && { waitFor: "the silicone" }),
        uses: usesOf(site, list),
        ...(reaches && { reaches }),
        toHand: ["the photographs", ...(glued ? ["silicone", "props"] : [])],
        cautions: [...(heavy ? [CAUTION.lift] : []), ...(glued ? [CAUTION.siliconeFumes] : [])],
        passSign: "Nothing rocks, rolls or shifts by hand, pushed at its top.",
      },
    ];
  };
  const bare: Step["after"] = [
    { id: "hardscape/dry-fit", because: "it is laid out dry and photographed first" },
    { reached: "stands", because: "the shell must stand" },
    { reached: "waterTested", because: "a leak under a stone is found too late" },
    { reached: "lampsLaid", because: "lamps are planned before what is basked on is fixed" },
    { reached: "wallsUp", because: "it stands before the walls as they are finished" },
    { reached: "fetched", because: "what it is bedded in must be there" },
  ];
  return [
    {
      ...{ id: "hardscape/dry-fit", ...common },
      title: "Lay it all out dry, and photograph it",
      detail: `${named(pieces)}: in the bare shell, from the front, from above and from both sides, before it is taken out again.`,
      handsOnMinutes: PLACE_MINUTES.value * pieces.length,
      waitMinutes: 0,
      after: [{ reached: "stands", because: "it is tried in the shell itself" }],
      toHand: ["camera", "the pieces"],
      cautions: heavy ? [CAUTION.lift] : [],
      passSign: "Everything goes in through the opening, and a hand reaches round it.",
    },
    ...setting("base", "Set what stands on the base", pieces.filter(goesInFirst), bare, ["footed"]),
    ...setting(
      "ground",
      "Set what stands on the substrate",
      pieces.filter((p) => !goesInFirst(p)),
      [...bare, { reached: "substrateIn", because: "it stands on the substrate" }],
      undefined,
    ),
  ];
}
