import type { KeepOut } from "./schema";

export const KEEP_OUT_WORDS: Record<KeepOut["use"], string> = {
  heatMat: "heat mat: no foam, nothing over it",
  window: "window: mask it before any coat",
  lamp: "lamp clearance",
  doorSwing: "door swing",
};
