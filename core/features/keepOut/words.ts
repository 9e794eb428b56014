import type { KeepOut } from "./schema";

export const KEEP_OUT_WORDS: Record<KeepOut["use"], string> = {
  window: "window: mask it before any coat",
  doorSwing: "door swing",
};
