/** What ground is mixed from; `core/ground/mix.ts` says what each is. */
export const MIX_PARTS = [
  "coir",
  "bark",
  "moss",
  "treeFern",
  "leafMould",
  "soil",
  "sand",
  "clayEarth",
  "perlite",
] as const;

export type MixPart = (typeof MIX_PARTS)[number];

/** What is bought by the litre: every part of a mix, and what lies under, over or on walls. */
export const FILL_FORMS = [
  ...MIX_PARTS,
  "clay",
  "stones",
  "gravel",
  "charcoal",
  "bagged",
  "conditioner",
  "litter",
  "peat",
  "cork",
  "gypsum",
] as const;
export type FillForm = (typeof FILL_FORMS)[number];

/** What is cut from a roll or a flat piece. */
export const CLOTH_FORMS = [
  "weedCloth",
  "fibreScreen",
  "filterPad",
  "fleece",
  "metalMesh",
  "eggCrate",
  "sponge",
  "drainMat",
  "coirMat",
  "film",
  "liner",
] as const;
export type ClothForm = (typeof CLOTH_FORMS)[number];

/** What things found are made of; `core/materials/face.ts` says what each is. */
export const FOUND_IDS = [
  "glass",
  "temperedGlass",
  "acrylic",
  "polycarbonate",
  "timber",
  "plywood",
  "pvcFoam",
  "chipboard",
  "mdf",
  "steel",
  "galvanised",
  "pp",
  "pe",
  "ps",
] as const;
export type FoundId = (typeof FOUND_IDS)[number];
