import { constant, type Known, memory, practice } from "../../figures/figure";
import type { Step } from "../../ledgers/ledger";
import { type Need, need, spread } from "../../ledgers/needs";
import { materialsOf } from "../../materials/find";
import { lyingOn } from "../../shell/flat";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import type { Cover } from "../cover";
import { afterStep, massOf, stepId, WALL_DOWN, type Work, wallStep } from "./work";

/** Lines of silicone under a mat lie this far apart (trade practice). */
const SILICONE_EVERY_MM = 50;

const k = (value: number, low: number, high: number, basis: Known["basis"] = memory): Known => ({
  ...{ value, low, high, basis },
});
/** Packed clay earth and slips, kg/m³ (source: rates-and-materials); coir mat and moulded panel beside them. */
const EARTH_KG = k(1750, 1600, 1900);
const SLIP_KG = k(1900, 1800, 2000);
const MAT_KG = k(120, 90, 160);
const PANEL_KG = k(60, 30, 120);
/** Loose earth for a volume as it is packed. */
const EARTH_LOOSE = k(1.5, 1.3, 1.8);
const EARTH_DRIES = k(14 * 1440, 7 * 1440, 28 * 1440);
/** A third of a panel holds after two to three hours under its weight. */
const THIRD_HOLDS = k(150, 120, 180, practice);
/** Silicone under a mat and under a panel's thick bead, adhesive under slips, L/m². */
const UNDER_MAT = k(0.7, 0.5, 1);
const UNDER_PANEL = k(1.2, 0.8, 1.8);
const UNDER_SLIPS = k(1.5, 1, 2);
/** What is cut off a mat. */
const MAT_WASTE = k(1.1, 1, 1.3);
const A_DAY = 1440;
/** Until silicone and adhesive are safe for animals (trade practice). */
const SAFE_MINUTES = 168 * 60;

const glued = (materialId: string, { m2, wall }: Cover, rate: Known, name: string): Need =>
  need(materialId, "mL", `under ${formatNumber(m2, 2)} m² on the ${wall.face}`, spread(m2 * 1000, rate), [
    constant(name, rate, "L/m²"),
  ]);

/** Build-ups that go on whole and take no finish: mat, packed earth, slips, a bought panel. */
export function wholeWork(site: Site, cover: Cover, start: Step["after"]): Work {
  const { id, wall, m2, rect } = cover;
  const { face } = wall;
  const lying = { ...lyingOn(site.shell.faces[face], WALL_DOWN[face]), splittable: false };
  const litres = m2 * wall.depth.value;
  switch (wall.buildUp) {
    case "coirMat": {
      const mat = materialsOf(site.book, "cloth").find((c) => c.form === "coirMat")?.id ?? "coir-mat";
      return {
        parts: [
          {
            ...{ id: stepId(id, "mat"), label: `Coir mat, ${face}`, materialId: mat, kind: "cloth" },
            ...{
              lengthMm: rect.widthMm,
              widthMm: rect.heightMm,
              thicknessMm: wall.depth.value,
              qty: 1,
              grainLocked: false,
            },
            working: { length: "the wall's width", width: "over the bare strip" },
          },
        ],
        needs: [
          need(mat, "mm2", `the ${face} and its cuttings`, spread(m2 * 1e6, MAT_WASTE), [
            constant("with what is cut off", MAT_WASTE, "×"),
          ]),
          glued(site.variant.seal.sealant, cover, UNDER_MAT, "silicone under a mat"),
        ],
        steps: [
          wallStep(cover, "mat", start, {
            short: `coir mat on the ${face}`,
            uses: [mat, site.variant.seal.sealant],
            title: `Coir mat on the ${face}`,
            detail: `${formatNumber(m2, 2)} m², lines of silicone each ${site.say(SILICONE_EVERY_MM)}, press all over.`,
            handsOnMinutes: 15 + 25 * m2,
            waitMinutes: A_DAY,
            waitFor: "the silicone under the mat",
            ...lying,
            toHand: ["mat", "silicone", "board and weights", "gloves"],
            cautions: [CAUTION.siliconeFumes],
            passSign: "No edge lifts.",
          }),
        ],
        masses: [massOf("coir mat", litres, MAT_KG)],
        safeMinutes: SAFE_MINUTES,
      };
    }
    case "earth":
      return {
        parts: [],
        needs: [
          need("fill-clayearth", "mL", `packed on the ${face}`, spread(litres * 1000, EARTH_LOOSE), [
            constant("loose for packed", EARTH_LOOSE, "×"),
          ]),
        ],
        steps: [
          wallStep(cover, "earth", start, {
            short: `pack earth on the ${face}`,
            uses: ["fill-clayearth"],
            title: `Pack earth on the ${face}`,
            detail: `${formatNumber(litres)} L packed, handful by handful, wood and slabs set into it.`,
            handsOnMinutes: 30 + 120 * m2,
            waitMinutes: EARTH_DRIES.value,
            waitFor: "the earth to dry",
            ...lying,
            toHand: ["clay earth", "water", "tamper"],
            cautions: [CAUTION.lift],
            passSign: "Hard; nothing moves; cracks are filled.",
          }),
        ],
        masses: [massOf("packed earth", litres, EARTH_KG)],
        safeMinutes: 0,
      };
    case "veneer":
      return {
        parts: [],
        needs: [glued("slip-adhesive", cover, UNDER_SLIPS, "adhesive under slips")],
        steps: [
          wallStep(cover, "slips", start, {
            short: `slips on the ${face}`,
            uses: ["slip-adhesive"],
            title: `Slips on the ${face}`,
            detail: "Laid out dry first, from the foot up, spacers in the joints.",
            handsOnMinutes: 30 + 150 * m2,
            waitMinutes: A_DAY,
            waitFor: "the adhesive",
            ...lying,
            toHand: ["slips", "adhesive", "spacers", "level"],
            cautions: [CAUTION.dust, CAUTION.lift],
            passSign: "Five rows checked level; none sounds hollow.",
          }),
        ],
        masses: [massOf("slips", litres, SLIP_KG)],
        safeMinutes: SAFE_MINUTES,
      };
    default: {
      const steps: Step[] = [];
      for (let third = 1; third <= 3; third++)
        steps.push(
          wallStep(
            cover,
            `panel-${third}`,
            third === 1 ? start : afterStep(steps.at(-1), "each third holds before the next"),
            {
              short: `bed the ${face} panel`,
              uses: ["bought-panel", site.variant.seal.sealant],
              title: `Bed the ${face} panel, third ${third} of 3`,
              detail: "A thick bead, press, a sandbag on it.",
              handsOnMinutes: 15 + RATES.coatPerM2.value * m2,
              work: "coat",
              waitMinutes: third === 3 ? A_DAY : THIRD_HOLDS.value,
              waitFor: third === 3 ? "the silicone to cure" : "this third to hold",
              ...lying,
              toHand: ["silicone", "sandbag", "gloves"],
              cautions: [CAUTION.siliconeFumes],
              passSign: "No lift at the edges.",
            },
          ),
        );
      return {
        parts: [],
        needs: [
          need("bought-panel", "piece", `for the ${face}`, [1]),
          glued(site.variant.seal.sealant, cover, UNDER_PANEL, "silicone under a panel"),
        ],
        steps,
        masses: [massOf("panel", litres, PANEL_KG)],
        safeMinutes: SAFE_MINUTES,
      };
    }
  }
}
