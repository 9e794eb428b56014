import { cornersOf } from "../shell/faces";
import type { Point } from "../shell/space";
import { featureRect } from "./feature";
import type { Feature } from "./schema";

/** The corners every view draws a feature by. */
export const drawnCorners = (feature: Feature): Point[] => cornersOf(featureRect(feature));
