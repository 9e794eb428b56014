import { SAFETY_SPLITS, type SafetySplit } from "../design/names";
import { meshOf } from "../features/feature";
import type { Facts } from "../ledgers/facts";
import type { Snag } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import type { Site } from "../shell/site";
import { METAL_INSIDE, SPLIT_MET, type SplitMet } from "./facts";
import { judgedStacks } from "./stack/snags";

/** A split between careful builders: the question, what each side does, and what decides (docs/trade-coverage.md, A). */
export interface Split {
  question: string;
  schools: readonly { id: string; says: string }[];
  decides: string;
}

export const SPLITS: Record<SafetySplit, Split> = {
  aerosolInside: {
    question: "Rubberised sealant: may the aerosol be used inside?",
    schools: [
      { id: "brushOnly", says: "Brush-on only: it is animal-safe, the aerosol is not" },
      { id: "spray", says: "Spray and stack thin coats on every inner face" },
    ],
    decides: "the product's data sheet, its cure time, whether an animal touches it or it lies behind foam",
  },
  siliconeGrade: {
    question: "Which grade of silicone?",
    schools: [
      { id: "aquarium", says: "Aquarium grade only" },
      { id: "pure", says: "Any pure silicone without mould additive" },
    ],
    decides: "a label free of biocide, and the smell while it cures",
  },
  metalInTheWet: {
    question: "Metal in the wet zone?",
    schools: [
      { id: "never", says: "No metal mesh or wire where it is wet" },
      { id: "stainless", says: "Stainless, or wire coated in plastic" },
    ],
    decides: "alloy, how long it stands in water, its coating",
  },
  zinc: {
    question: "Zinc?",
    schools: [
      { id: "seal", says: "Seal it: it may leach" },
      { id: "use", says: "Use it for pins: it does not rust" },
    ],
    decides: "contact with water, and whether an animal drinks there",
  },
  mineralAdditives: {
    question: "Mineral additives in the substrate?",
    schools: [
      { id: "none", says: "No perlite, no fertiliser" },
      { id: "some", says: "Vermiculite, or compost chosen for its feed" },
    ],
    decides: "whether the animal eats the substrate, and wet skin",
  },
  whichWater: {
    question: "Which water?",
    schools: [
      { id: "conditioner", says: "Tap water with conditioner" },
      { id: "half", says: "Half distilled, half tap" },
    ],
    decides: "chlorine or chloramine in the tap",
  },
};

/** The splits this build runs into, each with what of it does. */
export function splitsMet(site: Site, facts: Facts): SplitMet[] {
  const { seal, features } = site.variant;
  const layers = judgedStacks(site).flatMap((s) => s.layers.flatMap(({ kind }) => (kind.split ? [kind.split] : [])));
  const metalFaces = Object.values(site.shell.faces).filter((f) => ["steel", "galvanised"].includes(f.material.family));
  const metalMesh = features.some((f) => findMaterial(site.book, meshOf(f) ?? "", "mesh")?.metal);
  const met: SplitMet[] = [
    ...layers,
    ...(seal.seams !== "none" ? [{ split: "siliconeGrade", because: "silicone stays inside" } as const] : []),
    ...(metalFaces.length > 0 || metalMesh ? [METAL_INSIDE] : []),
    ...(metalFaces.some((f) => f.material.family === "galvanised")
      ? [{ split: "zinc", because: "a wall is galvanised" } as const]
      : []),
    ...facts.all(SPLIT_MET),
    ...(seal.standingWater !== null ? [{ split: "whichWater", because: "there will be water in it" } as const] : []),
  ];
  return SAFETY_SPLITS.flatMap((split) => met.find((m) => m.split === split) ?? []);
}

/** What of it is not decided yet; one snag for all, since each is settled in the same place. */
export function decisionSnags(site: Site, facts: Facts): Snag[] {
  const decided = new Set(site.variant.seal.decisions.filter((d) => d.school !== "").map((d) => d.split));
  const open = splitsMet(site, facts).filter(({ split }) => !decided.has(split));
  if (open.length === 0) return [];
  return [
    {
      rule: "seal/decide",
      subject: "splits",
      severity: "mind",
      stage: "seal",
      title: `${open.length === 1 ? "One question" : `${open.length} questions`} of safety not decided`,
      sentence: `${open.map(({ split, because }) => `${SPLITS[split].question.replace(/\?$/, "")} (${because})`).join("; ")}.`,
      reason:
        "Careful builders do opposite things here. Choose under Seal, with your reason; it is kept with the build.",
    },
  ];
}
