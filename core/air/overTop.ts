import { featureRect } from "../features/feature";
import { factKey } from "../ledgers/facts";
import type { Rect } from "../shell/faces";
import type { Site } from "../shell/site";
import type { Airway } from "./paths";

/** An opening in the top: what of a ray that falls on it goes through. */
export interface OverTop {
  id: string;
  /** Where it is; null for all of the open top. */
  rect: Rect | null;
  /** Its open share of the rectangle, and what its meshes leave of that. */
  share: number;
}

/** Told by the air: what light and warmth pass in the top. */
export const OVER_TOP = factKey<OverTop[]>("overTop");

/** Of a ray what the meshes of an airway let through. */
const meshShare = ({ paths }: Airway): number => paths[0]?.screens.reduce((share, s) => share * s.porosity, 1) ?? 1;

/** What of a ray a vent lets through: its open share of the rectangle it lies in, through each of its meshes. */
const ventShare = (airway: Airway, { widthMm, heightMm }: Rect): number =>
  Math.min(1, airway.paths.reduce((sum, p) => sum + p.grossMm2, 0) / (widthMm * heightMm)) * meshShare(airway);

/** The vents of the top; and of an open one the screen that came with the shell, or a lid of mesh, over all of it. */
export function overTopOf({ variant }: Pick<Site, "variant">, airways: readonly Airway[]): OverTop[] {
  const ofTop = airways.filter((a) => a.where === "top");
  const vents = variant.features.flatMap((feature): OverTop[] => {
    const airway = feature.face === "top" && ofTop.find((a) => a.id === feature.id);
    const rect = featureRect(feature);
    return airway ? [{ id: feature.id, rect, share: ventShare(airway, rect) }] : [];
  });
  const whole = ofTop.filter((a) => !vents.some((v) => v.id === a.id) && a.paths[0]?.screens[0]);
  return [...vents, ...whole.map((a) => ({ id: a.id, rect: null, share: meshShare(a) }))];
}
