import { formatNumber } from "../../units/format";
import { fail, ok, type Result } from "../../units/result";
import { under } from "../../units/tolerance";
import type { DoorInput, DoorResult, Edge, EdgeGap } from "./format";
import { hingePullN, hingesWanted, type Leaf, leafOf, swingClearMm } from "./leaf";
import { bowMm, clearancesAt } from "./movement";
import { pushedMm, pushStressMPa } from "./push";

/** Under this an edge rubs, mm. From memory. */
export const FREE_MM = 0.5;
/** Annealed glass may break above this for a short push, MPa. From memory. */
export const ANNEALED_MPA = 20;

/** The edges of a kind of leaf, in the order they are told. */
function edgesOf({ kind, leaves }: DoorInput): Edge[] {
  if (kind !== "hinged") return ["lock", "head", "foot"];
  return ["hinge", leaves === 2 ? "meet" : "lock", "head", "foot"];
}

/** Where an edge's clearance may all come to, of a leaf that can slide to one side. */
const OPPOSITE: Partial<Record<Edge, Edge>> = { lock: "lock", head: "foot", foot: "head" };

/** What keeps a leaf from being made at all, in words. */
function cannotBeMade({ kind, leaves, leaf: { thicknessMm, frame, infill }, hinges }: DoorInput, leaf: Leaf) {
  const mm = (n: number) => `${formatNumber(n, 2)} mm`;
  if (kind !== "hinged" && leaves !== 1) return `a ${kind === "lid" ? "lid" : "lift-out panel"} is one leaf`;
  if (leaf.widthMm <= 0 || leaf.heightMm <= 0)
    return `the clearances leave a leaf of ${mm(leaf.widthMm)} × ${mm(leaf.heightMm)}; make them smaller`;
  if (!frame) {
    if (infill.kind === "mesh") return "mesh needs a frame round it";
    if (
      infill.kind === "sheet" &&
      [infill.growthPerK, infill.moisturePerPercent, infill.modulusGPa].includes(undefined)
    )
      return "a leaf that is one sheet needs leaf.infill.growthPerK, moisturePerPercent and modulusGPa";
  } else {
    if (thicknessMm === undefined) return "a framed leaf needs leaf.thicknessMm, the thickness of its bars";
    const widest = Math.min(leaf.widthMm, leaf.heightMm) / 2;
    if (frame.barWidthMm >= widest)
      return `bars of ${mm(frame.barWidthMm)} leave nothing between them; under ${mm(widest)} would`;
    if (infill.rebateMm > frame.barWidthMm)
      return `a rebate of ${mm(infill.rebateMm)} is deeper than its bar of ${mm(frame.barWidthMm)}`;
    if (infill.playMm > infill.rebateMm)
      return `${mm(infill.playMm)} clear round the infill is more than the ${mm(infill.rebateMm)} that hold it`;
  }
  if (kind !== "hinged") return undefined;
  if (!hinges) return "a hinged leaf needs hinges: their count and spacing";
  if (hinges.spacingMm >= leaf.heightMm)
    return `hinges ${mm(hinges.spacingMm)} apart do not fit a leaf ${mm(leaf.heightMm)} high`;
  return undefined;
}

/**
 * Sizes, forces and gaps of a leaf or lid at both ends of the climate (source: door-rules).
 * @param input millimetres; see `DoorSchema`
 * @returns what to cut, what pulls on the hinges, how far each edge opens, and whether and where it binds; or what cannot
 *   be made
 * @example
 * const end = { tempC: 20, moisturePercent: 9 };
 * const glass = { kind: "glass", thicknessMm: 4, rebateMm: 0, playMm: 0, densityKgPerM3: 2500 };
 * const lid = {
 *   opening: { widthMm: 400, heightMm: 300 }, kind: "lid", leaves: 1, centred: true, pushN: 0,
 *   clearanceMm: { hinge: 0, lock: 2, meet: 0, head: 2, foot: 2 }, leaf: { frame: null, infill: glass },
 *   surround: { growthPerK: 0, moisturePerPercent: 0 }, hinges: null, holds: { everyMm: 300, lastFromEndMm: 0 },
 *   tolerance: { openingMm: 0.75, leafMm: 0.5 }, made: end, dry: end, wet: end,
 * };
 * const { value } = sizeDoor(lid);
 * value.gaps.lock.worst; // 3.25
 * value.leaf; // { widthMm: 396, heightMm: 296, … }
 */
export function sizeDoor(input: DoorInput): Result<DoorResult> {
  const leaf = leafOf(input);
  const wrong = cannotBeMade(input, leaf);
  if (wrong) return fail(wrong);
  const { kind, clearanceMm, tolerance, centred, hinges } = input;
  const { openingMm, leafMm } = tolerance;
  const swings = kind === "hinged";
  const ends = (["made", "dry", "wet"] as const).map((name) => ({ name, at: clearancesAt(input, leaf, input[name]) }));
  const pushed = pushedMm(input, leaf);
  const edges = edgesOf(input);
  const tauWorst = (edge: Edge) => openingMm + (edge === "meet" ? 2 : 1) * leafMm;
  const tauLikely = (edge: Edge) => Math.hypot(openingMm, ...(edge === "meet" ? [leafMm, leafMm] : [leafMm]));
  const gapOf = (edge: Edge): EdgeGap => {
    const beside = swings || centred ? undefined : OPPOSITE[edge];
    const open = Math.max(...ends.map(({ at }) => at[edge] + (beside ? at[beside] : 0))) + pushed[edge];
    return { nominal: clearanceMm[edge], likely: open + tauLikely(edge), worst: open + tauWorst(edge) };
  };
  const stressMPa = pushStressMPa(input, leaf);
  const binding = bindingOf(input, leaf, edges, ends, tauWorst);
  const found: DoorResult = {
    leaf: { widthMm: leaf.widthMm, heightMm: leaf.heightMm, massKg: leaf.massKg },
    bars: leaf.bars,
    infill: leaf.infill,
    hingePullN: swings && hinges ? hingePullN(leaf, hinges.spacingMm) : 0,
    hingesWanted: swings ? hingesWanted(leaf) : 0,
    swingClearMm: swingClearMm(leaf),
    gaps: Object.fromEntries(edges.map((edge) => [edge, gapOf(edge)])),
    stressMPa,
    bowMm: bowMm(input, leaf),
    bindsAt: binding?.at ?? null,
    why: "",
  };
  return ok({ ...found, why: whyOf(input, found, binding) });
}

/** Where a leaf binds, with the edge and what is left there. */
interface Binding {
  at: "dry" | "wet" | "swing";
  edge: Edge;
  leftMm: number;
}

function bindingOf(
  { kind }: DoorInput,
  leaf: Leaf,
  edges: readonly Edge[],
  ends: readonly { name: "made" | "dry" | "wet"; at: Record<Edge, number> }[],
  tau: (edge: Edge) => number,
): Binding | undefined {
  const left = ends.flatMap(({ name, at }) =>
    edges.filter((edge) => edge !== "hinge").map((edge) => ({ name, edge, leftMm: at[edge] - tau(edge) })),
  );
  const tightest = (all: typeof left) =>
    all.reduce<(typeof left)[number] | undefined>((a, b) => (a && a.leftMm <= b.leftMm ? a : b), undefined);
  // Wet first: of two that are as tight it is the one told.
  for (const at of ["wet", "dry"] as const) {
    const here = tightest(left.filter((l) => l.name === at));
    const other = tightest(left.filter((l) => l.name === (at === "wet" ? "dry" : "wet")));
    if (here && under(here.leftMm, FREE_MM) && !(other && other.leftMm < here.leftMm))
      return { at, edge: here.edge, leftMm: here.leftMm };
  }
  if (kind !== "hinged") return undefined;
  const free = tightest(left.filter(({ edge }) => edge === "lock" || edge === "meet"));
  if (!free || !under(free.leftMm, swingClearMm(leaf))) return undefined;
  return { at: "swing", edge: free.edge, leftMm: free.leftMm };
}

const WHERE: Record<Edge, string> = {
  hinge: "at the hinges",
  lock: "beside it",
  meet: "where the leaves meet",
  head: "at the head",
  foot: "at the foot",
};

/** The result in a line or two, in millimetres. */
function whyOf(input: DoorInput, { gaps, stressMPa, swingClearMm: swingMm }: DoorResult, binding?: Binding): string {
  const mm = (n: number) => `${formatNumber(n, 2)} mm`;
  const widest = (Object.entries(gaps) as [Edge, EdgeGap][]).reduce((a, b) => (a[1].worst >= b[1].worst ? a : b));
  const lines = [`opens ${mm(widest[1].worst)} at worst, ${WHERE[widest[0]]}`];
  if (binding)
    lines.push(
      binding.at === "swing"
        ? `its free edge needs ${mm(swingMm)} to swing and has ${mm(binding.leftMm)} at the least`
        : `binds when it is ${binding.at}: ${mm(binding.leftMm)} left ${WHERE[binding.edge]}, ${mm(FREE_MM)} wanted`,
    );
  if (input.pushN > 0) lines.push("what a push opens is a bound: the leaf bows out of its own plane");
  if (stressMPa !== null && input.leaf.infill.kind === "glass" && stressMPa > ANNEALED_MPA)
    lines.push(
      `pane may break: ${formatNumber(stressMPa, 1)} MPa under the push, over ${ANNEALED_MPA} for annealed glass; swinging panes without a frame are toughened or laminated, their holes made before`,
    );
  return lines.join("; ");
}
