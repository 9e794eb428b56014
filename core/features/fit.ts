import type { Rect } from "../shell/faces";
import type { Extent, Fitted, SizeChange } from "./kind";

/** Smaller than this an opening is none, mm: from memory. */
export const LEAST_MM = 5;

/** An opening by its width and height, as large as a rectangle gives. */
export function fittedOpening(width: number, height: number, room: Rect): Fitted | undefined {
  const widthMm = Math.floor(Math.min(width, room.widthMm));
  const heightMm = Math.floor(Math.min(height, room.heightMm));
  if (widthMm < LEAST_MM || heightMm < LEAST_MM) return undefined;
  return {
    label: "Make it fit the face",
    ...{ widthMm, heightMm },
    sizes: [
      { path: "/width", mm: widthMm },
      { path: "/height", mm: heightMm },
    ],
  };
}

/** What is fixed round an opening needs this much sheet to hold on to: from memory. */
export const FRAME_EDGE_MM = 15;
export const FRAME_REASON = "What is fixed round an opening needs sheet to hold on to.";

/** A plain opening made so large. */
export const sizedOpening = ({ widthMm, heightMm }: Extent): SizeChange[] => [
  { path: "/width", mm: widthMm },
  { path: "/height", mm: heightMm },
];

/** Of a new width and height, the one that leaves a round thing's size the most: the edge that is dragged. */
export const farther = (nowMm: number, { widthMm, heightMm }: Extent): number =>
  Math.abs(widthMm - nowMm) >= Math.abs(heightMm - nowMm) ? widthMm : heightMm;
