import { constant, type Figure } from "../figures/figure";
import { fact } from "../ledgers/facts";
import { HOT_GLUE_MINUTES } from "../ledgers/hotGlue";
import { emptyLedger, type Step, type TradeLedger } from "../ledgers/ledger";
import { MASS } from "../ledgers/masses";
import { gatherNeeds } from "../ledgers/needs";
import { BULK } from "../passing/facts";
import { baseOf } from "../shell/base";
import { SIZE_LIMIT_MM } from "../shell/limits";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { CAUTION } from "../workshop/cautions";
import { RATES, WAITS } from "../workshop/rates";
import { runOf } from "./line";
import { BED_MM, dividerNeeds, dividerParts, isSiliconed, seamsMm } from "./parts";
import type { Divider } from "./schema";
import { dividerSnags } from "./snags";
import { dividerMm, holdsBack, madeWords, STUFFS, sheetMaterial, sheetMm } from "./stuffs";

/** What a divider weighs, kg: its layers by their material's density, or by what such stuff weighs. */
function massKg(site: Site, divider: Divider): number {
  const run = runOf(divider, baseOf(site.shell));
  if (!run) return 0;
  return divider.layers.reduce((kg, l) => {
    const m = sheetMaterial(site.book, l);
    const density = m && "densityKgPerM3" in m && m.class !== "mesh" ? m.densityKgPerM3.value : STUFFS[l.of].kgPerM3;
    return kg + (run.lengthMm * divider.height.value * sheetMm(site.book, l) * density) / 1e9;
  }, 0);
}

/** Length, seams and wanted thickness of a divider that stands somewhere. */
function figuresOf(site: Site, divider: Divider): Figure[] {
  const run = runOf(divider, baseOf(site.shell));
  if (!run) return [];
  const id = `dividers/${divider.id}`;
  return [
    {
      ...{ id: `${id}/long`, label: `${divider.name} is cut`, value: run.lengthMm - 2 * BED_MM.value, unit: "mm" },
      ...{ rounding: "down", formula: "from wall to wall − 2 × bed" },
      inputs: [
        { name: "from wall to wall", value: run.lengthMm, unit: "mm" },
        constant("bed at each end", BED_MM, "mm"),
      ],
    },
    {
      ...{ id: `${id}/seams`, label: "Its seams", value: seamsMm(divider, site), unit: "mm" },
      formula: "2 × (foot + two ends): both faces",
      inputs: [
        { name: "foot", value: run.lengthMm, unit: "mm" },
        { name: "each end", value: divider.height.value, unit: "mm" },
      ],
    },
  ];
}

/** Setting a divider: before the test where it keeps water, and in any case before anything is poured. */
function stepsOf(site: Site, divider: Divider): Step[] {
  const run = runOf(divider, baseOf(site.shell));
  if (!run || divider.origin === "found") return [];
  const silicone = isSiliconed(divider);
  const tight = divider.watertight && holdsBack(divider);
  const parts = dividerParts(divider, site);
  const glass = divider.layers.some((l) => l.of === "glass");
  return [
    {
      ...{ id: `dividers/set/${divider.id}`, stage: "ground", title: `Set ${divider.name.toLowerCase()}` },
      detail: `${madeWords(divider)}, ${site.say(run.lengthMm - 2 * BED_MM.value)} × ${site.say(divider.height.value)}; ${
        silicone
          ? "bedded in silicone at its foot and both ends, a bead on both faces, propped until it holds."
          : "its edges keyed and glued hot at its foot and both ends: silicone lets go of this plastic."
      }`,
      handsOnMinutes: RATES.setDam.value + (RATES.beadPerMetre.value * seamsMm(divider, site)) / 1000,
      waitMinutes: silicone ? WAITS.siliconeBeforeWater.value : HOT_GLUE_MINUTES.value,
      waitFor: silicone ? "its beads" : "the glue to set",
      after: [
        { reached: "stands", because: "it stands between the shell's own walls" },
        { reached: "surveyed", because: "it is measured and clean before anything sticks to it" },
        { reached: "sawn", because: "it is cut" },
        { reached: "fetched", because: "it must be there" },
        { reached: "coated", because: "rubber goes on before silicone, not over it" },
      ],
      reaches: tight ? ["sealed", "footed"] : ["footed"],
      uses: [...new Set([...parts.map((p) => p.materialId), ...dividerNeeds(divider, site).map((n) => n.materialId)])],
      splittable: true,
      toHand: silicone ? ["silicone", "masking tape", "props"] : ["glue gun", "sandpaper"],
      cautions: [...(glass ? [CAUTION.glass] : []), ...(silicone ? [CAUTION.siliconeFumes] : [])],
      passSign: "Plumb; no daylight along its foot and ends.",
    },
  ];
}

/** Dividers across the floor: what they are cut from, what holds them, and whether they hold water back. */
function planDividers(site: Site): TradeLedger {
  const { dividers } = site.variant;
  if (dividers.length === 0) return emptyLedger();
  const gathered = gatherNeeds(
    site.book,
    "dividers",
    dividers.flatMap((d) => dividerNeeds(d, site)),
  );
  const kg = dividers.reduce((sum, d) => sum + massKg(site, d), 0);
  return {
    ...emptyLedger(),
    parts: dividers.flatMap((d) => dividerParts(d, site)),
    supplies: gathered.supplies,
    steps: dividers.flatMap((d) => stepsOf(site, d)),
    snags: dividers.flatMap((d, i) => dividerSnags(site, d, site.at(`/dividers/${i}`))),
    figures: [...dividers.flatMap((d) => figuresOf(site, d)), ...gathered.figures],
    facts: [
      ...(kg > 0 ? [fact(MASS, { when: "filled" as const, kg })] : []),
      ...dividers.flatMap((d) => {
        const run = runOf(d, baseOf(site.shell));
        // Mesh is rolled; a board or a pane goes in whole.
        const stiff = d.layers.some((l) => l.of !== "mesh" && l.of !== "foamStone");
        return run && stiff && d.origin === "made"
          ? [
              fact(BULK, {
                ...{ id: d.id, words: d.name, stage: "ground", instead: [] },
                sizesMm: [run.lengthMm, d.height.value, Math.max(1, dividerMm(site.book, d))] as const,
              }),
            ]
          : [];
      }),
    ],
  };
}

export const dividersTrade: Trade = {
  id: "dividers",
  stage: { id: "ground", key: "3", label: "Water & substrate", group: "design" },
  reads: ["dividers", "vessels", "ground", "seal", "shell"],
  needs: [],
  gives: [MASS, BULK],
  check({ dividers }, { between }) {
    dividers.forEach((d, i) => {
      const path = `/dividers/${i}`;
      between(`${path}/height`, d.height, 5, SIZE_LIMIT_MM.high, "A divider");
      for (const side of ["from", "to"] as const)
        if (d.line)
          between(`${path}/line/${side}/at`, d.line[side].at, -SIZE_LIMIT_MM.high, 2 * SIZE_LIMIT_MM.high, "Its end");
    });
  },
  plan: planDividers,
};
