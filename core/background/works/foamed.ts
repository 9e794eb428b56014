import { constant, type Known, memory } from "../../figures/figure";
import type { Part, Step } from "../../ledgers/ledger";
import { type Need, need } from "../../ledgers/needs";
import { materialsOf } from "../../materials/find";
import { curesOf, layerKind } from "../../seal/stack/layers";
import { lyingOn } from "../../shell/flat";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import type { Cover } from "../cover";
import { CARVE_MINUTES, foamMl, foamNeed, foamOf, LIFT_MM, liftsOf, PANEL_CORE_MM, TACK_MINUTES } from "../foam";
import { intoTheShell } from "../intoTheShell";
import { isPiece, isPlanter, zoneName } from "../zones";
import { finishWork } from "./finish";
import { bulkOf, panelSizes } from "./panelSizes";
import { afterStep, massOf, WALL_DOWN, type Work, wallStep } from "./work";

/** Carving, hands on a square metre: by hand or with a wire brush in a drill (source: rates-and-materials). */
const CARVE_RATE = { hand: RATES.carvePerM2, wireBrush: RATES.brushPerM2 } as const;
const CARVE_WORDS = {
  hand: "Knife and scraper.",
  wireBrush: "Wire brush in a drill: fast, dusty, and it scratches glass.",
} as const;

/** Cured foam where the book says nothing of it (source: rates-and-materials). */
const CURED_FOAM: Known = { value: 35, low: 30, high: 45, basis: memory };

/** Lifts, carving and finish of a wall that is foamed: in the shell, or on panels of board outside it. */
export function foamedWork(site: Site, cover: Cover, start: Step["after"]): Work {
  const { wall, m2, peakMm } = cover;
  const { face } = wall;
  const inside = wall.buildUp === "foam";
  const volumeMl = foamMl(cover);
  const grams = foamNeed(site, wall.foam, wall.apply, volumeMl);
  const foam = foamOf(site, wall.foam);
  const foamId = foam?.id ?? (wall.foam === "foamPond" ? "foam-pond" : "foam-building");
  // Board as deep as the wall takes no foam on it: there is none to put on or to carve.
  const lifts = volumeMl > 0 ? liftsOf(cover) : 0;
  const lying = inside ? lyingOn(site.shell.faces[face], WALL_DOWN[face]) : {};
  const steps: Step[] = [];
  const core = inside ? undefined : panelSizes(site, cover);
  if (core)
    steps.push(
      wallStep(cover, "core", [...start, { reached: "sawn", because: "the boards are cut first" }], {
        short: "dry-fit",
        uses: [core.part.materialId],
        title: `Dry-fit the ${face} panel`,
        detail: `Bare board, ${site.say(core.widthMm)} × ${site.say(core.heightMm)}, in the shell${core.pieces > 1 ? `, ${core.pieces} pieces ${wall.pieces ? "that go in one by one" : "glued edge to edge"}` : ""}. Mark the edges that mate: they stay bare.`,
        handsOnMinutes: 15,
        toHand: ["board", "marker", "knife"],
        cautions: [CAUTION.blade],
        passSign: "It goes in and comes out by hand, and stands by itself.",
      }),
    );
  for (let lift = 1; lift <= lifts; lift++) {
    const last = lift === lifts;
    const thick = wall.lift.value > LIFT_MM.value;
    steps.push(
      wallStep(
        cover,
        `lift-${lift}`,
        lift === 1 && !core
          ? start
          : afterStep(steps.at(-1), lift === 1 ? "it is marked first" : "a lift goes on one that has tacked"),
        {
          short: `lift ${lift}`,
          uses: [foamId],
          title: `Foam the ${face}${lifts > 1 ? `, lift ${lift} of ${lifts}` : ""}`,
          detail: `${formatNumber(m2, 2)} m², to ${site.say(Math.min(peakMm, lift * wall.lift.value))} once risen. ${
            lift === 1
              ? inside
                ? "Over the line of the substrate only; windows, mats and edges that mate stay bare."
                : "On the bench. Keep the edges that mate bare."
              : "Where ridges and ledges stand."
          }${lift === 1 ? beddedWords(cover) : ""}`,
          handsOnMinutes: (m2 * RATES.foamPerM2.value) / lifts + 5,
          work: "foam",
          cures: {
            ...curesOf(layerKind(wall.foam).dry),
            recoat: TACK_MINUTES.value,
            carve: CARVE_MINUTES.value * (last && thick ? 2 : 1),
          },
          waitMinutes: last ? CARVE_MINUTES.value * (thick ? 2 : 1) : TACK_MINUTES.value,
          waitFor: last ? "the foam to set through" : "the lift to tack",
          ...lying,
          splittable: false,
          toHand: [layerKind(wall.foam).name, "gloves", "mask", "sheet over what stays clean"],
          cautions: [CAUTION.foamFumes],
          passSign: last
            ? "Knocks solid; a cut is not gooey. A lamp behind shows no pinhole and no thin spot."
            : "Tacked: a gloved finger comes off clean.",
        },
      ),
    );
  }
  if (wall.skinOff && lifts > 0)
    steps.push(
      wallStep(cover, "carve", afterStep(steps.at(-1), "it caves if it is carved before it has set"), {
        short: "carve",
        title: `Carve the ${face}, skin off`,
        detail: `${CARVE_WORDS[wall.carveBy]} All the shine goes; clear the lines where panels meet; vacuum.`,
        handsOnMinutes: m2 * CARVE_RATE[wall.carveBy].value,
        work: "carve",
        toHand: [wall.carveBy === "hand" ? "knife" : "drill with wire brush", "vacuum", "mask", "lamp"],
        cautions: [CAUTION.dust, CAUTION.blade],
        passSign: "Matt, bubbles visible everywhere; no thin spot before a lamp.",
      }),
    );
  const finish = finishWork(site, cover, steps.at(-1), inside);
  steps.push(...finish.steps);
  if (core)
    steps.push(
      wallStep(cover, "fit", [...afterStep(steps.at(-1), "it is finished on the bench"), ...intoTheShell(face)], {
        short: "in it goes",
        title: `Wedge the ${face} panel in`,
        detail: face === "back" ? "First of the three." : "It presses the back; nothing is glued.",
        handsOnMinutes: 15,
        cautions: [],
        passSign: "No gap an animal could get behind; it does not shift by hand.",
      }),
    );
  const boards: Part[] = core ? [core.part] : [];
  const needs: Need[] = [
    need(
      foamId,
      "g",
      `${formatNumber(volumeMl / 1000)} L as it stands on the ${face}, ${lifts} ${lifts === 1 ? "lift" : "lifts"}`,
      [grams.grams, grams.lowGrams, grams.highGrams],
      [constant("left on the wall of a gram", grams.mlPerGram, "mL"), constant("cans that fail", grams.duds, "")],
    ),
    ...finish.needs,
  ];
  const board = core && materialsOf(site.book, "sheet").find((b) => b.id === core.part.materialId);
  return {
    parts: boards,
    ...(core && { bulk: bulkOf(site, cover, core, peakMm) }),
    needs,
    steps,
    masses: [
      massOf("foam", volumeMl / 1000, foam?.densityKgPerM3 ?? CURED_FOAM),
      ...(core ? [massOf("board", m2 * PANEL_CORE_MM, board?.densityKgPerM3 ?? CURED_FOAM)] : []),
      ...finish.masses,
    ],
    safeMinutes: Math.max(layerKind(wall.foam).dry.safe.value * 60, finish.safeMinutes),
  };
}

/** How pieces go in: pressed into wet foam and held, or set first and foamed round. */
function beddedWords({ zones }: Cover): string {
  const named = (list: typeof zones) => list.map((z) => zoneName(z).toLowerCase()).join(", ");
  const pressed = zones.filter((z) => (isPiece(z) && z.bedding === "pressed") || isPlanter(z));
  const round = zones.filter((z) => isPiece(z) && z.bedding === "foamedRound");
  return [
    pressed.length > 0
      ? ` Press ${named(pressed)} in while it is wet: held 5 min by hand, left alone an hour; cork grips within 20 to 30 min.`
      : "",
    round.length > 0 ? ` ${named(round)} set and propped first, foamed round: foam swallows what it rises round.` : "",
  ].join("");
}
