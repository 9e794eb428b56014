import type { Step } from "#core/ledgers/ledger";

/** Which way up the shell lies, in words. */
export const POSTURE: Record<NonNullable<Step["posture"]>, string> = {
  upright: "upright",
  onBack: "on its back",
  onFront: "on its front",
  onLeft: "on its left side",
  onRight: "on its right side",
  onTop: "upside down",
};
