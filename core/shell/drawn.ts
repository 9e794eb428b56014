import type { Feature } from "../design/schema";
import type { Rect } from "./faces";
import { featureRect } from "./features";
import type { Point } from "./space";

/** A rectangle's corners on its face, anticlockwise from the lower left. */
export const cornersOf = ({ uMm, vMm, widthMm, heightMm }: Rect): Point[] => [
  [uMm, vMm],
  [uMm + widthMm, vMm],
  [uMm + widthMm, vMm + heightMm],
  [uMm, vMm + heightMm],
];

/** The corners every view draws a feature by. */
export const drawnCorners = (feature: Feature): Point[] => cornersOf(featureRect(feature));
