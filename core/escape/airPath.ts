/** What air passes of a gap or an opening: its area at a height. A tall one is told in pieces, so that it is low and high. */
export interface AirPath {
  /** Gross opening, mm², never what a mesh leaves of it. */
  grossMm2: number;
  /** Height of its middle above the base, mm. */
  zMm: number;
  /** How high it is where it stands upright, mm; null where it lies flat. */
  uprightMm: number | null;
  /** Each mesh over it: its open share, and its wire. */
  screens: readonly OpenMesh[];
}

/** A mesh as air sees it. */
export interface OpenMesh {
  porosity: number;
  wireMm: number;
}

/** Open share of a woven mesh: product over both directions of w/(w + d), from apertures and wire in mm (geometry). */
export const meshPorosity = ([a, b]: readonly [number, number], wireMm: number): number =>
  (a / (a + wireMm)) * (b / (b + wireMm));

/** A woven mesh of the book as air sees it. */
export const openMesh = ({
  apertureMm,
  wireMm,
}: {
  apertureMm: readonly [number, number];
  wireMm: number;
}): OpenMesh => ({
  porosity: meshPorosity(apertureMm, wireMm),
  wireMm,
});

/** A level slot of a gap along an edge. */
export const levelSlot = (gapMm: number, lengthMm: number, zMm: number): AirPath[] => [
  { grossMm2: gapMm * lengthMm, zMm, uprightMm: gapMm, screens: [] },
];

/** An upright slot: its lower and its upper half are openings of their own. */
export const uprightSlot = (gapMm: number, fromMm: number, heightMm: number): AirPath[] =>
  [0.25, 0.75].map((share) => ({
    grossMm2: (gapMm * heightMm) / 2,
    zMm: fromMm + share * heightMm,
    uprightMm: heightMm / 2,
    screens: [],
  }));
