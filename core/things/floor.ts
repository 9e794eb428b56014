import type { ServiceBox } from "../boxes/schema";
import { boxRect } from "../boxes/sizes";
import { madeWords } from "../dividers/stuffs";
import { zonesNamed, zonesOf } from "../dividers/zones";
import { baseOf } from "../shell/base";
import { formatLength, formatLengthWithUnit, formatNumber } from "../units/format";
import { VESSELS } from "../vessels/kinds";
import type { Vessel } from "../vessels/schema";
import { vesselRect } from "../vessels/sizes";
import { vesselsOf } from "../vessels/split";
import { vesselLitres } from "../vessels/water";
import type { Thing, ThingKind } from "./thing";

const asVessel = (item: unknown) => item as Vessel;
const asBox = (item: unknown) => item as ServiceBox;

/** A pool on the floor, in its own place or all of one side of a divider. */
export const pool: ThingKind = {
  rows: "inIt",
  list: ({ site }) =>
    site.variant.vessels.flatMap((x, i): Thing[] => {
      if (x.kind !== "pool") return [];
      const say = (mm: number) => formatLengthWithUnit(mm, site.brief.units);
      const [zone] = zonesNamed(zonesOf(baseOf(site.shell), site.variant.dividers), x.zone);
      return [
        {
          ...{ kind: "pool", id: x.id, name: x.name, what: "water", stage: "ground", paths: [`/vessels/${i}`] },
          face: "base",
          says: x.zone !== null ? (zone?.words ?? "nowhere") : `${say(x.width.value)} × ${say(x.length.value)}`,
        },
      ];
    }),
  off: (variant, id) => {
    variant.vessels = variant.vessels.filter((x) => x.id !== id);
  },
};

/** A dish, a pail or a tub. */
export const vessel: ThingKind = {
  rows: "inIt",
  list: ({ site }) =>
    site.variant.vessels.flatMap((x, i): Thing[] =>
      x.kind === "pool"
        ? []
        : [
            {
              ...{ kind: "vessel", id: x.id, name: x.name, what: VESSELS[x.kind].words, stage: "ground", face: "base" },
              ...{ paths: [`/vessels/${i}`], says: `${formatNumber(vesselLitres(x), 2)} L` },
            },
          ],
    ),
  off: pool.off!,
  placed: {
    items: ({ vessels }) => vesselsOf(vessels),
    nameOf: (item) => asVessel(item).name,
    rect: (item) => vesselRect(asVessel(item)),
    size(item, widthMm, heightMm, put) {
      asVessel(item).width = put(widthMm);
      asVessel(item).length = put(heightMm);
    },
    faces: ["base"],
  },
};

/** A box for what must be reached. */
export const box: ThingKind = {
  rows: "inIt",
  list: ({ site }) =>
    site.variant.boxes.map((b, i): Thing => {
      const say = (mm: number) => formatLength(mm, site.brief.units);
      return {
        ...{ kind: "box", id: b.id, name: b.name, what: "service box", stage: "ground", face: "base" },
        ...{
          paths: [`/boxes/${i}`],
          says: `${say(b.width.value)} × ${say(b.length.value)}${b.height ? `, ${say(b.height.value)} high` : ", flush under the lid"}`,
        },
      };
    }),
  off: (variant, id) => {
    variant.boxes = variant.boxes.filter((b) => b.id !== id);
  },
  placed: {
    items: ({ boxes }) => boxes,
    nameOf: (item) => asBox(item).name,
    rect: (item) => boxRect(asBox(item)),
    size(item, widthMm, heightMm, put) {
      asBox(item).width = put(widthMm);
      asBox(item).length = put(heightMm);
    },
    faces: ["base"],
  },
};

/** A wall across the floor. */
export const divider: ThingKind = {
  rows: "inIt",
  list: ({ site }) =>
    site.variant.dividers.map(
      (d, i): Thing => ({
        ...{ kind: "divider", id: d.id, name: d.name, what: "divider", stage: "ground", face: "base" },
        paths: [`/dividers/${i}`],
        says: `${formatLengthWithUnit(d.height.value, site.brief.units)} high, ${madeWords(d)}`,
      }),
    ),
  off: (variant, id) => {
    variant.dividers = variant.dividers.filter((d) => d.id !== id);
  },
};

/** Water that is pumped to a lip. */
export const stream: ThingKind = {
  rows: "inIt",
  list: ({ site }) =>
    site.variant.streams.map(
      (s, i): Thing => ({
        ...{ kind: "stream", id: s.id, name: s.name, what: "moving water", stage: "ground", paths: [`/streams/${i}`] },
        says: `${formatLengthWithUnit(s.lift.value, site.brief.units)} up, lip ${formatLengthWithUnit(s.lip.value, site.brief.units)}`,
      }),
    ),
  off: (variant, id) => {
    variant.streams = variant.streams.filter((s) => s.id !== id);
  },
};
