/** What is bought by the litre. */
export const FILL_FORMS = [
  "clay",
  "stones",
  "charcoal",
  "coir",
  "bark",
  "moss",
  "treeFern",
  "leafMould",
  "soil",
  "sand",
  "clayEarth",
  "perlite",
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
  "coirMat",
  "film",
] as const;
export type ClothForm = (typeof CLOTH_FORMS)[number];
