import type { Figure } from "../figures/figure";
import { type Facts, fact } from "../ledgers/facts";
import { setMm } from "../ledgers/fix";
import { HOT_GLUE_MINUTES } from "../ledgers/hotGlue";
import { emptyLedger, type Step, type TradeLedger } from "../ledgers/ledger";
import { gatherNeeds } from "../ledgers/needs";
import { TO_REACH } from "../ledgers/toReach";
import { BULK, type Bulk } from "../passing/facts";
import { SIZE_LIMIT_MM } from "../shell/limits";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { CAUTION } from "../workshop/cautions";
import { RATES, WAITS } from "../workshop/rates";
import { boxNeeds, boxParts, boxSeamsMm } from "./parts";
import type { ServiceBox } from "./schema";
import { boxHighMm, boxInsideM2 } from "./sizes";
import { boxSnags } from "./snags";

/** Shares of its height that a box which does not pass could be cut down to, the tallest first. */
const LOWER = [0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3] as const;

function bulkOf(site: Site, box: ServiceBox, path: string): Bulk {
  const high = boxHighMm(site.shell, box);
  const sizes = (mm: number) => [box.width.value, box.length.value, mm] as const;
  return {
    ...{ id: box.id, words: box.name, stage: "ground", sizesMm: sizes(high) },
    instead: LOWER.map((share) => {
      const mm = Math.floor(high * share);
      return {
        sizesMm: sizes(mm),
        fix: { label: `Make it ${site.say(mm)} high, with its own cover`, patch: [setMm(`${path}/height`, mm)] },
      };
    }),
  };
}

const stepsOf = (site: Site, box: ServiceBox): Step[] => {
  if (box.origin === "found") return [];
  const high = boxHighMm(site.shell, box);
  const twin = box.of === "twinWall";
  const silicone = box.held === "silicone";
  return [
    {
      ...{ id: `boxes/set/${box.id}`, stage: "ground", title: `Make and set ${box.name.toLowerCase()}` },
      detail: `${site.say(box.width.value)} × ${site.say(box.length.value)}, ${site.say(high)} high${box.height ? "" : ", flush under the lid"}. ${
        silicone ? "Siliconed at its foot and corners." : "Edges keyed, glued hot at its foot and corners."
      }${twin ? " Open flutes closed with glue: small animals live in them." : ""}${box.foot ? ` A window ${site.say(box.foot.height.value)} high at its foot, its screen glued inside.` : ""}${box.hose ? ` A hole of ${site.say(box.hose.value)} for its hose, near the top.` : ""}${box.cover === "lifts" ? " Its cover lifts off without a tool." : ""}`,
      handsOnMinutes:
        RATES.cutEach.value * boxParts(box, site).length + (RATES.beadPerMetre.value * boxSeamsMm(box, site)) / 1000,
      waitMinutes: silicone ? WAITS.siliconeBeforeWater.value : HOT_GLUE_MINUTES.value,
      waitFor: silicone ? "its beads" : "the glue to set",
      after: [
        { reached: "stands", because: "it stands on the base" },
        { reached: "sawn", because: "its sides are cut" },
        { reached: "fetched", because: "it must be there" },
        { reached: "waterTested", because: "a leak under it is found too late" },
      ],
      reaches: ["footed"],
      uses: [
        ...new Set([...boxParts(box, site).map((p) => p.materialId), ...boxNeeds(box, site).map((n) => n.materialId)]),
      ],
      splittable: true,
      toHand: silicone ? ["silicone", "knife"] : ["glue gun", "sandpaper", "knife"],
      cautions: [CAUTION.blade, ...(silicone ? [CAUTION.siliconeFumes] : []), ...(box.foot ? [CAUTION.mesh] : [])],
      passSign: "The lid shuts over it; its cover lifts, and the pump comes out by it.",
    },
  ];
};

const figuresOf = (site: Site, box: ServiceBox): Figure[] => [
  {
    ...{ id: `boxes/${box.id}/high`, label: `${box.name} is high`, value: boxHighMm(site.shell, box), unit: "mm" },
    ...{ rounding: "down", formula: box.height ? "as typed" : "flush: base to the lid's underside" },
    inputs: [{ name: "inside height", value: site.shell.levels.topMm, unit: "mm" }],
  },
  {
    ...{ id: `boxes/${box.id}/litres`, label: "It holds, flooded", unit: "L" },
    value: box.foot ? boxInsideM2(site.shell, site.book, box) * site.shell.levels.waterMm : 0,
    formula: "inside × water line, where water comes in at its foot",
    inputs: [
      { name: "inside", value: boxInsideM2(site.shell, site.book, box), unit: "m²" },
      { name: "water line", value: site.shell.levels.waterMm, unit: "mm" },
    ],
  },
];

/** Boxes on the floor for what must be reached: what they are cut from, what holds them, and whether they go in. */
function planBoxes(site: Site, facts: Facts): TradeLedger {
  const { boxes } = site.variant;
  if (boxes.length === 0) return emptyLedger();
  const toReach = facts.all(TO_REACH).flat();
  const gathered = gatherNeeds(
    site.book,
    "boxes",
    boxes.flatMap((b) => boxNeeds(b, site)),
  );
  return {
    ...emptyLedger(),
    parts: boxes.flatMap((b) => boxParts(b, site)),
    supplies: gathered.supplies,
    steps: boxes.flatMap((b) => stepsOf(site, b)),
    snags: boxes.flatMap((b, i) => boxSnags(site, b, site.at(`/boxes/${i}`), toReach)),
    figures: [...boxes.flatMap((b) => figuresOf(site, b)), ...gathered.figures],
    facts: boxes.flatMap((b, i) => (b.origin === "made" ? [fact(BULK, bulkOf(site, b, site.at(`/boxes/${i}`)))] : [])),
  };
}

export const boxesTrade: Trade = {
  id: "boxes",
  stage: { id: "ground", key: "3", label: "Water & substrate", group: "design" },
  reads: ["boxes", "seal", "ground", "shell"],
  needs: [TO_REACH],
  gives: [BULK],
  check({ boxes }, { between }) {
    boxes.forEach((box, i) => {
      const path = `/boxes/${i}`;
      between(`${path}/width`, box.width, 20, SIZE_LIMIT_MM.high, "A box's width");
      between(`${path}/length`, box.length, 20, SIZE_LIMIT_MM.high, "A box, front to back,");
      between(`${path}/height`, box.height, 20, SIZE_LIMIT_MM.high, "A box's height");
      between(`${path}/foot/height`, box.foot?.height ?? null, 5, 300, "Its window");
      between(`${path}/hose`, box.hose, 2, 100, "Its hole");
    });
  },
  plan: (site, { facts }) => planBoxes(site, facts),
};
