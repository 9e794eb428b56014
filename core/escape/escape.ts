import * as v from "valibot";
import { formatLengthWithUnit, formatNumber, type LengthDisplay, MILLIMETRES } from "../units/format";
import { MM_PER } from "../units/length";
import { atMost } from "../units/tolerance";
import { formatWithin } from "../units/within";

const mm = v.pipe(v.number(), v.finite(), v.minValue(0));
const aperture = v.tuple([mm, mm]);
const behindMesh = v.optional(v.object({ apertureMm: aperture }));
const common = { name: v.string(), behindMesh };
const tolerance = v.optional(v.array(mm), []);
const growth = v.optional(mm, 0);

/** A way out: a slot, a mesh, or a round hole; a slot or hole may lie behind mesh. */
export const WaySchema = v.variant("kind", [
  v.object({ ...common, kind: v.literal("slot"), nominalMm: mm, toleranceMm: tolerance, growthMm: growth }),
  v.object({ ...common, kind: v.literal("mesh"), apertureMm: aperture }),
  v.object({ ...common, kind: v.literal("round"), diameterMm: mm, toleranceMm: tolerance, growthMm: growth }),
]);
export type Way = v.InferInput<typeof WaySchema>;

/** Input of `hornwort escape`. */
export const EscapeSchema = v.object({
  resident: v.object({
    name: v.string(),
    narrowestRigidMm: v.pipe(v.number(), v.finite(), v.minValue(0.01)),
    factor: v.pipe(v.number(), v.finite(), v.minValue(0.01), v.maxValue(1)),
    refusedGapMm: v.optional(v.pipe(v.number(), v.finite(), v.minValue(0.01))),
  }),
  ways: v.array(WaySchema),
});
export type EscapeInput = v.InferInput<typeof EscapeSchema>;

/** One way out, judged. `worstMm` adds tolerances up, `likelyMm` takes their root-sum-square. */
export interface JudgedWay {
  name: string;
  kind: Way["kind"];
  worstMm: number;
  likelyMm: number;
  allowedMm: number;
  passes: boolean;
  why: string;
}

function gapOf(way: Way): { worstMm: number; likelyMm: number } {
  if (way.kind === "mesh") {
    const largest = Math.max(...way.apertureMm);
    return { worstMm: largest, likelyMm: largest };
  }
  const nominal = way.kind === "slot" ? way.nominalMm : way.diameterMm;
  const tolerances = way.toleranceMm ?? [];
  const grown = nominal + (way.growthMm ?? 0);
  return {
    worstMm: grown + tolerances.reduce((sum, t) => sum + t, 0),
    likelyMm: grown + Math.hypot(...tolerances),
  };
}

/** What is multiplied shows the digits that were typed, or the product would not come out. */
const exactly = (mm: number, display: LengthDisplay) =>
  display.unit === "mm" ? `${formatNumber(mm, 3)} mm` : `${formatNumber(mm / MM_PER.in, 3)}"`;

/**
 * Judges every way out against one resident: passes when its worst gap is no more than the allowed one, which is
 * factor × narrowest rigid measure (source: gap-factor), or the gap the builder has seen refused.
 * @param display the units its reasons are told in
 * @returns the ways in the order given, and the name of the one with the highest worst ÷ allowed (null without ways)
 * @example
 * const resident = { name: "boa", narrowestRigidMm: 14, factor: 0.5 };
 * const ways = [{ name: "between the panes", kind: "slot", nominalMm: 6, toleranceMm: [1, 0.5] }];
 * auditEscape({ resident, ways }).ways[0]; // { worstMm: 7.5, allowedMm: 7, passes: false, … }
 */
export function auditEscape(input: EscapeInput, display = MILLIMETRES): { ways: JudgedWay[]; largest: string | null } {
  const { resident } = input;
  const allowedMm = resident.refusedGapMm ?? resident.factor * resident.narrowestRigidMm;
  const basis =
    resident.refusedGapMm !== undefined
      ? `a gap of ${formatLengthWithUnit(resident.refusedGapMm, display)} was seen refused`
      : `${resident.factor} × ${exactly(resident.narrowestRigidMm, display)}`;
  const ways = input.ways.map((way): JudgedWay => {
    const open = gapOf(way);
    const mesh = way.behindMesh && Math.max(...way.behindMesh.apertureMm);
    const worstMm = mesh === undefined ? open.worstMm : Math.min(open.worstMm, mesh);
    const likelyMm = mesh === undefined ? open.likelyMm : Math.min(open.likelyMm, mesh);
    const passes = atMost(worstMm, allowedMm);
    const [worst, allowed] = formatWithin(worstMm, allowedMm, display);
    const why = `at worst ${worst}, ${passes ? "" : "over the "}${allowed} allowed (${basis})`;
    return { name: way.name, kind: way.kind, worstMm, likelyMm, allowedMm, passes, why };
  });
  const worst = ways.reduce<JudgedWay | undefined>(
    (a, b) => (a && a.worstMm / a.allowedMm >= b.worstMm / b.allowedMm ? a : b),
    undefined,
  );
  return { ways, largest: worst?.name ?? null };
}

/** The escape audit for one resident, way by way. */
export interface Audit {
  residentIndex: number;
  name: string;
  ways: (JudgedWay & { id: string })[];
  largest: string | null;
}
