import type { Figure } from "../../../figures/figure";
import { set, setMm } from "../../../ledgers/fix";
import { emptyLedger, type Snag, type Step, type Supply, type TradeLedger } from "../../../ledgers/ledger";
import { materialName } from "../../../materials/find";
import { capital } from "../../../units/capital";
import { over } from "../../../units/tolerance";
import { CAUTION } from "../../../workshop/cautions";
import { RATES } from "../../../workshop/rates";
import { damBeds, damSnags, damSteps } from "../../dam/plan";
import type { Site } from "../../site";
import { surveyStep } from "../foundSteps";
import { FASTENER } from "./fasteners";
import { BESIDE_MM, coatsInJoints, maskedOf } from "./margins";
import { doorPanels, fastenersWanted, jointsOf, missingPlaces, missized, sides, wantedPanels } from "./measure";
import { nextDoor } from "./next";
import { PLACE } from "./places";
import type { PanelKitShell } from "./schema";

/** Diagonals that differ by more than this stand out of square and bind a door, mm. Common practice, no source. */
const SQUARE_MM = 2;

/** The list against the box, the joints masked, the diagonals. */
export function planPanelKit(site: Site): TradeLedger {
  const shell = site.variant.shell as PanelKitShell;
  return {
    ...emptyLedger(),
    supplies: [...fastenerSupply(site, shell), ...damBeds(site, shell)],
    steps: [
      {
        ...surveyStep(
          site,
          "Every panel laid out, measured, its thickness at a bare edge, grooves and holes; fasteners counted into a tray.",
        ),
        title: "Lay the kit out and count it",
        cautions: [],
        passSign: "Every panel is on the list, and every measure is written down.",
      },
      ...maskSteps(site, shell),
      ...damSteps(site, shell),
    ],
    snags: [
      ...missing(site, shell),
      ...noDoors(site, shell),
      ...wrongSizes(site, shell),
      ...fewFasteners(site, shell),
      ...joints(site, shell),
      ...outOfSquare(site, shell),
      ...damSnags(site, shell, []),
    ],
    figures: listFigures(shell),
  };
}

const area = (a: number, b: number) => (a * b) / 1e6;

function listFigures({ found }: PanelKitShell): Figure[] {
  return [
    {
      id: "kit/panels",
      label: "Panels of the box, as the outside asks for them",
      value: wantedPanels(found).reduce((sum, w) => sum + area(w.lengthMm, w.widthMm), 0),
      unit: "m²",
      formula: "Σ length × width, thickness taken or added as they meet",
      inputs: wantedPanels(found).flatMap(({ place, lengthMm, widthMm }) => {
        const [long, short] = sides(lengthMm, widthMm);
        return [
          { name: `${PLACE[place].words}, longer side`, value: long, unit: "mm" },
          { name: `${PLACE[place].words}, shorter side`, value: short, unit: "mm" },
        ];
      }),
    },
    {
      id: "kit/fasteners",
      label: "Fasteners it wants",
      value: fastenersWanted(found),
      unit: "",
      formula: "Σ along each joint, no further apart than their spacing",
      inputs: [
        ...jointsOf(found).map(({ id, lengthMm }) => ({ name: id.replaceAll("-", " "), value: lengthMm, unit: "mm" })),
        { name: "one every", value: found.fasteners.spacing.value, unit: "mm" },
      ],
    },
  ];
}

function fastenerSupply({ book }: Site, { found }: PanelKitShell): Supply[] {
  const { bought, kind } = found.fasteners;
  if (bought === 0) return [];
  return [
    {
      ...{ id: "shell/fasteners", label: materialName(book, FASTENER[kind].material), unit: "piece" },
      materialId: FASTENER[kind].material,
      ...{ likely: bought, low: bought, high: bought, why: "beside those in the bag", figure: "kit/fasteners" },
    },
  ];
}

/** Joints taped off before anything goes on the panels. */
function maskSteps({ shell: { faces }, say }: Site, shell: PanelKitShell): Step[] {
  const flat = Object.values(faces).filter((f) => f.flat);
  if (flat.length === 0) return [];
  const words = flat.map(({ id }) => {
    const edges = maskedOf(shell, id).map(({ to, mm }) => `${say(mm)} to the ${to}`);
    return `${capital(PLACE[id as keyof typeof PLACE].words)}: ${edges.join(", ")}`;
  });
  const metres = flat.reduce((sum, { room }) => sum + (2 * (room.widthMm + room.heightMm)) / 1000, 0);
  return [
    {
      id: "shell/mask",
      title: "Mask the joints",
      detail: `Tape, from each panel's own edge. ${words.join(". ")}. The neighbour's thickness and ${say(BESIDE_MM)}: nothing may lie in a joint.`,
      stage: "shell",
      handsOnMinutes: metres * RATES.maskPerMetre.value,
      waitMinutes: 0,
      after: [{ id: "shell/survey", because: "it is masked to what was measured" }],
      reaches: ["surveyed"],
      splittable: true,
      toHand: ["masking tape", "straight edge", "pencil"],
      cautions: [CAUTION.blade],
      passSign: "A neighbour laid on its place touches no panel that is not taped.",
    },
  ];
}

/** Places of the box with nothing on the list. */
function missing({ say, at }: Site, { found }: PanelKitShell): Snag[] {
  return missingPlaces(found).map((place) => {
    const wanted = wantedPanels(found).find((w) => w.place === place)!;
    const [long, short] = sides(wanted.lengthMm, wanted.widthMm);
    const measure = (value: number) => ({ typed: String(value), value, how: "stated" as const });
    return {
      rule: "kit/panel-missing",
      subject: place,
      severity: "stop",
      stage: "shell",
      title: `No ${PLACE[place].words} on the list`,
      sentence: `The box wants one of ${say(long)} × ${say(short)}.`,
      reason: "A panel that is short on delivery is sent again; one cut to replace it is bought and sawn.",
      fix: {
        label: "It is here, and of that size",
        patch: [
          set(at("/shell/found/panels/-"), {
            ...{ id: place, place, material: found.material },
            ...{ length: measure(long), width: measure(short), thickness: found.thickness },
            ...{ groove: null, holes: { count: 0, bore: measure(6) } },
          }),
        ],
      },
      figure: "kit/panels",
    };
  });
}

/** Doors that are said to be there, and no panel is one: nothing of them could be judged. */
function noDoors({ at }: Site, { found }: PanelKitShell): Snag[] {
  if (found.doors.opens === "none" || doorPanels(found).length > 0) return [];
  const left = nextDoor(found, "doorLeft");
  return [
    {
      rule: "kit/doors-missing",
      subject: "doors",
      severity: "stop",
      stage: "shell",
      title: "No door on the list",
      sentence: `Its doors ${found.doors.opens}, by the survey, and no panel on the list is a door.`,
      reason: "An opening with nothing in it is judged by no gap. Say that none came with it, or put them on the list.",
      fix: {
        label: "There are two, of glass",
        patch: [
          set(at("/shell/found/panels/-"), left),
          set(at("/shell/found/panels/-"), { ...left, id: "doorright", place: "doorRight" }),
        ],
      },
    },
  ];
}

/** Panels that do not make the box. */
function wrongSizes({ say, at }: Site, { found }: PanelKitShell): Snag[] {
  return missized(found).map(({ panel, wanted, offMm }) => {
    const [long, short] = sides(wanted.lengthMm, wanted.widthMm);
    const [isLong, isShort] = sides(panel.length.value, panel.width.value);
    const worst = Math.abs(offMm[0]) >= Math.abs(offMm[1]) ? offMm[0] : offMm[1];
    const path = at(`/shell/found/panels/${found.panels.indexOf(panel)}`);
    const { words } = PLACE[panel.place];
    return {
      rule: "kit/panel-wrong-size",
      subject: panel.id,
      severity: "stop",
      stage: "shell",
      title: `The ${words} is ${worst < 0 ? "short" : "too large"}`,
      sentence: `${say(isLong)} × ${say(isShort)} on the list; the box wants ${say(long)} × ${say(short)}: ${say(Math.abs(worst))} ${worst < 0 ? "short" : "too much"}.`,
      reason: "Measure it again, and the outside; if it stays so, another was delivered than the box is made of.",
      fix: {
        label: `It is ${say(long)} × ${say(short)}`,
        patch: [setMm(`${path}/length`, long), setMm(`${path}/width`, short)],
      },
      figure: "kit/panels",
    };
  });
}

function fewFasteners({ at }: Site, { found }: PanelKitShell): Snag[] {
  const { kind, count, bought } = found.fasteners;
  const wanted = fastenersWanted(found);
  if (count + bought >= wanted) return [];
  return [
    {
      rule: "kit/fasteners-short",
      subject: "fasteners",
      severity: "mind",
      stage: "shell",
      title: "Fasteners are short",
      sentence: `${count + bought} ${FASTENER[kind].many}; its joints want ${wanted}.`,
      reason: "A joint with half its fasteners opens when the shell is turned.",
      fix: {
        label: `Buy ${wanted - count - bought} more`,
        patch: [set(at("/shell/found/fasteners/bought"), wanted - count)],
      },
      figure: "kit/fasteners",
    },
  ];
}

/** A coat that would lie in a joint. */
function joints({ say, at, variant, shell: { faces } }: Site, shell: PanelKitShell): Snag[] {
  const worked = Object.values(faces)
    .filter((f) => f.flat)
    .map((f) => f.id)
    .filter(
      (face) =>
        variant.seal.stacks.some((s) => s.face === face) || variant.background.walls.some((w) => w.face === face),
    );
  const edges = coatsInJoints(shell, worked);
  const worst = edges.reduce<(typeof edges)[number] | undefined>(
    (a, b) => (a && a.wantedMm - a.maskedMm >= b.wantedMm - b.maskedMm ? a : b),
    undefined,
  );
  if (!worst) return [];
  return [
    {
      rule: "kit/coat-in-joint",
      subject: "margin",
      severity: "stop",
      stage: "shell",
      title: "A coat lies in the joint",
      sentence: `${say(worst.maskedMm)} is masked; the ${PLACE[worst.face as keyof typeof PLACE].words} wants ${say(worst.wantedMm)} where it meets the ${worst.meets.neighbour}.`,
      reason:
        "The panels no longer close, the box grows by a coat at each joint, and what holds the joint holds the coat, not the panel.",
      fix: {
        label: `Mask the neighbour's thickness and ${say(BESIDE_MM)}`,
        patch: [set(at("/shell/putUp/margin"), null)],
      },
    },
  ];
}

function outOfSquare({ say }: Site, { found }: PanelKitShell): Snag[] {
  const { rising, falling } = found.diagonals;
  if (!rising || !falling) return [];
  const offMm = Math.abs(rising.value - falling.value);
  if (!over(offMm, SQUARE_MM)) return [];
  return [
    {
      rule: "kit/out-of-square",
      subject: "diagonals",
      severity: "mind",
      stage: "shell",
      title: "It stands out of square",
      sentence: `${say(rising.value)} one way, ${say(falling.value)} the other: ${say(offMm)} apart.`,
      reason: `Doors bind from ${say(SQUARE_MM)} on. Loosen the back, push the longer corners together, tighten again.`,
    },
  ];
}
