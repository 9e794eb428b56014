import { BUILD_UP } from "../background/buildUps";
import { WALLS } from "../background/names";
import type { Zone } from "../background/schema";
import { ZONE, zoneDepthMm, zoneName, zoneRect } from "../background/zones";
import { capital } from "../units/capital";
import { formatLength } from "../units/format";
import type { Thing, ThingKind } from "./thing";

/** A wall that stands, whether or not anything is planned on it. */
export const wall: ThingKind = {
  rows: "walls",
  list: ({ site }) =>
    WALLS.filter((face) => !site.shell.faces[face].open).map((face): Thing => {
      const at = site.variant.background.walls.findIndex((w) => w.face === face);
      const own = site.variant.background.walls[at];
      return {
        ...{ kind: "wall", id: face, what: "wall", stage: "background", face },
        name: `${capital(face)} wall`,
        paths: at < 0 ? [] : [`/background/walls/${at}`],
        says: own ? BUILD_UP[own.buildUp].name.toLowerCase() : "nothing planned",
      };
    }),
  off: (variant, id) => {
    variant.background.walls = variant.background.walls.filter((w) => w.face !== id);
  },
};

const asZone = (item: unknown) => item as Zone;

export const zone: ThingKind = {
  rows: "walls",
  list: ({ site }) =>
    site.variant.background.zones.map((z, i): Thing => {
      const say = (mm: number) => formatLength(mm, site.brief.units);
      const deep = zoneDepthMm(z);
      return {
        ...{ kind: "zone", id: z.id, name: zoneName(z), what: ZONE[z.kind].words, stage: "background", face: z.face },
        paths: [`/background/zones/${i}`],
        says: `${say(z.u.value)} × ${say(z.v.value)}${deep > 0 ? ` · ${say(deep)} out` : ""}`,
      };
    }),
  off: (variant, id) => {
    variant.background.zones = variant.background.zones.filter((z) => z.id !== id);
  },
  placed: {
    items: ({ background }) => background.zones,
    nameOf: (item) => zoneName(asZone(item)),
    rect: (item) => zoneRect(asZone(item)),
    size(item, widthMm, heightMm, put) {
      asZone(item).width = put(widthMm);
      asZone(item).height = put(heightMm);
    },
    faces: WALLS,
  },
};

export const swatch: ThingKind = {
  rows: "swatches",
  list: ({ site }) =>
    site.variant.background.swatches.map(
      (s, i): Thing => ({
        ...{ kind: "swatch", id: s.id, name: s.name, what: "swatch", stage: "background" },
        paths: [`/background/swatches/${i}`],
        says: [s.wet, s.dry, s.varnished].map((tone) => tone ?? "–").join(" · "),
      }),
    ),
  off: (variant, id) => {
    variant.background.swatches = variant.background.swatches.filter((s) => s.id !== id);
  },
};
