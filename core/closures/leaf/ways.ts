import { type AirPath, levelSlot, openMesh, uprightSlot } from "../../escape/airPath";
import type { Seat } from "../../escape/names";
import type { PlacedWay } from "../../escape/way";
import type { MaterialOf } from "../../materials/schema";
import { type DoorResult, EDGES, type Edge } from "../door/format";
import { leafOf } from "../door/leaf";
import { pushedMm } from "../door/push";
import { finerMeshes } from "../finer";
import type { Here } from "../kind";
import type { Lock } from "../lock/schema";
import { lockWords } from "../lock/words";
import type { LeafJob } from "./job";
import { narrower } from "./narrower";
import type { Infill } from "./stuff";
import type { LeafWords } from "./words";

const seatOf = (edge: Edge, kind: LeafJob["hanging"]["kind"]): Seat =>
  edge === "meet" ? "meeting" : kind === "hinged" ? "edge" : "rim";

/** A mesh lies under its batten all round; what may be pried up there. From memory. */
const MESH_EDGE_MM = 0.5;

/** A mesh in a leaf: what it is in, how much of it is seen, in how many leaves, and where it is chosen. */
interface MeshIn {
  of: string;
  thing: string;
  widthMm: number;
  heightMm: number;
  count: number;
  at: string;
}

/** What air passes of a mesh: of one that stands, low and high apart. */
function meshAir({ opening, site }: Here, mesh: MaterialOf<"mesh">, widthMm: number, heightMm: number): AirPath[] {
  const screens = [openMesh(mesh)];
  if (opening.face === "top")
    return [{ grossMm2: widthMm * heightMm, zMm: site.shell.levels.topMm, uprightMm: null, screens }];
  const foot = opening.vMm + (opening.heightMm - heightMm) / 2;
  return uprightSlot(widthMm, foot, heightMm).map((path) => ({ ...path, screens }));
}

/** What a mesh in a leaf leaves open: its own holds, and its edge. */
function meshWays(here: Here, infill: Infill, { of, thing, widthMm, heightMm, count, at }: MeshIn): PlacedWay[] {
  if (infill.class !== "mesh") return [];
  const placed = { where: here.opening.face, stage: "front", vent: true as const };
  return [
    {
      ...{ id: here.own(thing), ...placed, cover: infill.name },
      way: { name: `the mesh in the ${of}`, kind: "mesh", apertureMm: infill.apertureMm },
      ...{ seat: "screen", lengthMm: count * widthMm, acrossMm: heightMm, pieces: count },
      air: meshAir(here, infill, widthMm * count, heightMm),
      mends: (allowedMm) => finerMeshes(here.site, infill, at, allowedMm),
    },
    {
      ...{ id: here.own(`${thing}-edge`), where: here.opening.face, stage: "front", cover: "a batten all round" },
      way: { name: `the edge of the mesh in the ${of}`, kind: "slot", nominalMm: MESH_EDGE_MM },
    },
  ];
}

/** Every edge of the leaves, and the mesh in them. */
export function leafWays(here: Here, job: LeafJob, sized: DoorResult, words: LeafWords, lock: Lock): PlacedWay[] {
  const { input, hanging, window } = job;
  const { opening, own, site } = here;
  const { leaf } = sized;
  const pushed = pushedMm({ ...input, pushN: 1 }, leafOf(input));
  const upright = opening.face === "front";
  const edges = EDGES.flatMap((edge): PlacedWay[] => {
    const gap = sized.gaps[edge];
    if (!gap) return [];
    const { openingMm, leafMm } = input.tolerance;
    const toleranceMm = [openingMm, leafMm, ...(edge === "meet" ? [leafMm] : [])];
    const summed = toleranceMm.reduce((sum, t) => sum + t, 0);
    const openMm = gap.worst - summed;
    const side = edge === "hinge" || edge === "lock" || edge === "meet";
    const runs = side ? leaf.heightMm : leaf.widthMm * hanging.leaves;
    const twice = edge === "hinge" && hanging.leaves === 2 ? 2 : 1;
    const zMm = upright ? opening.vMm + (edge === "head" ? opening.heightMm : 0) : site.shell.levels.topMm;
    return [
      {
        ...{ id: own(`leaf/${words.one}-${edge}`), where: opening.face, stage: "front", cover: lockWords(lock) },
        way: {
          ...{ name: words.edges[edge], kind: "slot", nominalMm: gap.nominal, toleranceMm },
          growthMm: Math.max(0, openMm - gap.nominal),
        },
        ...{ seat: seatOf(edge, hanging.kind), lengthMm: runs * twice, pieces: twice },
        ...(pushed[edge] > 0 && { mmPerN: pushed[edge] }),
        air:
          upright && side
            ? Array.from({ length: twice }, () => uprightSlot(gap.nominal, opening.vMm, leaf.heightMm)).flat()
            : levelSlot(gap.nominal, runs * twice, zMm),
        mends: (allowedMm, pushN) => narrower(here, job, words, { edge, gap, mmPerN: pushed[edge], allowedMm, pushN }),
      },
    ];
  });
  return [
    ...edges,
    ...meshWays(here, job.infill, {
      ...{ of: words.all, thing: `leaf/${words.one}-mesh`, count: hanging.leaves },
      widthMm: leaf.widthMm - 2 * (job.bar?.widthMm ?? 0),
      heightMm: leaf.heightMm - 2 * (job.bar?.widthMm ?? 0),
      at: `${here.path}/leaf/infill`,
    }),
    ...(window
      ? meshWays(here, window.infill, {
          ...{ of: words.all, thing: `leaf/${words.one}-window`, count: hanging.leaves },
          ...{ widthMm: window.widthMm, heightMm: window.heightMm, at: `${here.path}/leaf/window/infill` },
        })
      : []),
  ];
}
