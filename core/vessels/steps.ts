import { constant, type Known, memory } from "../figures/figure";
import type { Step } from "../ledgers/ledger";
import { type Need, need } from "../ledgers/needs";
import { materialsOf } from "../materials/find";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { CAUTION } from "../workshop/cautions";
import { CONDITIONER_ML_PER_L } from "./figures";
import { VESSEL_OF } from "./kinds";
import type { AnyVessel, Vessel } from "./schema";
import { highMm, surfaceM2 } from "./sizes";
import { poolsOf, vesselsOf } from "./split";
import { vesselLitres } from "./water";

/** The bottle of the book. */
export const CONDITIONER = "fill-conditioner";

/** What must be over before water is let in. */
const DRY_SHELL: Step["after"] = [
  { reached: "stands", because: "the shell must stand" },
  { reached: "airedOut", because: "fumes come out of a bare shell, not out of water" },
  { reached: "waterTested", because: "a leak under substrate is found too late" },
  { reached: "substrateIn", because: "land stands before water is let in" },
];
/** A coat of sealer in a vessel waits a week before animals drink from it. From memory. */
const COAT_MINUTES: Known = { value: 7 * 1440, low: 3 * 1440, high: 14 * 1440, basis: memory };

/** A coat in a vessel, setting one, filling a pool: minutes of work. From memory. */
const COAT_EACH: Known = { value: 15, low: 8, high: 25, basis: memory };
const SET_EACH: Known = { value: 10, low: 5, high: 20, basis: memory };
const FILL_EACH: Known = { value: 25, low: 15, high: 45, basis: memory };

/** A brush-on coat of the book that water may stand on. */
const sealerOf = ({ book }: Pick<Site, "book">) => materialsOf(book, "coat").find((c) => c.form === "rubberBrush");
/** Inside of a vessel that is coated, m². */
const insideM2 = (x: Vessel): number =>
  surfaceM2(x) + (2 * (x.width.value + x.length.value) * x.depth.value * (x.round ? Math.PI / 4 : 1)) / 1e6;
const coated = (vessels: readonly AnyVessel[]) => vesselsOf(vessels).filter((x) => (x.coats?.value ?? 0) > 0);

/** Sealer and conditioner. @param litres all that is filled from the tap */
export function vesselNeeds(site: Site, litres: number): Need[] {
  const sealer = sealerOf(site);
  const dose = CONDITIONER_ML_PER_L;
  return [
    ...(sealer
      ? coated(site.variant.vessels).map((x) => {
          const mL = (insideM2(x) * x.coats!.value * 1000) / sealer.m2PerLitre.value;
          const { value, low = value, high = value } = sealer.waste;
          return need(
            sealer.id,
            "mL",
            `${x.name}, sealed inside`,
            [mL * (1 + value), mL * (1 + low), mL * (1 + high)],
            [constant("a litre covers", sealer.m2PerLitre, "m²"), constant("lost in pot and brush", sealer.waste, "")],
          );
        })
      : []),
    ...(litres > 0
      ? [
          need(
            CONDITIONER,
            "mL",
            "tap water",
            [litres * dose.value, litres * dose.low, litres * dose.high],
            [constant("dose for chlorine and chloramine", dose, "mL/L")],
          ),
        ]
      : []),
  ];
}

/** Sealing vessels, setting them, and filling pools. */
export function vesselSteps(site: Site, litres: number): Step[] {
  const { vessels } = site.variant;
  const own = vesselsOf(vessels);
  const pools = poolsOf(vessels);
  const sealed = coated(vessels);
  const sealer = sealerOf(site);
  const tap = litres > 0 ? [CONDITIONER] : [];
  const steps: Step[] = [];
  const common = { stage: "ground", splittable: true, toHand: [], cautions: [], waitMinutes: 0 };
  if (sealed.length > 0 && sealer)
    steps.push({
      ...common,
      ...{ id: "vessels/seal", title: `Seal ${sealed.map((x) => x.name).join(", ")} inside` },
      detail: `Keyed and degreased; ${sealed.map((x) => `${formatNumber(x.coats!.value)} coats in ${x.name}`).join(", ")}, each dry before the next.`,
      handsOnMinutes: COAT_EACH.value * sealed.reduce((n, x) => n + x.coats!.value, 0),
      ...{ waitMinutes: COAT_MINUTES.value, waitFor: "the coats to be through", uses: [sealer.id] },
      after: [{ reached: "fetched", because: "the vessel must be there" }],
      ...{ toHand: ["brush", "sandpaper"], cautions: [CAUTION.siliconeFumes] },
      passSign: "No mark of the nail, no smell with your nose in it.",
    });
  if (own.length > 0)
    steps.push({
      ...common,
      ...{ id: "vessels/set", title: `Set ${own.map((x) => x.name).join(", ")}` },
      detail: own.map((x) => setWords(site, x)).join(" "),
      uses: tap,
      handsOnMinutes: SET_EACH.value * own.length,
      after: [
        { reached: "substrateIn", because: "it stands in the substrate" },
        { reached: "footed", because: "heavy things are set first" },
        { id: "vessels/seal", because: "its coats are through before it gets wet" },
      ],
      toHand: ["spirit level"],
      passSign: "Level, its rim clear of moss and substrate; a finger finds no edge.",
    });
  if (pools.length > 0)
    steps.push({
      ...common,
      ...{ id: "vessels/fill", title: pools.length === 1 ? "Fill the pool" : "Fill the pools", uses: tap },
      detail: "Tap water with conditioner: standing does not take chloramine out. Tannins colour it; that is harmless.",
      handsOnMinutes: FILL_EACH.value * pools.length,
      ...{ waitMinutes: 1440, waitFor: "debris to settle" },
      reaches: ["waterIn"],
      after: [...DRY_SHELL, { reached: "footed", because: "stones stand before water is let in" }],
      ...{ toHand: ["jug"], cautions: [CAUTION.waterPower], figure: `vessels/${pools[0]!.id}/litres` },
      passSign: "The water stands below the substrate; what falls in gets out.",
    });
  return steps;
}

const setWords = ({ say }: Site, x: Vessel): string =>
  `${x.name}: ${VESSEL_OF[x.of].words}, ${say(highMm(x))} high, its rim ${say(x.rim.value)} over the substrate; ${formatNumber(vesselLitres(x), 2)} L.`;
