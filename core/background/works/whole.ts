import { CAUTION, RATES } from "../../diary/rates";
import type { Step } from "../../ledgers/ledger";
import { type Need, need } from "../../ledgers/needs";
import type { Site } from "../../ledgers/site";
import { materialsOf } from "../../materials/find";
import { formatNumber } from "../../units/format";
import type { Cover } from "../cover";
import { afterStep, WALL_DOWN, type Work, wallStep } from "./work";

/** Packed clay earth, kg/m³ (HANDBOOK §11: 1600–1900), slips 1900, coir mat and moulded panel from memory. */
const EARTH_KG = 1750;
const SLIP_KG = 1900;
const MAT_KG = 120;
const PANEL_KG = 60;
/** It is packed to two thirds of its loose volume: from memory. */
const EARTH_LOOSE = 1.5;
const EARTH_DRIES_MINUTES = 14 * 1440;
/** Silicone under a mat and under a panel's thick bead, L/m²: from memory. */
const UNDER_MAT = { value: 0.7, low: 0.5, high: 1 } as const;
const UNDER_PANEL = { value: 1.2, low: 0.8, high: 1.8 } as const;
const SLIP_ADHESIVE = { value: 1.5, low: 1, high: 2 } as const;

const SILICONE_SAFE_MINUTES = 168 * 60;

const silicone = (site: Site, { m2, wall }: Cover, rate: typeof UNDER_MAT | typeof UNDER_PANEL): Need =>
  need(
    site.variant.seal.sealant,
    "mL",
    `under ${formatNumber(m2, 2)} m² on the ${wall.face}`,
    m2 * rate.value * 1000,
    m2 * rate.low * 1000,
    m2 * rate.high * 1000,
  );

/** Build-ups that go on whole and take no finish: mat, packed earth, slips, a bought panel. */
export function wholeWork(site: Site, cover: Cover, start: Step["after"]): Work {
  const { wall, m2, rect } = cover;
  const { face } = wall;
  const lying = { posture: WALL_DOWN[face], holdsPosture: true, splittable: false } as const;
  const litres = m2 * wall.depth.value;
  switch (wall.buildUp) {
    case "coirMat": {
      const mat = materialsOf(site.book, "cloth").find((c) => c.form === "coirMat")?.id ?? "coir-mat";
      return {
        parts: [
          {
            ...{ id: `background/${face}/mat`, label: `Coir mat, ${face}`, materialId: mat, kind: "cloth" },
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
          need(mat, "mm2", `the ${face} and its cuttings`, m2 * 1.1e6, m2 * 1e6, m2 * 1.3e6),
          silicone(site, cover, UNDER_MAT),
        ],
        steps: [
          wallStep(face, "mat", start, {
            title: `Coir mat on the ${face}`,
            detail: `${formatNumber(m2, 2)} m², lines of silicone each 50 mm, press all over.`,
            handsOnMinutes: 15 + 25 * m2,
            waitMinutes: 1440,
            waitFor: "the silicone under the mat",
            ...lying,
            toHand: ["mat", "silicone", "board and weights", "gloves"],
            cautions: [CAUTION.siliconeFumes],
            passSign: "No edge lifts.",
          }),
        ],
        kg: (litres * MAT_KG) / 1000,
        safeMinutes: SILICONE_SAFE_MINUTES,
      };
    }
    case "earth":
      return {
        parts: [],
        needs: [
          need(
            "fill-clayearth",
            "mL",
            `packed on the ${face}`,
            litres * 1000 * EARTH_LOOSE,
            litres * 1000 * 1.3,
            litres * 1000 * 1.8,
          ),
        ],
        steps: [
          wallStep(face, "earth", start, {
            title: `Pack earth on the ${face}`,
            detail: `${formatNumber(litres)} L packed, handful by handful, wood and slabs set into it.`,
            handsOnMinutes: 30 + 120 * m2,
            waitMinutes: EARTH_DRIES_MINUTES,
            waitFor: "the earth to dry",
            ...lying,
            toHand: ["clay earth", "water", "tamper"],
            cautions: [CAUTION.lift],
            passSign: "Hard; nothing moves; cracks are filled.",
          }),
        ],
        kg: (litres * EARTH_KG) / 1000,
        safeMinutes: 0,
      };
    case "veneer":
      return {
        parts: [],
        needs: [
          need(
            "slip-adhesive",
            "mL",
            `slips on ${formatNumber(m2, 2)} m² of the ${face}`,
            m2 * SLIP_ADHESIVE.value * 1000,
            m2 * SLIP_ADHESIVE.low * 1000,
            m2 * SLIP_ADHESIVE.high * 1000,
          ),
        ],
        steps: [
          wallStep(face, "slips", start, {
            title: `Slips on the ${face}`,
            detail: "Laid out dry first, from the foot up, spacers in the joints.",
            handsOnMinutes: 30 + 150 * m2,
            waitMinutes: 1440,
            waitFor: "the adhesive",
            ...lying,
            toHand: ["slips", "adhesive", "spacers", "level"],
            cautions: [CAUTION.dust, CAUTION.lift],
            passSign: "Five rows checked level; none sounds hollow.",
          }),
        ],
        kg: (litres * SLIP_KG) / 1000,
        safeMinutes: 7 * 1440,
      };
    default: {
      const steps: Step[] = [];
      for (let third = 1; third <= 3; third++)
        steps.push(
          wallStep(
            face,
            `panel-${third}`,
            third === 1 ? start : afterStep(steps.at(-1), "each third holds before the next"),
            {
              title: `Bed the ${face} panel, third ${third} of 3`,
              detail: "A thick bead, press, a sandbag on it.",
              handsOnMinutes: 15 + RATES.coatPerM2.value * m2,
              waitMinutes: third === 3 ? 1440 : 150,
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
        needs: [need("bought-panel", "piece", `for the ${face}`, 1), silicone(site, cover, UNDER_PANEL)],
        steps,
        kg: (litres * PANEL_KG) / 1000,
        safeMinutes: SILICONE_SAFE_MINUTES,
      };
    }
  }
}
