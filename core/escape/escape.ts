import * as v from "valibot";
import type { Body } from "../residents/names";
import { formatLengthWithUnit, formatNumber, type LengthDisplay, MILLIMETRES } from "../units/format";
import { MM_PER } from "../units/length";
import { atLeast, atMost, under } from "../units/tolerance";
import { formatWithin } from "../units/within";

const mm = v.pipe(v.number(), v.finite(), v.minValue(0));
const aperture = v.tuple([mm, mm]);
const behindMesh = v.optional(v.object({ apertureMm: aperture }));
/** How far it opens under the resident's push. */
const push = v.optional(mm);
const common = { name: v.string(), behindMesh, pushMm: push };
const tolerance = v.optional(v.array(mm), []);
const growth = v.optional(mm, 0);

/** A way out: a slot, a mesh, or a round hole; a slot or hole may lie behind mesh. */
export const WaySchema = v.variant("kind", [
  v.object({ ...common, kind: v.literal("slot"), nominalMm: mm, toleranceMm: tolerance, growthMm: growth }),
  v.object({ ...common, kind: v.literal("mesh"), apertureMm: aperture }),
  v.object({ ...common, kind: v.literal("round"), diameterMm: mm, toleranceMm: tolerance, growthMm: growth }),
]);
export type Way = v.InferInput<typeof WaySchema>;

/** Whose body is judged: the resident's as it is, its smallest, what hatches, what it eats, what cleans up after it. */
export const LIVES = ["adult", "smallest", "hatchling", "feeder", "crew"] as const;
export type Life = (typeof LIVES)[number];

const positive = v.pipe(v.number(), v.finite(), v.minValue(0.01));

/** Input of `hornwort escape`. */
export const EscapeSchema = v.object({
  resident: v.object({
    name: v.string(),
    narrowestRigidMm: positive,
    factor: v.pipe(v.number(), v.finite(), v.minValue(0.01), v.maxValue(1)),
    refusedGapMm: v.optional(positive),
    /** The widest soft measure of its body; with it each way is judged as a snare too. */
    girthMm: v.optional(positive),
    /** The least gap its head passes; its narrowest rigid measure unless given. */
    headMm: v.optional(positive),
    life: v.optional(v.picklist(LIVES)),
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
  /** Its head passes and its body does not; told where its girth is known. */
  snare?: boolean;
  why: string;
}

function gapOf(way: Way): { worstMm: number; likelyMm: number } {
  const pushMm = way.pushMm ?? 0;
  if (way.kind === "mesh") {
    const largest = Math.max(...way.apertureMm) + pushMm;
    return { worstMm: largest, likelyMm: largest };
  }
  const nominal = way.kind === "slot" ? way.nominalMm : way.diameterMm;
  const tolerances = way.toleranceMm ?? [];
  const grown = nominal + (way.growthMm ?? 0) + pushMm;
  return {
    worstMm: grown + tolerances.reduce((sum, t) => sum + t, 0),
    likelyMm: grown + Math.hypot(...tolerances),
  };
}

/** What is multiplied shows the digits that were typed, or the product would not come out. */
const exactly = (mm: number, display: LengthDisplay) =>
  display.unit === "mm" ? `${formatNumber(mm, 3)} mm` : `${formatNumber(mm / MM_PER.in, 3)}"`;

const headOf = ({ headMm, narrowestRigidMm }: EscapeInput["resident"]): number => headMm ?? narrowestRigidMm;

/** Whether a gap takes a head and not the body behind it; undefined while the body's girth is not known. */
function snareIn(resident: EscapeInput["resident"], worstMm: number): boolean | undefined {
  const { girthMm } = resident;
  return girthMm === undefined ? undefined : atLeast(worstMm, headOf(resident)) && under(worstMm, girthMm);
}

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
    const snare = snareIn(resident, worstMm);
    const caught = snare
      ? `; a snare: its head passes ${exactly(headOf(resident), display)} and its body of ${exactly(resident.girthMm!, display)} does not`
      : "";
    const why = `at worst ${worst}, ${passes ? "" : "over the "}${allowed} allowed (${basis})${caught}`;
    return {
      ...{ name: way.name, kind: way.kind, worstMm, likelyMm, allowedMm, passes },
      ...(snare !== undefined && { snare }),
      why,
    };
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
  life: Life;
  name: string;
  /** What it was taken to push with, N. */
  pushN: number;
  /** What it was judged by, and what sort of body it has. */
  judged: EscapeInput["resident"];
  body: Body;
  ways: (JudgedWay & { id: string })[];
  largest: string | null;
}
