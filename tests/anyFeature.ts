import fc from "fast-check";
import { statedMm } from "../core/design/measure";
import { fate, maybe, mm, origin } from "./anyMeasure";

const place = {
  origin,
  fate,
  face: fc.constantFrom(
    "left" as const,
    "right" as const,
    "back" as const,
    "top" as const,
    "front" as const,
    "base" as const,
  ),
  u: mm(0, 800),
  v: mm(0, 700),
  name: fc.constantFrom("", "Feature"),
};
/** Any feature but for its id, found or made. */
export const anyFeature = fc.oneof(
  fc
    .record({
      ...place,
      holeDia: mm(2, 20),
      gap: mm(1, 20),
      columns: fc.integer({ min: 1, max: 12 }),
      rows: fc.integer({ min: 1, max: 5 }),
      mesh: fc.constantFrom(null, "fly-screen"),
      meshOrigin: origin,
      hole: maybe(mm(5, 40)),
    })
    .map(({ gap, ...h }) => ({
      ...h,
      kind: "holes" as const,
      pattern: "staggered" as const,
      pitch: statedMm(h.holeDia.value + gap.value),
    })),
  fc
    .record({
      ...place,
      width: mm(10, 300),
      height: mm(10, 200),
      shape: fc.constantFrom("panel" as const, "slot" as const, "round" as const),
      mesh: fc.constantFrom(null, "fly-screen", "steel-mesh-6"),
      lap: mm(0, 30),
      meshOrigin: origin,
      hole: maybe(mm(5, 40)),
    })
    .map((m) => ({ ...m, kind: "mesh" as const })),
  fc
    .record({
      ...place,
      bore: mm(3, 40),
      gap: mm(0, 3),
      use: fc.constantFrom("cable" as const, "probe" as const, "drain" as const),
    })
    .map((p) => ({ ...p, kind: "port" as const, tube: null })),
  fc
    .record({
      ...place,
      face: fc.constantFrom("left" as const, "back" as const, "front" as const),
      bore: mm(6, 30),
      gap: mm(0, 1),
      tube: fc.record({ bore: mm(3, 6), rise: mm(0, 200), run: mm(30, 600), bendRadius: mm(5, 200) }),
    })
    .map((p) => ({ ...p, kind: "port" as const, use: "tube" as const })),
  fc
    .record({
      ...place,
      width: mm(20, 300),
      height: mm(20, 200),
      lap: mm(0, 30),
      glass: fc.constantFrom("glass-4", "glass-6"),
      onHand: maybe(fc.record({ width: mm(20, 300), height: mm(20, 200) })),
    })
    .map((p) => ({ ...p, kind: "pane" as const })),
  fc
    .record({
      ...place,
      width: mm(20, 300),
      height: mm(20, 200),
      use: fc.constantFrom("doorSwing" as const, "window" as const),
      deep: maybe(mm(10, 300)),
    })
    .map((k) => ({ ...k, kind: "keepOut" as const })),
);
