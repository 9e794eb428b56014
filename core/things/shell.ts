import { FACES } from "../design/names";
import { readAt, writeAt } from "../design/pointer";
import type { Variant } from "../document/schema";
import { featureName, featureRect, isCut } from "../features/feature";
import { featureKind } from "../features/index";
import type { Feature } from "../features/schema";
import type { Plan } from "../plan";
import { kindOf } from "../shell/kinds/index";
import type { SurveyField } from "../shell/survey";
import { formatLength } from "../units/format";
import { surveyId } from "./surveyId";
import type { PlacedItem, Thing, ThingKind } from "./thing";

/** How many of its measures are there, and how many of those are guesses. */
function surveySays(variant: Variant, fields: readonly SurveyField[]): string {
  const measures = fields.flatMap(({ path }) => {
    const value = readAt(variant, path) as { how?: string } | null | undefined;
    return value && typeof value === "object" && "how" in value ? [value] : [];
  });
  const guessed = measures.filter((m) => m.how === "guessed").length;
  return `${measures.length} ${measures.length === 1 ? "measure" : "measures"}${guessed > 0 ? `, ${guessed} guessed` : ""}`;
}

/** Groups of the survey: what is measured round the tape. */
export const survey: ThingKind = {
  rows: "measured",
  list: ({ shell, site }) =>
    kindOf(shell).survey.groups.map(({ title, fields }) => ({
      ...{ kind: "survey", id: surveyId(title), name: title, what: "survey", stage: "shell" },
      paths: fields.map((f) => f.path),
      says: surveySays(site.variant, fields),
    })),
};

/** The part of a shell that may hold shelves, a tray, a dam and a second floor; which of them it has is its own. */
interface MayHold {
  found?: { shelves?: { name: string }[] };
  tray?: unknown;
  dam?: unknown;
  damPane?: unknown;
  floor?: unknown;
}
const holds = ({ site }: Plan) => site.variant.shell as unknown as MayHold;

export const shelf: ThingKind = {
  rows: "measured",
  list: (plan) =>
    // A shelf is known by its name: what is cut from it says it so.
    (holds(plan).found?.shelves ?? []).map(({ name }, i) => ({
      ...{ kind: "shelf", id: name, name, what: "shelf", stage: "shell" },
      paths: [`/shell/found/shelves/${i}`],
    })),
  off: (variant, id) => {
    const { found } = variant.shell as unknown as MayHold;
    if (found?.shelves) found.shelves = found.shelves.filter((s) => s.name !== id);
  },
};

/** A part of the shell that there is, or not. */
const part = (kind: "tray" | "dam" | "secondFloor", key: keyof MayHold, name: string): ThingKind => ({
  rows: "measured",
  list: (plan) =>
    holds(plan)[key] === undefined || holds(plan)[key] === null
      ? []
      : [{ ...{ kind, id: kind, name, what: "shell", stage: "shell" }, paths: [`/shell/${key}`] }],
  off: (variant) => {
    (variant.shell as unknown as Record<string, unknown>)[key] = null;
  },
});
export const tray = part("tray", "tray", "Tray");
export const secondFloor = part("secondFloor", "floor", "Second floor");

/** A dam of its own, or the pane behind a front frame. */
export const dam: ThingKind = {
  rows: "measured",
  list: (plan) =>
    (["dam", "damPane"] as const).flatMap((key): Thing[] =>
      part("dam", key, key === "dam" ? "Dam" : "Pane behind the front frame")
        .list(plan)
        .map((thing) => ({ ...thing, id: key })),
    ),
  off: (variant, id) => {
    (variant.shell as unknown as Record<string, unknown>)[id] = null;
  },
};

const asFeature = (item: PlacedItem) => item as Feature;

/** Vents, ports, panes and keep-outs: each at the stage of its kind. */
export const feature: ThingKind = {
  rows: "openings",
  list: ({ site }) =>
    site.variant.features.map((f, i): Thing => {
      const { widthMm, heightMm } = featureRect(f);
      const say = (mm: number) => formatLength(mm, site.brief.units);
      return {
        ...{ kind: "feature", id: f.id, name: featureName(f), face: f.face },
        what: isCut(f) ? "opening" : "keep-out",
        stage: featureKind(f).stage,
        paths: [`/features/${i}`],
        says: `${f.face} · ${say(widthMm)} × ${say(heightMm)}`,
      };
    }),
  off: (variant, id) => {
    variant.features = variant.features.filter((f) => f.id !== id);
  },
  placed: {
    items: ({ features }) => features,
    nameOf: (item) => featureName(asFeature(item)),
    rect: (item) => featureRect(asFeature(item)),
    size(item, widthMm, heightMm, put) {
      for (const { path, mm, value } of featureKind(asFeature(item)).sized(asFeature(item), { widthMm, heightMm }))
        writeAt(item, path, mm === undefined ? value : put(mm));
    },
    faces: FACES,
  },
};
