import type { FaceId } from "../../../design/names";
import type { Place } from "./names";

interface PlaceKind {
  /** Of a panel: `left side`. */
  words: string;
  /** The face it becomes. */
  face: FaceId | null;
  /** A box is none without it. */
  wanted: boolean;
  /** Only one panel goes there. */
  single: boolean;
}

export const PLACE: Record<Place, PlaceKind> = {
  base: { words: "base", face: "base", wanted: true, single: true },
  top: { words: "top", face: "top", wanted: true, single: true },
  left: { words: "left side", face: "left", wanted: true, single: true },
  right: { words: "right side", face: "right", wanted: true, single: true },
  back: { words: "back", face: "back", wanted: true, single: true },
  foot: { words: "foot of the front", face: null, wanted: false, single: true },
  head: { words: "head of the front", face: null, wanted: false, single: true },
  doorLeft: { words: "left door", face: null, wanted: false, single: true },
  doorRight: { words: "right door", face: null, wanted: false, single: true },
  spare: { words: "spare panel", face: null, wanted: false, single: false },
};
