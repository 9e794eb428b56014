import { MIX_PARTS } from "../ground/names";

/** What is bought by the litre: every part of a mix, and what lies under, over or on walls. */
export const FILL_FORMS = [...MIX_PARTS, "clay", "stones", "charcoal", "litter", "peat", "cork", "gypsum"] as const;
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
  "liner",
] as const;
export type ClothForm = (typeof CLOTH_FORMS)[number];
