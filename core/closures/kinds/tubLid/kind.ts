import { statedMm } from "../../../design/measure";
import { openMesh } from "../../../escape/airPath";
import { memory } from "../../../figures/figure";
import { set } from "../../../ledgers/fix";
import { emptyLedger, type Part, type Snag, type Step, type Supply } from "../../../ledgers/ledger";
import { findMaterial, materialName, materialsOf } from "../../../materials/find";
import type { Opening } from "../../../shell/shell";
import type { Site } from "../../../shell/site";
import { formatLength } from "../../../units/format";
import { over } from "../../../units/tolerance";
import { CAUTION } from "../../../workshop/cautions";
import { finerMeshes } from "../../finer";
import { gapWay } from "../../gapWay";
import type { ClosureKind, Here } from "../../kind";
import { catchesIn } from "../../leaf/fittings";
import { lockSteps, lockSupplies } from "../../lock/lock";
import { lockWords } from "../../lock/words";
import type { TubLid } from "./schema";

/** One each side (trade practice, no source). */
const CATCHES = 4;
/** Cutting the window and closing it, minutes. From memory. */
const CUT_MINUTES = { value: 45, basis: memory } as const;
const CATCH_MINUTES = { value: 20, basis: memory } as const;
/** Of a lid's rim at least so much stays whole round a window, or it loses its stiffness, mm. From memory. */
const RIM_MM = 25;
/** What may be pried up at the mesh's edge, mm. From memory. */
const MESH_EDGE_MM = 0.5;

function newTubLid({ book }: Pick<Site, "book">, { id, widthMm, heightMm }: Opening): TubLid {
  const third = (mm: number) => statedMm(Math.round(mm / 2));
  return {
    ...{ id, opening: id, origin: "found", lock: null, kind: "tubLid" },
    mesh: materialsOf(book, "mesh")[0]?.id ?? "",
    ...{ width: third(widthMm), height: third(heightMm), lap: statedMm(20) },
    ...{ catch: catchesIn(book)[0]?.id ?? "", strap: false },
  };
}

const rimGaps = ({ site, opening }: Here) => site.shell.gaps.filter((gap) => gap.opening === opening.id);

function parts({ site, id }: Here, { mesh, width, height, lap }: TubLid): Part[] {
  return [
    {
      ...{ id: id("lid-mesh"), label: "Mesh of the lid", materialId: mesh, kind: "mesh" },
      ...{ lengthMm: width.value + 2 * lap.value, widthMm: height.value + 2 * lap.value },
      ...{ thicknessMm: 0, qty: 1, grainLocked: false },
      working: {
        length: site.saySum([width.value, " window + 2 × ", lap.value, " lap"]),
        width: site.saySum([height.value, " window + 2 × ", lap.value, " lap"]),
      },
    },
  ];
}

function supplies({ site, id }: Here, closure: TubLid): Supply[] {
  const counted = (thing: string, materialId: string, n: number, unit: Supply["unit"], why: string): Supply => ({
    ...{ id: id(`lid-${thing}`), label: materialName(site.book, materialId), materialId, unit, why },
    ...{ likely: n, low: n, high: n },
  });
  const roundMm = 2 * (closure.width.value + closure.height.value);
  return [
    counted("catches", closure.catch, CATCHES, "piece", "one each side"),
    counted("batten", "mesh-batten", roundMm, "mm", "all round the mesh"),
    ...(closure.strap ? [counted("strap", "lid-strap", 1, "piece", "round the whole tub")] : []),
  ];
}

function steps({ site, id }: Here, { width, height, lap, mesh, catch: hold, strap }: TubLid): Step[] {
  return [
    {
      id: id("lid-window"),
      title: "Cut the lid for its mesh, and fit it",
      detail: `${site.say(width.value)} × ${site.say(height.value)} in the middle, corners drilled first; mesh from inside, ${site.say(lap.value)} lap, bolted or stitched under a batten.`,
      stage: "front",
      handsOnMinutes: CUT_MINUTES.value,
      waitMinutes: 0,
      after: [
        { reached: "surveyed", because: "the lid is measured first" },
        { reached: "fetched", because: "the mesh must be there" },
      ],
      reaches: ["meshed"],
      uses: [mesh, "mesh-batten"],
      splittable: true,
      toHand: ["drill", "knife or jigsaw", "file"],
      cautions: [CAUTION.blade, CAUTION.mesh],
      passSign: "No end of wire is felt from inside, and the lid still snaps on.",
    },
    {
      id: id("hang"),
      title: "Fit a catch to each side of the lid",
      detail: `${CATCHES} catches${strap ? ", and a strap over all" : ""}; tried with a finger between them.`,
      stage: "front",
      handsOnMinutes: CATCH_MINUTES.value,
      waitMinutes: 0,
      after: [
        { id: id("lid-window"), because: "it is handled until then" },
        { reached: "fetched", because: "the catches must be there" },
      ],
      reaches: ["closed"],
      uses: [hold, ...(strap ? ["lid-strap"] : [])],
      splittable: false,
      toHand: ["drill", "screwdriver"],
      cautions: [],
      passSign: "The rim does not lift anywhere under a thumb.",
    },
  ];
}

function snags({ site, opening, path, own }: Here, { width, height, lap, strap }: TubLid): Snag[] {
  const most = (mm: number) => mm - 2 * (RIM_MM + lap.value);
  const [wide, high] = [most(opening.widthMm), most(opening.heightMm)];
  const list: Snag[] = [];
  if (over(width.value, wide) || over(height.value, high))
    list.push({
      ...{ rule: "front/window-too-large", subject: own("lid"), severity: "mind", stage: "front" },
      title: "Too little of the lid is left round its window",
      sentence: `${site.say(width.value)} × ${site.say(height.value)} of ${site.say(opening.widthMm)} × ${site.say(opening.heightMm)}; ${site.say(Math.max(0, wide), "down")} × ${site.say(Math.max(0, high), "down")} leaves its rim stiff.`,
      reason: "A lid that is cut to its rim no longer snaps on (from memory).",
      fix: {
        label: "Make the window smaller",
        patch: [
          set(`${path}/width`, statedMm(Math.floor(Math.max(20, Math.min(width.value, wide))))),
          set(`${path}/height`, statedMm(Math.floor(Math.max(20, Math.min(height.value, high))))),
        ],
      },
    });
  const strong = site.brief.residents.filter((r) => r.strong).map((r) => r.name);
  if (strong.length > 0 && !strap)
    list.push({
      ...{ rule: "front/no-strap", subject: own("lid"), severity: "mind", stage: "front" },
      title: "Catches alone on a soft lid",
      sentence: `${strong.join(", ")} lifts a lid between its catches.`,
      reason: "A tub's lid bends; a strap round the whole holds it where catches let go (trade practice, no source).",
      fix: { label: "Put a strap round it", patch: [set(`${path}/strap`, true)] },
    });
  return list;
}

/** A tub's own lid, with mesh let into it. */
export const tubLid: ClosureKind<TubLid> = {
  kind: "tubLid",
  label: "its own lid, cut for mesh",
  suits: ({ face, shutAsFound }) => face === "top" && shutAsFound,
  summary: ({ site }, { width, height }) =>
    `under its own lid, mesh ${formatLength(width.value, site.brief.units)} × ${site.say(height.value)} in it`,
  what: () => "lid",
  unlocked: () => "What leans on the lid opens it in the end.",
  check({ mesh, width, height, lap, catch: hold }, path, { add, between, book }) {
    if (!findMaterial(book, mesh, "mesh")) add(`${path}/mesh`, `The book has no mesh “${mesh}”. Choose another.`);
    if (!findMaterial(book, hold, "hardware")) add(`${path}/catch`, `The book has no catch “${hold}”. Choose another.`);
    between(`${path}/width`, width, 20, 3000, "The window's width");
    between(`${path}/height`, height, 20, 3000, "The window's height");
    between(`${path}/lap`, lap, 5, 100, "The lap round the window");
  },
  start: newTubLid,
  startWords: () => ({ button: "Cut its own lid for mesh", about: "" }),
  offers: (site, opening) => [
    { label: "Cut its own lid for mesh", patch: [set(site.at("/closures/-"), newTubLid(site, opening))] },
  ],
  leaves({ opening }, { width, height }) {
    const { uMm, vMm, widthMm, heightMm } = opening;
    return [
      {
        ...{ id: "window", name: "mesh in the lid", of: "mesh" },
        rect: {
          uMm: uMm + (widthMm - width.value) / 2,
          vMm: vMm + (heightMm - height.value) / 2,
          ...{ widthMm: width.value, heightMm: height.value },
        },
      },
    ];
  },
  ways(here, closure) {
    const { site, opening, own } = here;
    const mesh = findMaterial(site.book, closure.mesh, "mesh")!;
    const held = closure.lock ? lockWords(closure.lock) : `${CATCHES} catches`;
    const placed = { where: opening.face, stage: "front" };
    return [
      ...rimGaps(here).map((gap) => gapWay(site, gap, held)),
      {
        ...{ id: own("leaf/lid-mesh"), ...placed, cover: mesh.name, vent: true },
        way: { name: "the mesh in the lid", kind: "mesh", apertureMm: mesh.apertureMm },
        ...{ seat: "screen", lengthMm: closure.width.value, acrossMm: closure.height.value },
        air: [
          {
            grossMm2: closure.width.value * closure.height.value,
            ...{ zMm: site.shell.levels.topMm, uprightMm: null },
            screens: [openMesh(mesh)],
          },
        ],
        mends: (allowedMm) => finerMeshes(site, mesh, `${here.path}/mesh`, allowedMm),
      },
      {
        ...{ id: own("leaf/lid-mesh-edge"), ...placed, cover: "a batten all round" },
        way: { name: "the edge of the mesh in the lid", kind: "slot", nominalMm: MESH_EDGE_MM },
      },
    ];
  },
  plan: (here, closure) => ({
    ...emptyLedger(),
    parts: parts(here, closure),
    supplies: [...supplies(here, closure), ...lockSupplies(here, closure)],
    steps: [...steps(here, closure), ...lockSteps(here, closure, "Shut it, and fit the lock where it opens.")],
    snags: snags(here, closure),
  }),
};
