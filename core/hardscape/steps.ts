import { type Known, memory } from "../figures/figure";
import type { Step } from "../ledgers/ledger";
import { type Need, need } from "../ledgers/needs";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { CAUTION } from "../workshop/cautions";
import { LIFT_KG } from "../workshop/lift";
import { WAITS } from "../workshop/rates";
import { weightOf } from "./mass";
import type { End, Piece } from "./schema";

/** A bed of silicone under a foot or an end, mm thick. From memory. */
const BED_MM: Known = { value: 3, low: 2, high: 4, basis: memory };
/** Placing one piece, minutes. From memory. */
const PLACE_MINUTES: Known = { value: 10, low: 5, high: 20, basis: memory };

const endsOf = (piece: Piece): End[] => (piece.shape === "branch" ? [piece.left, piece.right] : []);

/** Beds of silicone of a piece, mm². */
function bedsMm2(piece: Piece): number {
  if (piece.shape === "block") return piece.hold === "silicone" ? piece.width.value * piece.length.value : 0;
  return endsOf(piece).reduce((sum, e) => sum + (e.hold === "silicone" ? e.bedWidth.value * e.bedHeight.value : 0), 0);
}

/** What holding the pieces takes. */
export function pieceNeeds(site: Site, pieces: readonly Piece[]): Need[] {
  const mm2 = pieces.reduce((sum, p) => sum + bedsMm2(p), 0);
  const mL = (thickMm: number) => (mm2 * thickMm) / 1000;
  return mm2 > 0
    ? [
        need(site.variant.seal.sealant, "mL", "beds under wood and stone", [
          mL(BED_MM.value),
          mL(BED_MM.low!),
          mL(BED_MM.high!),
        ]),
      ]
    : [];
}

/** Held by what no supply counts yet. */
const isUncounted = (piece: Piece): boolean =>
  [piece.shape === "block" ? piece : null, ...endsOf(piece)].some(
    (held) => held?.hold === "foam" || held?.hold === "screwPlate",
  );

/** Whether it goes in before the drainage layer: it stands on the base, or hangs on walls. */
export const goesInFirst = (piece: Piece): boolean =>
  piece.shape === "block" ? piece.on === "base" : ![piece.left, piece.right].some((e) => e.on === "ground");

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
    const glued = list.some((p) => bedsMm2(p) > 0);
    const cut = list.filter((p) => p.cutOut && site.variant.ground.barrier && goesInFirst(p));
    return [
      {
        ...{ id: `hardscape/${id}`, ...common, after },
        title,
        detail: `${list.map((p) => `${p.name}, ${formatNumber(weightOf(p).kg, 1)} kg`).join("; ")}.${
          glued ? " Beds of silicone, propped until they hold." : ""
        }${cut.length > 0 ? ` The barrier is cut out round ${named(cut)} later, its edge turned up.` : ""}${list.some(isUncounted) ? " Foam and screw plates are not counted." : ""}`,
        handsOnMinutes: PLACE_MINUTES.value * list.length,
        waitMinutes: glued ? WAITS.siliconeBeforeWater.value : 0,
        ...(glued && { waitFor: "the silicone", uses: [site.variant.seal.sealant] }),
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
