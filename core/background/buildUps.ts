import { type Known, memory } from "../figures/figure";
import type { BuildUpId } from "./names";

/** A school of building a wall up (source: walls; docs/trade-coverage.md, A11). */
export interface BuildUpKind {
  name: string;
  /** It is made of foam or board, carved, and takes a finish. */
  carved: boolean;
  /** Its making keeps the shell lying on that wall while it sets. */
  inTheShell: boolean;
  /** It comes out again. */
  removable: boolean;
  mind: string;
  /** W/(m·K). */
  conducts: Known;
}

/** Foam, air dry; fibre and cork; earth, brick and the like. From memory. */
const conducts = (value: number): Known => ({ value, basis: memory });
const [FOAM, FIBRE, EARTH] = [conducts(0.035), conducts(0.05), conducts(0.8)];

export const BUILD_UP: Record<BuildUpId, BuildUpKind> = {
  foam: {
    name: "Foamed in place",
    carved: true,
    inTheShell: true,
    removable: false,
    mind: "The shell lies on the wall while it sets: one wall per cure, or it sags.",
    conducts: FOAM,
  },
  panels: {
    name: "Panels made outside, wedged in",
    carved: true,
    inTheShell: false,
    removable: true,
    mind: "Side panels press the back. Edges that mate stay bare; all cure side by side.",
    conducts: FOAM,
  },
  board: {
    name: "Carved board, glued in",
    carved: true,
    inTheShell: false,
    removable: false,
    mind: "Boards laminated to the depth, pinned with skewers until the glue holds.",
    conducts: FOAM,
  },
  coirMat: {
    name: "Coir mat on silicone",
    carved: false,
    inTheShell: true,
    removable: false,
    mind: "Heavy wood needs a plate screwed through it.",
    conducts: FIBRE,
  },
  earth: {
    name: "Packed clay earth",
    carved: false,
    inTheShell: true,
    removable: false,
    mind: "Heavy: weigh it. It holds wood once dry, and dries for weeks.",
    conducts: EARTH,
  },
  veneer: {
    name: "Brick slips or tiles",
    carved: false,
    inTheShell: true,
    removable: false,
    mind: "Lay them out dry first; their joints are reckoned under Cuts.",
    conducts: EARTH,
  },
  bought: {
    name: "Bought panel, cut to size",
    carved: false,
    inTheShell: true,
    removable: false,
    mind: "A thick bead, a third of it at a time, weighted two or three hours each.",
    conducts: FOAM,
  },
  none: {
    name: "None",
    carved: false,
    inTheShell: false,
    removable: true,
    mind: "For tiny animals that vanish behind a background: plants and tubes for cover.",
    conducts: FOAM,
  },
};
