import type { FeatureKind } from "../../core/features/kind";
import type { Feature } from "../../core/features/schema";
import { emptyLedger } from "../../core/ledgers/ledger";
import type { SlotShelf } from "./schemas";

const own = (feature: Feature) => feature as unknown as SlotShelf;

/** A kind of feature with one of everything a kind may make. */
export const slotShelf: FeatureKind = {
  kind: "slotShelf" as never,
  stage: "shell",
  starts: [],
  size: (feature) => ({ widthMm: own(feature).width.value, heightMm: 20 }),
  check: (feature, path, { between }) => between(`${path}/width`, own(feature).width, 10, 900, "A slot shelf"),
  cut: (feature) => [{ shape: "rectangle", widthMm: own(feature).width.value, heightMm: 20, cornerMm: 0 }],
  cutWords: (feature, say) => `slot ${say(own(feature).width.value)}`,
  edgeMm: () => 20,
  edgeReason: "A slot near an edge tears out.",
  mayBeWet: () => false,
  fitted: () => undefined,
  sized: (_, { widthMm }) => [{ path: "/width", mm: widthMm }],
  masked: () => true,
  stayFree: () => ({ title: "Over a slot shelf", reason: "It is stood on." }),
  ways: (_, { id, name, face }) => [
    { id, where: face, stage: "shell", cover: "the shelf", way: { name, kind: "slot", nominalMm: 1 } },
  ],
  reached: ({ name }) => [{ label: name, way: "pulled out" }],
  plan: (_, feature) => ({
    ...emptyLedger(),
    parts: [
      {
        ...{ id: `shelf/${feature.id}`, label: feature.name, materialId: "pvc-foam-10", kind: "panel", qty: 1 },
        ...{ lengthMm: own(feature).width.value, widthMm: 60, thicknessMm: 10, grainLocked: false },
        working: { length: "its width", width: "60" },
      },
    ],
    steps: [
      {
        ...{ id: `shelf/${feature.id}`, title: "Slide the slot shelf in", detail: "From inside.", stage: "shell" },
        ...{ handsOnMinutes: 5, waitMinutes: 0, splittable: true, toHand: [], cautions: [] },
        after: [{ reached: "sawn", because: "it must be cut" }],
        reaches: ["holesCut:back"],
      },
    ],
  }),
};
