import type { Family } from "./face";

/** What the edges of a cut panel want before they are joined, and whether it comes under a film. */
export interface Edges {
  words: string;
  film: boolean;
}

const SCRAPED: Edges = {
  words:
    "Scrape every sawn edge square with a blade held upright, and break its corners: a nick is where a crack begins.",
  film: true,
};

const EDGES: Partial<Record<Family, Edges>> = {
  acrylic: SCRAPED,
  polycarbonate: SCRAPED,
  ps: SCRAPED,
  twinWall: {
    words:
      "Trim the fuzz with a knife. Close the open flutes at the foot and the head with hot glue: what gets into one never comes out.",
    film: false,
  },
  glass: { words: "Stone every edge that is not ground, wet.", film: false },
};

/** What the edges of this stuff want; undefined where they are left as they were sawn. */
export const edgesOf = (family: Family): Edges | undefined => EDGES[family];
