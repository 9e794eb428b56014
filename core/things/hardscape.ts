import { footprint } from "../hardscape/line";
import { weightOf } from "../hardscape/mass";
import type { Piece } from "../hardscape/schema";
import { shapeOf } from "../hardscape/shapes/list";
import { formatLength, formatNumber } from "../units/format";
import type { Thing, ThingKind } from "./thing";

const asPiece = (item: unknown) => item as Piece;

/** Wood, cork or stone on the floor, or between two ends. */
export const piece: ThingKind = {
  rows: "inIt",
  list: ({ site }) =>
    site.variant.hardscape.map((p, i): Thing => {
      const say = (mm: number) => formatLength(mm, site.brief.units);
      return {
        ...{ kind: "piece", id: p.id, name: p.name, stage: "ground", face: "base" },
        what: shapeOf(p).word(p),
        paths: [`/hardscape/${i}`],
        says: `${shapeOf(p).says(p, say)} · ${formatNumber(weightOf(p).kg, 1)} kg`,
      };
    }),
  off: (variant, id) => {
    variant.hardscape = variant.hardscape.filter((p) => p.id !== id);
  },
  placed: {
    items: ({ hardscape }) => hardscape,
    nameOf: (item) => asPiece(item).name,
    rect: (item) => footprint(asPiece(item)),
    size(item, widthMm, heightMm, put) {
      asPiece(item).width = put(widthMm);
      asPiece(item).length = put(heightMm);
    },
    faces: ["base"],
  },
};
