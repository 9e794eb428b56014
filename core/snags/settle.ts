import { checkDesign } from "../document/check";
import type { Build } from "../document/schema";
import type { Fix, Severity, Snag } from "../ledgers/ledger";
import type { Book } from "../materials/schema";
import { applyFix } from "./fix";

const ORDER: Record<Severity, number> = { stop: 0, mind: 1, note: 2 };

/** Snags of a design, as far as fixes can change them; asked of each design a fix would lead to. */
export type Judge = (design: Build, fix: Fix) => Pick<Snag, "rule" | "subject" | "severity">[];

const key = (snag: Pick<Snag, "rule" | "subject">) => `${snag.rule}/${snag.subject}`;
const stopsOf = (snags: ReturnType<Judge>) => snags.filter((s) => s.severity === "stop").map(key);

/** A fix is offered only when the design it leads to can be planned, is rid of the snag, and has no new stop. */
function proves(fix: Fix, snag: Snag, build: Build, book: Book, before: Set<string>, judge: Judge): boolean {
  const fixed = applyFix(build, fix.patch);
  if (checkDesign(fixed, book).length > 0) return false;
  const after = judge(fixed, fix);
  return after.every((s) => key(s) !== key(snag)) && stopsOf(after).every((stop) => before.has(stop));
}

/**
 * Snags as the screen shows them: stops first, waived ones marked and last of their kind, each fix proved.
 * @param judge null while a design is under way: fixes are then shown as they come, unproved, for nobody can press them
 */
export function settleSnags(snags: Snag[], build: Build, book: Book, judge: Judge | null): Snag[] {
  const before = new Set(stopsOf(snags));
  return snags
    .map(({ fix: first, otherFixes = [], ...snag }): Snag => {
      const fixes = first ? [first, ...otherFixes] : otherFixes;
      const fix = judge === null ? fixes[0] : fixes.find((f) => proves(f, snag, build, book, before, judge));
      const waiver = build.waivers.find((w) => w.rule === snag.rule && w.subject === snag.subject);
      return { ...snag, ...(fix && { fix }), ...(waiver && { waived: { reason: waiver.reason } }) };
    })
    .sort(
      (a, b) =>
        ORDER[a.severity] - ORDER[b.severity] || Number(a.waived !== undefined) - Number(b.waived !== undefined),
    );
}
