import { type Box3, boxOf } from "../../shell/boxes";
import type { Shell } from "../../shell/shell";
import { featureRect } from "../feature";
import type { Feature } from "../schema";

/** Clearance of a lamp while nobody has typed its label's: from memory. */
export const LAMP_CLEAR_MM = 200;

/** How far into the room a keep-out reaches, mm. */
export const keepOutDepthMm = (feature: Extract<Feature, { kind: "keepOut" }>): number =>
  feature.deep?.value ?? (feature.use === "lamp" ? LAMP_CLEAR_MM : 0);

/** The room a keep-out keeps free. */
export const keepOutBox = (shell: Shell, feature: Extract<Feature, { kind: "keepOut" }>): Box3 =>
  boxOf(shell, feature.face, featureRect(feature), keepOutDepthMm(feature));
