import type { Book } from "../../materials/schema";
import type { Sum } from "../../units/sum";
import type { GlassPane, OwnPane, Panel, Seam, SecondFloor, Solid, Strip } from "../shell";
import type { Size3 } from "../size";
import type { Dam, Floor } from "./schema";
import { type Shelf, type Stuff, stuffOf } from "./stuff";

/** Left at each end and edge for its bed of sealant, mm (common practice, no source). */
export const BED_MM = 3;

/** Pieces to be got for a dam or a floor; a whole shelf is none. */
interface Pieces {
  panels: Panel[];
  glassPanes: GlassPane[];
  ownPanes: OwnPane[];
}

/** One piece of what it is made of, to be cut or ordered. */
function pieceOf(
  stuff: Stuff,
  piece: { id: string; label: string; lengthMm: number; widthMm: number; working: { length: Sum; width: Sum } },
): Pieces {
  const none: Pieces = { panels: [], glassPanes: [], ownPanes: [] };
  if ("shelf" in stuff) return stuff.of === "wholeShelf" ? none : { ...none, ownPanes: [{ ...piece, qty: 1 }] };
  if ("glass" in stuff)
    return { ...none, glassPanes: [{ ...piece, materialId: stuff.glass.id, thicknessMm: stuff.glass.thicknessMm }] };
  const { sheet } = stuff;
  return {
    ...none,
    panels: [{ ...piece, face: "front", thicknessMm: sheet.thicknessMm, materialId: sheet.id, grained: sheet.grained }],
  };
}

/** A dam as it will stand. */
export interface LaidDam extends Pieces {
  strip: Strip;
  solid: Solid;
}

/** How long a dam is: as typed, as a whole shelf is, or as the inside gives. */
export const damLengthMm = (dam: Dam, stuff: Stuff, inside: Pick<Size3, "widthMm">): number =>
  "shelf" in stuff && stuff.of === "wholeShelf"
    ? stuff.shelf.width.value
    : (dam.length?.value ?? inside.widthMm - 2 * BED_MM);

/** How high it is. */
export const damHeightMm = (dam: Dam, stuff: Stuff): number =>
  "shelf" in stuff && stuff.of === "wholeShelf" ? stuff.shelf.depth.value : dam.height.value;

/**
 * Sets a board or pane on edge across the front, just inside it.
 * @param floorMm a second floor it stands on, mm; 0 for none
 * @param behindMm how far behind the inside of the front it stands, mm: behind a front frame it is a pane of its own
 * @returns undefined where what it is of is gone
 */
export function layDam(
  dam: Dam,
  shelves: readonly Shelf[],
  book: Book,
  inside: Size3,
  floorMm: number,
  behindMm = 0,
): LaidDam | undefined {
  const stuff = stuffOf(dam.source, shelves, book);
  if (!stuff) return undefined;
  const { material } = stuff;
  const lengthMm = damLengthMm(dam, stuff, inside);
  const heightMm = damHeightMm(dam, stuff);
  const uMm = (inside.widthMm - lengthMm) / 2;
  const [id, label] = behindMm > 0 ? ["dam-pane", "Dam pane"] : ["dam", "Dam"];
  return {
    strip: {
      ...{ id, role: "dam", label, material, bedded: true },
      ...(behindMm > 0 && { backMm: behindMm }),
      ...{ uMm, vMm: floorMm, widthMm: lengthMm, heightMm },
    },
    solid: {
      id: `front/${id}`,
      label,
      kg: (lengthMm * heightMm * material.thicknessMm * material.densityKgPerM3.value) / 1e9,
      at: [inside.widthMm / 2, behindMm + material.thicknessMm / 2, floorMm + heightMm / 2],
    },
    ...pieceOf(stuff, {
      id: `front/${id}`,
      label,
      lengthMm,
      widthMm: heightMm,
      working: {
        length: dam.length ? ["as typed"] : [inside.widthMm, " inside − 2 × ", BED_MM, " bed"],
        width: [heightMm, " high"],
      },
    }),
  };
}

/** A second floor as it will lie. */
export interface LaidFloor extends Pieces {
  secondFloor: SecondFloor;
  seams: Seam[];
  solid: Solid;
}

/** Lays a second floor on the base; the dam, if there is one, stands on it. */
export function layFloor(floor: Floor, shelves: readonly Shelf[], book: Book, inside: Size3): LaidFloor | undefined {
  const stuff = stuffOf(floor.source, shelves, book);
  if (!stuff) return undefined;
  const whole = "shelf" in stuff && stuff.of === "wholeShelf" ? stuff.shelf : undefined;
  const lengthMm = whole?.width.value ?? inside.widthMm - 2 * BED_MM;
  const widthMm = whole?.depth.value ?? inside.depthMm - 2 * BED_MM;
  const { thicknessMm, densityKgPerM3, family } = stuff.material;
  const seam = (id: string, label: string, mm: number): Seam => ({
    id: `seam/floor-${id}`,
    label: `Second floor to ${label}`,
    lengthMm: mm,
    wet: true,
    foot: true,
  });
  return {
    secondFloor: { thicknessMm, lengthMm, widthMm, family },
    seams: [
      seam("left", "left side", widthMm),
      seam("right", "right side", widthMm),
      seam("back", "back", lengthMm),
      seam("front", "front", lengthMm),
    ],
    solid: {
      id: "floor",
      label: "Second floor",
      kg: (lengthMm * widthMm * thicknessMm * densityKgPerM3.value) / 1e9,
      at: [inside.widthMm / 2, inside.depthMm / 2, thicknessMm / 2],
    },
    ...pieceOf(stuff, {
      id: "front/floor",
      label: "Second floor",
      lengthMm,
      widthMm,
      working: {
        length: [inside.widthMm, " inside − 2 × ", BED_MM, " bed"],
        width: [inside.depthMm, " inside − 2 × ", BED_MM, " bed"],
      },
    }),
  };
}
