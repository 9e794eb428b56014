import type { Measure } from "../../../design/basics";
import { freeId } from "../../../design/freeId";
import { statedMm } from "../../../design/measure";
import { doorOpening, insideOf, panelAt, sides, wantedPanels } from "./measure";
import { PLACES, type Place } from "./names";
import type { Delivered, KitFound as Found } from "./schema";

/** How high a foot and a head of the front are, and a spare panel, before they are measured, mm. */
const UNMEASURED_MM = { foot: 100, head: 60, spare: [300, 200] } as const;
/** A panel nobody has measured may be off by this, either way, mm. From memory. */
const OFF_MM = 3;
/** Doors of a kit are mostly of this, mm. From memory. */
const DOOR_GLASS_MM = 4;

const isDoor = (place: Place) => place === "doorLeft" || place === "doorRight";
const tenths = (mm: number) => Math.round(mm * 10) / 10;

/** What a place would have, longer side first, mm. */
function sizeFor(found: Found, place: Place): readonly [number, number] {
  const wanted = wantedPanels(found).find((w) => w.place === place);
  if (wanted) return sides(wanted.lengthMm, wanted.widthMm);
  if (place === "spare") return UNMEASURED_MM.spare;
  const { widthMm } = insideOf(found);
  if (place === "foot" || place === "head") return [widthMm, UNMEASURED_MM[place]];
  const opening = doorOpening(found);
  const { edgeGap, meetingGap } = found.doors;
  return sides(
    Math.max(20, (widthMm - 2 * edgeGap.value - meetingGap.value) / 2),
    Math.max(20, opening.heightMm - 2 * edgeGap.value),
  );
}

function panelFor(found: Found, place: Place, id: string, measure: (mm: number) => Measure): Delivered {
  const [long, short] = sizeFor(found, place);
  return {
    ...{ id, place, groove: null, holes: { count: 0, bore: statedMm(6) } },
    ...{ length: measure(tenths(long)), width: measure(tenths(short)) },
    material: isDoor(place) ? "glass" : found.material,
    thickness: isDoor(place) ? statedMm(DOOR_GLASS_MM) : { ...found.thickness },
  };
}

/** A panel that is said to be there, as the box wants it. */
export const asWanted = (found: Found, place: Place): Delivered =>
  panelFor(found, place, place.toLowerCase(), (mm) => statedMm(mm));

/** The next panel for the list: of the first place that has none, its size a guess until the tape is put to it. */
export function nextPanel(found: Found): Delivered {
  const place = PLACES.find((p) => p !== "spare" && !panelAt(found, p)) ?? "spare";
  const guess = (value: number): Measure => ({
    ...{ typed: String(value), value, how: "guessed" },
    ...{ low: Math.max(1, value - OFF_MM), high: value + OFF_MM },
  });
  return panelFor(found, place, freeId(found.panels, place.toLowerCase()), guess);
}
