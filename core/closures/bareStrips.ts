import type { Operation } from "fast-json-patch";
import { meanDepthMm } from "../background/cover";
import type { WallId } from "../background/names";
import type { Wall, Zone } from "../background/schema";
import { isBare, zoneRect } from "../background/zones";
import { statedMm } from "../design/measure";
import { set } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import type { Rect } from "../shell/faces";
import { extent } from "../shell/outline";
import type { Site } from "../shell/site";
import { toSpace } from "../shell/space";
import { over } from "../units/tolerance";
import type { Here } from "./kind";

/** The first of a side wall, from the front, that stays bare for panes to pass (source: door-rules). */
export const BARE_MM = 40;

/** The strip of a side wall along the front, as high as the opening. */
function stripOf({ shell }: Site, face: WallId, opening: Rect): Rect {
  const { frame, outline } = shell.faces[face];
  const whole = extent(outline);
  const [, atStart] = toSpace(frame, [whole.uMm, whole.vMm]);
  const [, atEnd] = toSpace(frame, [whole.uMm + whole.widthMm, whole.vMm]);
  const uMm = atStart < atEnd ? whole.uMm : whole.uMm + whole.widthMm - BARE_MM;
  return { uMm, vMm: opening.vMm, widthMm: BARE_MM, heightMm: opening.heightMm };
}

const covers = (outer: Rect, inner: Rect) =>
  !over(outer.uMm, inner.uMm) &&
  !over(outer.vMm, inner.vMm) &&
  !over(inner.uMm + inner.widthMm, outer.uMm + outer.widthMm) &&
  !over(inner.vMm + inner.heightMm, outer.vMm + outer.heightMm);

/** Puts a zone on its wall, in the place of one of its name. */
function putZone(site: Site, zone: Zone): Operation {
  const at = site.variant.background.zones.findIndex((z) => z.id === zone.id);
  return at < 0
    ? set(site.at("/background/zones/-"), zone)
    : { op: "replace", path: site.at(`/background/zones/${at}`), value: zone };
}

/** Side walls that stand out into what slides, and the bare strips that would free it. */
export function slidesIntoWalls({ site, opening, own }: Here): Snag[] {
  if (opening.face !== "front") return [];
  const { walls, zones } = site.variant.background;
  const stands = (wall: Wall) =>
    (wall.face === "left" || wall.face === "right") && !site.shell.faces[wall.face].open && over(meanDepthMm(wall), 0);
  const blocked = walls.filter(stands).filter(({ face }) => {
    const strip = stripOf(site, face, opening);
    return !zones.some((z) => z.face === face && isBare(z) && covers(zoneRect(z), strip));
  });
  if (blocked.length === 0) return [];
  const bare = blocked.map(({ face }): Zone => {
    const { uMm, vMm, widthMm, heightMm } = stripOf(site, face, opening);
    return {
      ...{ id: `bare-for-doors-${face}`, face, name: "Bare for the doors", kind: "bare" },
      ...{ u: statedMm(uMm + widthMm / 2), v: statedMm(vMm + heightMm / 2) },
      ...{ width: statedMm(widthMm), height: statedMm(heightMm) },
    } as Zone;
  });
  return [
    {
      rule: "front/slides-into-wall",
      subject: own("slides"),
      severity: "mind",
      stage: "front",
      title: "The panes slide into the background",
      sentence: `The ${blocked.map((w) => w.face).join(" and ")} ${blocked.length > 1 ? "walls stand" : "wall stands"} out to the front edge; the first ${site.say(BARE_MM)} stay bare.`,
      reason:
        "Foam and fibre behind a pane jam it, wear off, and keep it from being lifted out (trade practice, no source).",
      fix: {
        label: `Leave ${site.say(BARE_MM)} bare along the doors`,
        patch: bare.map((zone) => putZone(site, zone)),
      },
    },
  ];
}
