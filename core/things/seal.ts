import { FACES } from "../design/names";
import { faceName } from "../materials/face";
import { materialName } from "../materials/find";
import { SPLITS, splitsMet } from "../seal/decisions";
import { layerKind } from "../seal/stack/layers";
import { waterStands } from "../seal/water";
import { capital } from "../units/capital";
import { formatLengthWithUnit } from "../units/format";
import { thingKey } from "./key";
import { layerId } from "./layerId";
import type { Thing, ThingKind } from "./thing";

export const beads: ThingKind = {
  rows: "water",
  list: ({ site }) => [
    {
      ...{ kind: "beads", id: "seams", name: "Beads", what: "sealant", stage: "seal" },
      paths: ["/seal/seams", "/seal/sealant", "/seal/leg", "/seal/airingDays"],
      says: `${{ all: "every inner seam", base: "base and feet", none: "none" }[site.variant.seal.seams]} · ${materialName(site.book, site.variant.seal.sealant)}`,
    },
  ],
};

/** A liner over the base. */
export const liner: ThingKind = {
  rows: "water",
  list: ({ site }) => {
    const { liner: laid } = site.variant.seal;
    if (!laid) return [];
    return [
      {
        ...{ kind: "liner", id: "liner", name: "Liner", what: "sheet", stage: "seal" },
        paths: ["/seal/liner"],
        says: `${materialName(site.book, laid.material)} · up ${formatLengthWithUnit(laid.upstand.value, site.brief.units)}`,
      },
    ];
  },
  off: (variant) => {
    variant.seal.liner = null;
  },
};

/** A face with what is put on it. */
export const stack: ThingKind = {
  rows: "faces",
  list: ({ site }) =>
    FACES.filter((f) => !site.shell.faces[f].open).map((face): Thing => {
      const at = site.variant.seal.stacks.findIndex((s) => s.face === face);
      const layers = site.variant.seal.stacks[at]?.layers ?? [];
      return {
        ...{ kind: "stack", id: face, what: "face", stage: "seal", face },
        name: capital(face),
        paths: at < 0 ? [] : [`/seal/stacks/${at}`],
        says:
          layers.map((l) => layerKind(l.layer).name.toLowerCase()).join(", ") ||
          `bare ${faceName(site.shell.faces[face].material, (mm) => formatLengthWithUnit(mm, site.brief.units))}`,
      };
    }),
  off: (variant, id) => {
    variant.seal.stacks = variant.seal.stacks.filter((s) => s.face !== id);
  },
};

export const layer: ThingKind = {
  rows: "faces",
  list: ({ site }) =>
    site.variant.seal.stacks.flatMap(({ face, layers }, at) =>
      layers.map(
        (l, i): Thing => ({
          ...{ kind: "layer", id: layerId(face, l.id), what: `layer of the ${face}`, stage: "seal", face },
          partOf: thingKey({ kind: "stack", id: face }),
          name: layerKind(l.layer).name,
          paths: [`/seal/stacks/${at}/layers/${i}`],
        }),
      ),
    ),
  off: (variant, id) => {
    for (const s of variant.seal.stacks) s.layers = s.layers.filter((l) => layerId(s.face, l.id) !== id);
    variant.seal.stacks = variant.seal.stacks.filter((s) => s.layers.length > 0);
  },
};

/** Questions of safety that careful builders answer in opposite ways: all in one place. */
export const decision: ThingKind = {
  rows: "water",
  list: ({ site, facts }) => {
    const met = splitsMet(site, facts);
    if (met.length === 0) return [];
    const made = met.filter(({ split }) =>
      site.variant.seal.decisions.some((d) => d.split === split && d.school !== ""),
    );
    return [
      {
        ...{ kind: "decision", id: "splits", name: "Yours to decide", what: "safety", stage: "seal" },
        paths: ["/seal/decisions"],
        says:
          made.length === met.length
            ? `${met.length} decided`
            : `${met.length - made.length} of ${met.length} open: ${SPLITS[met.find((m) => !made.includes(m))!.split].question}`,
      },
    ];
  },
};

export const test: ThingKind = {
  rows: "water",
  list: ({ site, test: { why } }) =>
    waterStands(site)
      ? [
          {
            ...{ kind: "test", id: "water-test", name: "Water test", what: "test", stage: "seal" },
            paths: [],
            says: why,
          },
        ]
      : [],
};
