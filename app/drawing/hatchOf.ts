import type { Family } from "#core/materials/face";

const HATCH: Record<Family, string> = {
  none: "var(--chakra-colors-paper)",
  pvcFoam: "url(#hatch-sheet)",
  hdpe: "url(#hatch-sheet)",
  xps: "url(#hatch-foam)",
  twinWall: "url(#hatch-plastic)",
  pp: "url(#hatch-plastic)",
  pe: "url(#hatch-plastic)",
  ps: "url(#hatch-plastic)",
  plywood: "url(#hatch-wood)",
  timber: "url(#hatch-wood)",
  chipboard: "url(#hatch-board)",
  mdf: "url(#hatch-board)",
  glass: "url(#hatch-glass)",
  temperedGlass: "url(#hatch-tempered)",
  acrylic: "url(#hatch-glass)",
  polycarbonate: "url(#hatch-glass)",
  steel: "url(#hatch-metal)",
  galvanised: "url(#hatch-metal)",
};

/** The fill that tells a material apart in every drawing. */
export const hatchOf = (family: Family): string => HATCH[family];
