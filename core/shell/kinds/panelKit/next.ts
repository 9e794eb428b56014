import { freeId } from "../../../design/freeId";
import { statedMm } from "../../../design/measure";
import { doorOpening, insideOf, panelAt, sides, wantedPanels } from "./measure";
import { PLACES, type Place } from "./names";
import type { Delivered, KitFound as Found } from "./schema";

/** How high a foot and a head of the front are, before they are measured, mm. */
const STRIP_MM = { foot: 100, head: 60 } as const;

/** What a place would have, before it is measured, mm. */
function sizeFor(found: Found, place: Place): [number, number] {
  const wanted = wantedPanels(found).find((w) => w.place === place);
  if (wanted) return sides(wanted.lengthMm, wanted.widthMm);
  const { widthMm } = insideOf(found);
  if (place === "foot" || place === "head") return [widthMm, STRIP_MM[place]];
  const opening = doorOpening(found);
  const { edgeGap, meetingGap } = found.doors;
  return sides(
    Math.max(20, (widthMm - 2 * edgeGap.value - meetingGap.value) / 2),
    Math.max(20, opening.heightMm - 2 * edgeGap.value),
  );
}

const sized = (id: string, place: Place, [long, short]: [number, number]) => ({
  ...{ id, place, groove: null },
  ...{ length: statedMm(Math.round(long * 10) / 10), width: statedMm(Math.round(short * 10) / 10) },
  holes: { count: 0, bore: statedMm(6) },
});

/** A door leaf of glass, of the size its opening wants. */
export const nextDoor = (found: Found, place: "doorLeft" | "doorRight"): Delivered => ({
  ...sized(place.toLowerCase(), place, sizeFor(found, place)),
  ...{ material: "glass", thickness: statedMm(4) },
});

/** The next panel for the list: of the first place that has none, of the size the box wants there. */
export function nextPanel(found: Found): Delivered {
  const place = PLACES.find((p) => p !== "spare" && !panelAt(found, p)) ?? "spare";
  const id = freeId(found.panels, place.toLowerCase());
  if (place === "doorLeft" || place === "doorRight") return { ...nextDoor(found, place), id };
  return {
    ...sized(id, place, place === "spare" ? [300, 200] : sizeFor(found, place)),
    ...{ material: found.material, thickness: { ...found.thickness } },
  };
}
