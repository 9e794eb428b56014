import { WAYS } from "../escape/way";
import { constant, type Known, memory } from "../figures/figure";
import { fact } from "../ledgers/facts";
import { emptyLedger, type Part, type Snag, type Step, type Supply, type TradeLedger } from "../ledgers/ledger";
import { FACE_MASS, MASS } from "../ledgers/masses";
import { gatherNeeds, type Need, need, spread } from "../ledgers/needs";
import { TO_REACH, type ToReach } from "../ledgers/toReach";
import { BULK } from "../passing/facts";
import { TEST, UNTESTED } from "../seal/test/facts";
import type { TestStanding } from "../seal/test/standing";
import { isFlat } from "../shell/flat";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { CAUTION } from "../workshop/cautions";
import { behindWalls } from "./behind";
import { BUILD_UP } from "./buildUps";
import type { Cover } from "./cover";
import { coversOf } from "./covers";
import { backgroundFigures, MASS_FIGURE } from "./figures";
import { filmNeeds, filmSteps, filmsOf } from "./film";
import { foundWallStepId, foundWallSteps, liningSnags } from "./foundWalls";
import { intoTheShell, ontoTheWall } from "./intoTheShell";
import { checkBackground } from "./limits";
import { patchesOf } from "./patches";
import { wallBondSnags } from "./rules/bonds";
import { pieceSnags } from "./rules/pieces";
import { placeSnags } from "./rules/places";
import { roomSnags } from "./rules/room";
import { wallSnags } from "./rules/walls";
import { isToMake } from "./toMake";
import { boardWork } from "./works/board";
import { foamedWork } from "./works/foamed";
import { wholeWork } from "./works/whole";
import { type Work, workKg } from "./works/work";
import { isPiece, isPlanter, zoneName } from "./zones";

/** Walls and what stands on them: parts, supplies, steps with their postures, snags and figures. */
export function planBackground(
  site: Site,
  test: Pick<TestStanding, "status">,
  toReach: readonly ToReach[] = [],
): TradeLedger {
  const routed = toReach.filter((t) => t.routed);
  const { walls, zones } = site.variant.background;
  if (walls.length === 0 && zones.length === 0) return { ...emptyLedger(), facts: behindWalls(site, []) };
  const covers = coversOf(site.shell, site.variant);
  const works = covers.map((cover) => ({ cover, work: workOf(site, cover) }));
  // A wall whose foot is at its head covers nothing; one that its zones take whole is made of nothing.
  const isMadeOf = ({ needs, parts }: Work) => parts.length > 0 || needs.some((n) => n.likely > 0);
  const open = works.filter(({ cover, work }) => isToMake(cover.wall) && cover.m2 > 0 && isMadeOf(work));
  const films = filmsOf(
    site,
    covers.filter((c) => isToMake(c.wall)),
  );
  const bare = patchesOf(site).filter((cover) => cover.m2 > 0);
  const patches = bare.map((cover): Made => {
    // A patch goes on once its wall has set.
    const wall = open.find((o) => o.cover.wall.face === cover.wall.face)?.work.steps.at(-1);
    const after = [...startOf(site, cover), ...(wall ? [{ id: wall.id, because: "its wall has set" }] : [])];
    return { cover, work: wholeWork(site, cover, after) };
  });
  const made: Made[] = [...open, ...patches];
  const toDo = made.map(({ work }) => work);
  const massesByFace = new Map(works.map(({ cover, work }) => [cover.wall.face as string, work.masses]));
  const wallSteps = made.flatMap(({ cover, work }) => whenUp(work.steps, isWorkedFlat(site, cover)));
  const prepares = wallSteps.length > 0 || zoneNeeds(site).length > 0;
  const needs = [
    ...toDo.flatMap((work) => work.needs),
    ...filmNeeds(films),
    ...zoneNeeds(site),
    ...(prepares ? conduitNeeds(routed.length) : []),
  ];
  const gathered = gatherNeeds(site.book, "background", needs);
  const figures = backgroundFigures(
    site,
    covers,
    massesByFace,
    patches.flatMap(({ work }) => work.masses),
  );
  const parts = [...toDo.flatMap((work) => work.parts), ...films.map((f) => f.part)];
  return {
    parts,
    supplies: gathered.supplies,
    facts: [
      ...behindWalls(site, covers),
      ...open.flatMap(({ work }) => (work.bulk ? [fact(BULK, work.bulk)] : [])),
      ...made.map(({ cover, work }) =>
        fact(FACE_MASS, { face: cover.wall.face, kg: isWorkedFlat(site, cover) ? workKg(work) : 0 }),
      ),
      fact(MASS, { when: "walls", kg: figures.find((f) => f.id === MASS_FIGURE)?.value ?? 0 }),
    ],
    steps: usesWhatIsThere(parts, gathered.supplies, [
      ...foundWallSteps(walls),
      ...filmSteps(films),
      ...(prepares ? prepareSteps(site, routed) : []),
      ...wallSteps,
      ...airOut(toDo),
    ]),
    snags: [
      ...roomSnags(site),
      ...liningSnags(site),
      ...covers.flatMap((c) => wallSnags(site, c, test, site.at(`/background/walls/${walls.indexOf(c.wall)}`))),
      ...covers.flatMap((c) => wallBondSnags(site, c.wall, site.at(`/background/walls/${walls.indexOf(c.wall)}`))),
      ...zones.flatMap((zone, i): Snag[] => {
        const path = site.at(`/background/zones/${i}`);
        const wall = covers.find((c) => c.wall.face === zone.face)?.wall;
        return [...placeSnags(site, zone, path), ...pieceSnags(site, zone, wall, path)];
      }),
    ],
    figures: [...figures, ...gathered.figures],
  };
}

/** A wall or a patch, with what it takes. */
interface Made {
  cover: Cover;
  work: Work;
}

/** Whether what is put on a wall is put on its panel, on the bench. */
const isWorkedFlat = ({ shell }: Site, { wall }: Cover): boolean =>
  isFlat(shell.faces[wall.face]) && BUILD_UP[wall.buildUp].inTheShell;

/** What a wall's first step waits for. */
function startOf({ shell }: Site, { wall }: Cover): Step["after"] {
  const inside = BUILD_UP[wall.buildUp].inTheShell;
  const list: Step["after"] = [
    { id: foundWallStepId(wall), because: "the old background must be out" },
    { id: "background/prepare", because: "what is glued is laid out dry and photographed first" },
    { id: "background/conduit", because: "a pump is swapped later only through what was laid before the wall" },
    { id: `background/${wall.face}/film`, because: "film goes on while the pane is reached" },
  ];
  if (inside) return [...list, ...ontoTheWall(shell.faces[wall.face])];
  return wall.buildUp === "board" ? [...list, ...intoTheShell(wall.face)] : list;
}

function workOf(site: Site, cover: Cover): Work {
  const start = startOf(site, cover);
  switch (cover.wall.buildUp) {
    case "foam":
    case "panels":
      return foamedWork(site, cover, start);
    case "board":
      return boardWork(site, cover, start);
    default:
      return wholeWork(site, cover, start);
  }
}

/** A wall is up once the last of its steps is over; one worked on the bench is ready to be put up then. */
const whenUp = (steps: readonly Step[], flat: boolean): Step[] =>
  steps.map((step, i) =>
    i === steps.length - 1 ? { ...step, reaches: flat ? ["wallsUp", "decorated"] : ["wallsUp"] } : step,
  );

/** What zones take beside the wall's own, on walls that are still to be made. */
function zoneNeeds({ variant }: Site): Need[] {
  const { walls } = variant.background;
  const zones = variant.background.zones.filter((z) => isToMake(walls.find((w) => w.face === z.face)));
  const planters = zones.filter(isPlanter).length;
  const plates = zones.filter((z) => isPiece(z) && z.anchor === "screwPlate").length;
  return [
    ...(planters > 0 ? [need("net-pot", "piece", "planters", [planters])] : []),
    ...(plates > 0 ? [need("screw-plate", "piece", "wood that is screwed", [plates])] : []),
  ];
}

/** Layout, planters drilled, wood wrapped, conduits laid. */
function prepareSteps(site: Site, routed: readonly ToReach[]): Step[] {
  const { zones } = site.variant.background;
  const planters = zones.filter(isPlanter);
  const pieces = zones.filter(isPiece);
  const wrapped = pieces.filter((p) => p.wrapped);
  const hollow = pieces.filter((p) => p.hollow && p.plugged);
  const plates = pieces.filter((p) => p.anchor === "screwPlate");
  const detail = [
    "Everything in its place, dry. Trace outlines; photograph from front, top and side before it comes out again.",
    ...(planters.length > 0
      ? [`Drill the bottom of ${planters.length === 1 ? "the planter" : `${planters.length} planters`}.`]
      : []),
    ...(plates.length > 0
      ? [`Drill and mark the plates for ${plates.map(zoneName).join(", ")} outside the shell.`]
      : []),
    ...(hollow.length > 0 ? [`Plug ${hollow.map(zoneName).join(", ")}.`] : []),
    ...(wrapped.length > 0 ? [`Wrap ${wrapped.map(zoneName).join(", ")}.`] : []),
  ];
  return [
    ...(routed.length > 0
      ? [
          {
            id: "background/conduit",
            title: "Lay conduits and hoses",
            detail: `For ${routed.map((s) => s.name.toLowerCase()).join(", ")}: the route measured, the plug passed through once, hoses threaded long and trimmed last.`,
            stage: "background",
            handsOnMinutes: 15 * routed.length,
            waitMinutes: 0,
            after: [{ id: "background/prepare", because: "routes are marked with everything in its place" }],
            splittable: true,
            toHand: ["conduit", "tape"],
            uses: [CONDUIT],
            cautions: [CAUTION.waterPower],
            passSign: "What will be swapped has come out and gone back by its way.",
          } satisfies Step,
        ]
      : []),
    {
      id: "background/prepare",
      title: "Lay the walls out dry",
      detail: detail.join(" "),
      stage: "background",
      handsOnMinutes: 30 + 5 * planters.length + 10 * plates.length + 5 * pieces.length,
      waitMinutes: 0,
      after: [
        { reached: "surveyed", because: "what is laid out must fit what was measured" },
        { reached: "fetched", because: "the pieces must be there" },
      ],
      uses: zoneNeeds(site).map((n) => n.materialId),
      splittable: true,
      toHand: ["wood, cork, pots", "marker", "camera", "drill", "cling film"],
      cautions: planters.length + plates.length > 0 ? [CAUTION.dust] : [],
      photos: ["front", "above", "below"],
      passSign: "All pieces seat, gaps even, photographed; no heater within an animal's reach.",
    },
  ];
}

/** Walls air until their slowest layer is safe for animals. */
/** A wall of no size takes nothing: its steps use what is cut and counted, and no more. */
function usesWhatIsThere(parts: readonly Part[], supplies: readonly Supply[], steps: readonly Step[]): Step[] {
  const counted = new Set([...parts, ...supplies].map((x) => x.materialId));
  return steps.map((s) => (s.uses ? { ...s, uses: s.uses.filter((u) => counted.has(u)) } : s));
}

/** The conduit of the book; and how long one is laid, mm. From memory. */
const CONDUIT = "cable-conduit";
const CONDUIT_MM: Known = { value: 600, low: 300, high: 1200, basis: memory };

/** A conduit in a wall for each thing that is reached by a cable or a hose. */
const conduitNeeds = (length: number): Need[] =>
  length > 0
    ? [
        need(CONDUIT, "mm", "for cables and hoses behind the walls", spread(length, CONDUIT_MM), [
          constant("for each", CONDUIT_MM, "mm"),
        ]),
      ]
    : [];

function airOut(works: readonly Work[]): Step[] {
  const last = works.flatMap(({ steps }) => steps.slice(-1));
  const waitMinutes = Math.max(0, ...works.map((w) => w.safeMinutes));
  if (last.length === 0 || waitMinutes === 0) return [];
  return [
    {
      id: "background/air-out",
      title: "Air the walls out",
      detail:
        "Doors off or open, a fan across it. Mineral coats are soaked and rinsed until the run-off is near neutral.",
      stage: "background",
      handsOnMinutes: 10,
      waitMinutes,
      waitFor: "the slowest coat to be safe for animals",
      after: last.map(({ id }) => ({ id, because: "it is the last of its wall" })),
      reaches: ["airedOut"],
      splittable: true,
      toHand: ["fan"],
      cautions: [],
      passSign: "No smell with your head inside; nothing shifts by hand, nothing comes off on it.",
    },
  ];
}

export const backgroundTrade: Trade = {
  id: "background",
  stage: { id: "background", key: "8", label: "Background", group: "design" },
  reads: ["ground", "vessels", "background", "features", "seal", "slips"],
  needs: [TEST, TO_REACH],
  gives: [MASS, FACE_MASS, BULK, WAYS],
  check: ({ background }, checker) => checkBackground(background, checker),
  plan: (site, { facts }) => planBackground(site, facts.one(TEST) ?? UNTESTED, facts.all(TO_REACH).flat()),
};
