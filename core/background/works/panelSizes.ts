import { set } from "../../ledgers/fix";
import type { Part } from "../../ledgers/ledger";
import { materialsOf } from "../../materials/find";
import type { MaterialOf } from "../../materials/schema";
import type { Bulk } from "../../passing/facts";
import type { Site } from "../../shell/site";
import { ceil } from "../../units/tolerance";
import { type Cover, ridgeMm } from "../cover";
import { PANEL_CORE_MM } from "../foam";
import { MOST_PIECES } from "../names";
import type { Wall } from "../schema";
import { laminate } from "./laminate";

/** Room left at each free edge of a panel, so that it goes in by hand and wedges: from memory. */
export const FIT_MM = 1.5;

/** A wall's panel, and the board it is cut from. */
export interface PanelSize {
  widthMm: number;
  heightMm: number;
  /** Pieces of board side by side. */
  pieces: number;
  part: Part;
}

/**
 * Size of a panel. The back goes in first, the full width; the sides stand before it and press it, so they lose what it is
 * thick at its edge. Where nothing stands at the back they run the whole depth.
 * @param thicknessMm of the board it is made of
 * @param layers boards laid on one another
 */
export function panelSizes(site: Site, { wall, rect }: Cover, thicknessMm = PANEL_CORE_MM, layers = 1): PanelSize {
  const back = site.variant.background.walls.find((w) => w.face === "back");
  const deduct = wall.face === "back" || !back ? 0 : edgeMm(site, back);
  const widthMm = Math.max(1, rect.widthMm - 2 * FIT_MM - deduct);
  const heightMm = Math.max(1, rect.heightMm - FIT_MM);
  const sheets = materialsOf(site.book, "sheet").filter((s) => s.plastic === "xps");
  const board = sheets.find((s) => s.thicknessMm === thicknessMm) ?? sheets[0];
  const pieces = Math.max(wall.pieces ?? 1, piecesFor(board, widthMm, heightMm, site.workshop.trimMm));
  const pieceMm = widthMm / pieces;
  const across = site.saySum([
    ...["(", rect.widthMm, " wall − 2 × ", FIT_MM, " to fit"],
    ...(deduct > 0 ? [" − ", deduct, " back wall"] : []),
    ...[")", pieces > 1 ? ` ÷ ${pieces}, butted` : ""],
  ]);
  const up = site.saySum([rect.heightMm, " over the bare strip − ", FIT_MM, " to fit"]);
  const lying = pieceMm >= heightMm;
  return {
    widthMm,
    heightMm,
    pieces,
    part: {
      id: `background/${wall.face}/board`,
      label: `Board for the ${wall.face} wall`,
      materialId: board?.id ?? `xps-${thicknessMm}`,
      kind: "panel",
      lengthMm: Math.max(pieceMm, heightMm),
      widthMm: Math.min(pieceMm, heightMm),
      thicknessMm: board?.thicknessMm ?? thicknessMm,
      qty: layers * pieces,
      grainLocked: false,
      working: { length: lying ? across : up, width: lying ? up : across },
    },
  };
}

/**
 * A panel or board as it goes in: piece by piece where the builder wants pieces, else whole.
 * @param thickMm as it stands finished
 */
export function bulkOf(site: Site, { wall }: Cover, { widthMm, heightMm }: PanelSize, thickMm: number): Bulk {
  const index = site.variant.background.walls.indexOf(wall);
  const inPieces = (n: number): Bulk["sizesMm"] => [widthMm / n, heightMm, thickMm];
  const now = wall.pieces ?? 1;
  return {
    id: `background-${wall.face}`,
    words: now > 1 ? `a piece of the ${wall.face} board` : `the ${wall.face} board`,
    sizesMm: inPieces(now),
    stage: "background",
    instead: Array.from({ length: MOST_PIECES - now }, (_, i) => {
      const n = now + 1 + i;
      const patch = [set(site.at(`/background/walls/${index}/pieces`), n)];
      return { sizesMm: inPieces(n), fix: { label: `Make it in ${n} pieces`, patch } };
    }),
  };
}

/** How thick a back wall is where a side meets it: mated edges of panels stay bare board, carved boards are whole there. */
function edgeMm(site: Site, back: Wall): number {
  if (site.shell.faces.back.open) return 0;
  if (back.buildUp === "panels") return PANEL_CORE_MM;
  if (back.buildUp !== "board") return ridgeMm(back);
  const { thicknessMm, layers } = laminate(site, ridgeMm(back));
  return thicknessMm * layers;
}

/** Into how many pieces, side by side, a wall wider than its board is cut. */
function piecesFor(board: MaterialOf<"sheet"> | undefined, widthMm: number, heightMm: number, trimMm: number): number {
  const most = Math.max(
    0,
    ...(board?.stock ?? []).flatMap(({ widthMm: w, heightMm: h }) => [
      h - 2 * trimMm >= heightMm ? w - 2 * trimMm : 0,
      w - 2 * trimMm >= heightMm ? h - 2 * trimMm : 0,
    ]),
  );
  return most > 0 ? ceil(widthMm / most) : 1;
}
