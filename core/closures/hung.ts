import type { Site } from "../shell/site";
import type { Hung } from "../standing/standing";
import { measureSlides } from "./planClosures";

/** Doors at their worst for standing: panes at the front edge, swung leaves half their width before it. */
export function hungDoors(site: Site): Hung | undefined {
  const slides = measureSlides(site);
  if (slides) {
    const { pane } = slides.fit;
    const { thicknessMm, densityKgPerM3 } = slides.glass;
    return {
      label: "Both panes",
      kg: (2 * pane.widthMm * pane.heightMm * thicknessMm * densityKgPerM3.value) / 1e9,
      beforeMm: 0,
    };
  }
  const { opening, faces, doorLeaves } = site.shell;
  if (doorLeaves === 0) return undefined;
  const { thicknessMm, densityKgPerM3 } = faces.front.material;
  return {
    label: "Doors, open",
    replaces: "face/front",
    kg: (opening.widthMm * opening.heightMm * thicknessMm * densityKgPerM3.value) / 1e9,
    beforeMm: opening.widthMm / doorLeaves / 2,
  };
}
