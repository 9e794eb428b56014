import { sawSizeMm } from "../cuts/sawSize";
import { formatLength, formatNumber } from "../units/format";
import type { Thing, ThingKind } from "./thing";

export const sheet: ThingKind = {
  rows: "sheets",
  list: ({ groups }) =>
    groups.map(
      (group): Thing => ({
        ...{ kind: "sheet", id: group.material.id, name: group.material.name, what: "sheet", stage: "cuts", paths: [] },
        says: `${group.layout.length} · ${formatNumber(group.usedShare * 100, 0)} % used`,
      }),
    ),
};

export const part: ThingKind = {
  list: ({ parts, site }) =>
    parts.map((p): Thing => {
      const say = (mm: number) => formatLength(sawSizeMm(mm), site.brief.units);
      return {
        ...{ kind: "part", id: p.id, name: p.label, what: "part", stage: "cuts", paths: [] },
        says: p.widthMm > 0 ? `${say(p.lengthMm)} × ${say(p.widthMm)}` : say(p.lengthMm),
      };
    }),
};

export const odd: ThingKind = {
  rows: "alsoCut",
  list: ({ site }) =>
    site.variant.oddParts.map(
      (o, i): Thing => ({
        ...{ kind: "odd", id: o.id, name: o.label, what: "odd part", stage: "cuts", paths: [`/oddParts/${i}`] },
      }),
    ),
  off: (variant, id) => {
    variant.oddParts = variant.oddParts.filter((o) => o.id !== id);
  },
};

export const slips: ThingKind = {
  rows: "alsoCut",
  list: ({ site }) =>
    site.variant.slips.map(
      (s, i): Thing => ({
        ...{ kind: "slips", id: s.id, name: s.name, what: "slips", stage: "cuts", face: s.face },
        paths: [`/slips/${i}`],
      }),
    ),
  off: (variant, id) => {
    variant.slips = variant.slips.filter((s) => s.id !== id);
  },
};
