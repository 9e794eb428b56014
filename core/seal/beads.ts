import { constant, type Figure, from } from "../figures/figure";
import type { Supply } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import { filletMl, HOLLOW_DEPTH, HOLLOW_SHARE } from "../shell/fillet";
import type { Seam } from "../shell/shell";
import type { Site } from "../shell/site";
import { WAITS } from "../workshop/rates";
import { bondOf } from "./bonds/judge";
import { SURFACE_OF } from "./stack/surfaceOf";

/** The seams this plan runs a bead along. */
export function sealedSeams(site: Site): Seam[] {
  return wantedSeams(site).filter((s) => !isUnheld(site, s));
}

/** The seams chosen for a bead, whether it holds there or not. */
function wantedSeams({ shell, variant }: Site): Seam[] {
  const { seams } = variant.seal;
  if (seams === "none") return [];
  return seams === "all" ? shell.seams : shell.seams.filter((s) => s.wet);
}

/** Whether silicone lets go of a face that meets in a seam. */
const isUnheld = ({ shell }: Site, { between = [] }: Seam): boolean =>
  between.some((face) => {
    const surface = SURFACE_OF[shell.faces[face].material.family];
    return surface !== undefined && bondOf("silicone", surface).holding === "never";
  });

/** Seams chosen for a bead that silicone lets go of: none is run there. */
export const unheldSeams = (site: Site): Seam[] => wantedSeams(site).filter((s) => isUnheld(site, s));

/** The sealant the beads are of. */
export const sealantOf = (site: Site) => findMaterial(site.book, site.variant.seal.sealant, "sealant")!;

/** Length, volume and cure of the beads; none without a seam. */
export function sealFigures(site: Site): Figure[] {
  const seams = sealedSeams(site);
  if (seams.length === 0) return [];
  const sealant = sealantOf(site);
  const legMm = site.variant.seal.leg.value;
  const lengthMm = seams.reduce((sum, s) => sum + s.lengthMm, 0);
  const length: Figure = {
    id: "seal/length",
    label: "Seams to bead",
    value: lengthMm,
    unit: "mm",
    formula: "Σ inner seams chosen",
    inputs: seams.map((s) => ({ name: s.label, value: s.lengthMm, unit: "mm" })),
  };
  const netMl = filletMl(legMm, lengthMm);
  const { value: waste, low = waste, high = waste } = sealant.waste;
  const cureDays = Math.max(1, (HOLLOW_DEPTH * legMm) / (sealant.cureMmPerDay.low ?? sealant.cureMmPerDay.value));
  return [
    length,
    {
      id: "seal/volume",
      label: "Sealant",
      value: netMl * (1 + waste),
      low: netMl * (1 + low),
      high: netMl * (1 + high),
      unit: "mL",
      formula: "(1 − π/4) · leg² · length · (1 + waste), a bead tooled hollow",
      inputs: [
        from(length),
        { name: "leg", value: legMm, unit: "mm" },
        {
          name: "share of leg² that is filled, 1 − π/4",
          value: HOLLOW_SHARE,
          unit: "",
        },
        constant("waste", sealant.waste, ""),
      ],
    },
    {
      id: "seal/cure",
      label: "Cure before water",
      value: cureDays * 1440,
      unit: "min",
      formula: "the longer of 24 h and (√2 − 1) · leg ÷ cure depth a day",
      inputs: [
        { name: "leg", value: legMm, unit: "mm" },
        constant("cure depth a day", sealant.cureMmPerDay, "mm"),
        {
          name: "slowest cure depth a day",
          value: sealant.cureMmPerDay.low ?? sealant.cureMmPerDay.value,
          unit: "mm",
        },
        constant("least wait", WAITS.siliconeBeforeWater, "min"),
      ],
    },
  ];
}

/** The sealant they take. */
export function sealSupplies(site: Site, figures: Figure[]): Supply[] {
  const volume = figures.find((f) => f.id === "seal/volume");
  const length = figures.find((f) => f.id === "seal/length");
  if (!volume || !length) return [];
  const sealant = sealantOf(site);
  return [
    {
      id: "seal/sealant",
      label: sealant.name,
      materialId: sealant.id,
      unit: "mL",
      likely: volume.value,
      low: volume.low!,
      high: volume.high!,
      why: `${site.sayRun(length.value)} of bead, leg ${site.say(site.variant.seal.leg.value)}`,
      figure: volume.id,
    },
  ];
}
