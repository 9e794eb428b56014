import type { Severity } from "../ledgers/ledger";
import type { ClothForm } from "../materials/names";
import type { BarrierId } from "./names";

/** What keeps ground out of the drain layer (docs/trade-coverage.md, A15). */
export interface BarrierKind {
  name: string;
  form: ClothForm;
  layers: number;
  /** It is metal, in the wet. */
  metal?: true;
  /** What is wrong with it, where something is. */
  fault?: { severity: Severity; title: string; reason: string };
}

export const BARRIER: Record<BarrierId, BarrierKind> = {
  weedCloth: { name: "weed cloth", form: "weedCloth", layers: 1 },
  twoScreens: { name: "two layers of fly screen", form: "fibreScreen", layers: 2 },
  oneScreen: {
    ...{ name: "one layer of fly screen", form: "fibreScreen", layers: 1 },
    fault: {
      severity: "mind",
      title: "One screen lets fines through",
      reason: "Fines wash into the drainage layer and fill it; a second layer keeps them (common practice, no source).",
    },
  },
  filterPad: { name: "filter pads", form: "filterPad", layers: 1 },
  fleece: {
    ...{ name: "thin fleece", form: "fleece", layers: 1 },
    fault: {
      severity: "mind",
      title: "Fleece collapses where it is always wet",
      reason: "It goes slack and the substrate follows it down (common practice, no source).",
    },
  },
  metalMesh: {
    ...{ name: "metal mesh", form: "metalMesh", layers: 1, metal: true },
    fault: {
      severity: "stop",
      title: "Metal mesh under wet substrate",
      reason:
        "It rusts through, sheds zinc, and the substrate falls into the drainage layer: glass fibre or plastic instead.",
    },
  },
};

/** A barrier turns up the wall by 20 to 40 mm (source: cutting). */
export const CURL_MM = { value: 30, low: 20, high: 40 } as const;
