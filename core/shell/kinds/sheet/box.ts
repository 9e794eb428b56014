import { FACES, type FaceId } from "../../../design/names";
import type { SheetVariant } from "../../../document/schema";
import { type Board, boardOf } from "../../../materials/board";
import type { Book } from "../../../materials/schema";
import { FIXINGS } from "../../fixings/list";
import type { Size3 } from "../../size";

export interface Box {
  sheets: Record<FaceId, Board>;
  thicknessMm: Record<FaceId, number>;
  /** Inside size; depth to the front edge of the sides, dam and rails standing within it. */
  inside: Size3;
  outside: Size3;
  /** Depth of top, base and sides as cut. */
  sideDepthMm: number;
  hasFrontStrips: boolean;
  /** What lies between a panel and each of the two it stands between, mm; 0 for a close joint. */
  bedMm: number;
}

/** The sheet each face is made of: its own, or the shell's. The design must have passed `checkDesign`. */
function sheetsOf(variant: SheetVariant, book: Book): Record<FaceId, Board> {
  const own = (face: FaceId) => boardOf(book, variant.faces[face]?.material ?? variant.shell.material)!;
  return Object.fromEntries(FACES.map((face) => [face, own(face)])) as Record<FaceId, Board>;
}

/**
 * Inside and outside of a sheet box. Whatever the joints, thickness adds once per face on each axis: the joints only
 * decide which panel it is taken from.
 */
export function measureBox(variant: SheetVariant, book: Book): Box {
  const { shell } = variant;
  const sheets = sheetsOf(variant, book);
  const thicknessMm = Object.fromEntries(FACES.map((f) => [f, sheets[f].thicknessMm])) as Record<FaceId, number>;
  const { width, depth, height, given, depthTo } = shell.size;
  const hasFrontStrips = Object.values(shell.front).some((strip) => strip !== null);
  const frontMm = depthTo === "behindFront" && hasFrontStrips ? thicknessMm.front : 0;
  const walls: Size3 = {
    widthMm: thicknessMm.left + thicknessMm.right,
    depthMm: thicknessMm.back,
    heightMm: thicknessMm.top + thicknessMm.base,
  };
  const sign = given === "outside" ? -1 : 0;
  const inside: Size3 = {
    widthMm: width.value + sign * walls.widthMm,
    depthMm: depth.value + sign * walls.depthMm + (given === "inside" ? frontMm : 0),
    heightMm: height.value + sign * walls.heightMm,
  };
  const usual = FIXINGS[shell.joints.fixing].bedMm;
  // A close joint has none, whatever was typed while it was bedded.
  const bedMm = usual ? (shell.joints.bed?.value ?? usual.value) : 0;
  return {
    sheets,
    thicknessMm,
    inside,
    outside: {
      widthMm: inside.widthMm + walls.widthMm,
      depthMm: inside.depthMm + walls.depthMm,
      heightMm: inside.heightMm + walls.heightMm,
    },
    // A back laid over the edges lies on a bed of its own.
    sideDepthMm: inside.depthMm + (shell.joints.back === "overlaid" ? -bedMm : thicknessMm.back),
    hasFrontStrips,
    bedMm,
  };
}
