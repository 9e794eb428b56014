import { emptyLedger } from "../../ledgers/ledger";
import { SIZE_LIMIT_MM } from "../../shell/limits";
import { fittedOpening, sizedOpening } from "../fit";
import type { FeatureKind } from "../kind";
import type { KeepOut } from "./schema";
import { keepOutStarts } from "./starts";
import { KEEP_OUT_WORDS } from "./words";

const FREE: Record<KeepOut["use"], { title: string; reason: string }> = {
  window: { title: "Over a window", reason: "What is looked through stays clear; mask it before foam is near it." },
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
  clearance: ({ use, deep }) => ({
    depthMm: use === "doorSwing" ? (deep?.value ?? 0) : 0,
    reason: `${KEEP_OUT_WORDS[use]}: nothing may stand there.`,
  }),
  ways: () => [],
  reached: () => [],
  plan: () => emptyLedger(),
};
