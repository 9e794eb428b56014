import type { Family } from "../../materials/face";
import type { Surface } from "../bonds/names";

/** What a bare wall is in the bonds table; undefined where there is no wall. */
export const SURFACE_OF: Record<Family, Surface | undefined> = {
  none: undefined,
  pvcFoam: "pvcFoam",
  plywood: "plywood",
  hdpe: "hdpe",
  xps: "xps",
  twinWall: "pp",
  timber: "plywood",
  chipboard: "chipboard",
  mdf: "chipboard",
  glass: "glass",
  temperedGlass: "glass",
  acrylic: "acrylic",
  polycarbonate: "polycarbonate",
  steel: "metal",
  galvanised: "galvanised",
  pp: "pp",
  pe: "pe",
  ps: "ps",
};
