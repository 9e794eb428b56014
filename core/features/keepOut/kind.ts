import { emptyLedger } from "../../ledgers/ledger";
import { SIZE_LIMIT_MM } from "../../shell/limits";
import { fittedOpening, sizedOpening } from "../fit";
import type { FeatureKind } from "../kind";
import { featureName } from "../name";
import type { KeepOut } from "./schema";
import { keepOutStarts } from "./starts";
import { KEEP_OUT_WORDS } from "./words";

/** Clearance of a lamp while nobody has typed its label's: from memory. */
export const LAMP_CLEAR_MM = 200;

/** Keep-outs whose thing is seen to from inside or outside. */
const REACHED: Record<KeepOut["use"], ((feature: KeepOut, through: string) => string) | undefined> = {
  heatMat: ({ face }) => `outside of the ${face}; it must come off`,
  lamp: (_, through) => `${through}; a lamp is changed cold`,
  window: undefined,
  doorSwing: undefined,
};

const FREE: Record<KeepOut["use"], { title: string; reason: string }> = {
  heatMat: {
    title: "Foam on the heat mat's pane",
    reason: "A mat that is foamed over or insulated overheats: never (common practice, no source).",
  },
  window: { title: "Over a window", reason: "What is looked through stays clear; mask it before foam is near it." },
  lamp: { title: "In a keep-out", reason: `${KEEP_OUT_WORDS.lamp}: nothing may stand there.` },
  doorSwing: { title: "In a keep-out", reason: `${KEEP_OUT_WORDS.doorSwing}: nothing may stand there.` },
};

/** A part of a face where nothing else may go; nothing is cut. */
export const keepOut: FeatureKind<KeepOut> = {
  kind: "keepOut",
  stage: "shell",
  starts: keepOutStarts,
  size: ({ width, height }) => ({ widthMm: width.value, heightMm: height.value }),
  check(feature, path, { between }) {
    between(`${path}/width`, feature.width, 5, SIZE_LIMIT_MM.high, "A keep-out's width");
    between(`${path}/height`, feature.height, 5, SIZE_LIMIT_MM.high, "A keep-out's height");
    between(`${path}/deep`, feature.deep, 1, SIZE_LIMIT_MM.high, "How far into the room it reaches");
  },
  cut: () => [],
  cutWords: ({ width, height }, say) => `${say(width.value)} × ${say(height.value)}`,
  edgeMm: () => 0,
  edgeReason: "",
  mayBeWet: () => true,
  fitted: ({ width, height }, room) => fittedOpening(width.value, height.value, room),
  sized: (_, extent) => sizedOpening(extent),
  masked: ({ use }) => use === "window",
  stayFree: ({ use }) => FREE[use],
  standsOnMesh: ({ use }) => use === "lamp",
  standsOut: ({ use }) => use === "lamp" || use === "heatMat",
  clearance: ({ use, deep }) => ({
    depthMm: use === "window" ? 0 : (deep?.value ?? (use === "lamp" ? LAMP_CLEAR_MM : 0)),
    typed: deep !== null,
    hot: use === "lamp",
    reason:
      use === "lamp"
        ? "Burns and fire: clearance is judged on the finished layout, from the nearest perch, not in the empty box."
        : `${KEEP_OUT_WORDS[use]}: nothing may stand there.`,
  }),
  ways: () => [],
  reached(feature, { through }) {
    const words = REACHED[feature.use]?.(feature, through);
    return words ? [{ label: featureName(feature), way: words }] : [];
  },
  plan: () => emptyLedger(),
};
