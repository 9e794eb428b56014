import fc from "fast-check";
import { CURE_IDS } from "../core/cures/names";
import { FACES } from "../core/design/names";
import { SEATS } from "../core/escape/names";
import { maybe, mm, origin } from "./anyMeasure";

/** A free list of gaps. */
export const anyGaps = fc
  .array(
    fc.record({
      kind: fc.constantFrom("slot" as const, "round" as const),
      seat: fc.constantFrom(...SEATS),
      size: mm(0.5, 8),
      tolerance: maybe(mm(0, 1)),
      where: fc.constantFrom(...FACES),
      length: maybe(mm(10, 600)),
      height: maybe(mm(0, 300)),
    }),
    { maxLength: 2 },
  )
  .map((list) => list.map((gap, i) => ({ ...gap, id: `g${i}`, name: `gap ${i + 1}` })));
/** Ways out that shells come with, as the plan calls them. */
const CURED = ["doors-meet", "doors-edge", "doors-hinge", "screen", "screen-lip", "notches", "strip", "lid", "gap-g0"];
/** Cures for some of the gaps that shells come with. */
export const anyCures = fc
  .uniqueArray(fc.record({ way: fc.constantFrom(...CURED), kind: fc.constantFrom(...CURE_IDS), origin }), {
    selector: (c) => c.way,
    maxLength: 2,
  })
  .map((list) => list.map((c, i) => ({ ...c, id: `c${i}`, mesh: c.kind === "mesh" ? "steel-mesh-no-18" : null })));
