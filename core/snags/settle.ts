import { checkDesign } from "../design/limits";
import type { Build } from "../design/schema";
import type { Severity, Snag } from "../ledgers/ledger";
import type { Book } from "../materials/schema";
import { applyFix } from "./fix";

const ORDER: Record<Severity, number> = { stop: 0, mind: 1, note: 2 };

/** A fix that would make the design unplannable is not offered. */
function withPlannableFix(snag: Snag, build: Build, book: Book): Snag {
  if (!snag.fix) return snag;
  if (checkDesign(applyFix(build, snag.fix.patch), book).length === 0) return snag;
  const { fix: _, ...rest } = snag;
  return rest;
}

/** Snags as the screen shows them: stops first, waived ones marked and last of their kind, only fixes that can be applied. */
export function settleSnags(snags: Snag[], build: Build, book: Book): Snag[] {
  return snags
    .map((snag) => {
      const waiver = build.waivers.find((w) => w.rule === snag.rule && w.subject === snag.subject);
      const settled = withPlannableFix(snag, build, book);
      return waiver ? { ...settled, waived: { reason: waiver.reason } } : settled;
    })
    .sort(
      (a, b) =>
        ORDER[a.severity] - ORDER[b.severity] || Number(a.waived !== undefined) - Number(b.waived !== undefined),
    );
}
