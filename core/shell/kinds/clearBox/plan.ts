import { pushN } from "../../../escape/push";
import { constant, type Figure, type FigureInput, memory } from "../../../figures/figure";
import { set, setMm } from "../../../ledgers/fix";
import { emptyLedger, type Snag, type TradeLedger } from "../../../ledgers/ledger";
import { gatherNeeds } from "../../../ledgers/needs";
import { FOUND_MATERIALS } from "../../../materials/face";
import { formatNumber } from "../../../units/format";
import { atLeast, over, under } from "../../../units/tolerance";
import { damBeds, damSnags, damSteps } from "../../dam/plan";
import type { Site } from "../../site";
import { surveyStep } from "../foundSteps";
import { fittingNeeds, fittingSteps } from "./fittings";
import { magnetsHoldN, pullShare } from "./magnets";
import { insideOf, lidAcross, lidGrowthMm, WARMER } from "./measure";
import type { ClearBoxShell, ClearBoxFound as Found } from "./schema";

/** In brittle plastic: from a hole's edge to the wall's one diameter, and one between two. Common practice, no source. */
const EDGE_DIAMETERS = 1;
const APART_DIAMETERS = 1;

/** What only a clear box has: brittle walls, magnets, a lid in grooves. */
export function planClearBox(site: Site): TradeLedger {
  const shell = site.variant.shell as ClearBoxShell;
  const { found } = shell;
  const figures = [...magnetFigures(found), ...lidFigures(found)];
  const gathered = gatherNeeds(site.book, "shell", fittingNeeds(found));
  return {
    ...emptyLedger(),
    supplies: [...gathered.supplies, ...damBeds(site, shell)],
    steps: [
      surveyStep(
        site,
        "Every gap by feeler or paper strip: door, lid, grooves. Each hole: how near the edge, any crack from it. Soap and water only: solvent crazes it, dry cloth scratches it.",
      ),
      ...fittingSteps(found),
      ...damSteps(site, shell),
    ],
    snags: [
      ...brittle(site, found),
      ...holeSnags(site, found),
      ...doorSnags(site, found),
      ...lidSnags(site, found),
      ...damSnags(site, shell, []),
    ],
    figures: [...figures, ...gathered.figures],
  };
}

function magnetFigures(found: Found): Figure[] {
  if (found.door.is !== "magnets") return [];
  const { count, pull, apart } = found.door.magnets;
  return [
    {
      id: "shell/magnets",
      label: "What its magnets hold the door with",
      value: magnetsHoldN(found),
      unit: "N",
      rounding: "down",
      estimate: true,
      formula: "magnets × label × what is left of its pull so far apart",
      inputs: [
        { name: "magnets", value: count, unit: "" },
        { name: "one pulls, by its label", value: pull.value, unit: "N" },
        { name: "apart, shut", value: apart.value, unit: "mm" },
        { name: "left of the label", value: pullShare(apart.value), unit: "×", basis: memory },
      ],
    },
  ];
}

const growthInputs = ({ plastic }: Found): FigureInput[] => [
  constant(`growth of ${FOUND_MATERIALS[plastic].name}`, FOUND_MATERIALS[plastic].growth, "per K"),
  constant("warmer than on the bench", WARMER, "K"),
];

function lidFigures(found: Found): Figure[] {
  if (found.lid.is !== "slides") return [];
  const { isMm, mostMm } = lidAcross(found);
  return [
    {
      id: "shell/lid-growth",
      label: "Growth of the lid, warm",
      value: lidGrowthMm(found),
      unit: "mm",
      rounding: "up",
      estimate: true,
      formula: "width across its grooves × growth × how much warmer it gets",
      inputs: [
        { name: "lid across its grooves", value: isMm, unit: "mm" },
        { name: "from groove bottom to groove bottom", value: mostMm, unit: "mm" },
        ...growthInputs(found),
      ],
    },
  ];
}

/** What a builder new to clear plastic does not know. */
function brittle(site: Site, { plastic, joints }: Found): Snag[] {
  const { name } = FOUND_MATERIALS[plastic];
  const told = (snag: Omit<Snag, "stage" | "subject" | "severity">): Snag => ({
    ...{ subject: "walls", severity: "note", stage: "shell" },
    ...snag,
  });
  return [
    told({
      rule: "clear/brittle",
      title: "It cracks, crazes and scratches",
      sentence: `${name}: step drill, slow, a board behind; no solvent, no alcohol, no heat near it; soap and a soft wet cloth.`,
      reason: "A solvent crazes what is under stress, weeks later too (common practice, no source).",
    }),
    ...(joints === "siliconed" && site.shell.levels.waterMm + site.shell.levels.drainMm > 0
      ? [
          {
            ...told({
              rule: "clear/silicone-joints",
              title: "Its silicone is all that holds the water",
              sentence: "Siliconed corners of clear plastic, and water is planned in it.",
              reason:
                "Silicone is weak on clear plastic: it peels from an end. A long test, and the test again after each carry.",
            }),
            severity: "mind" as const,
          },
        ]
      : []),
  ];
}

/** Holes too near an edge, or one another: what was drilled is not drilled again. */
function holeSnags({ say, at }: Site, { holes, holeEdge, holeApart, plastic }: Found): Snag[] {
  if (holes.count === 0 || FOUND_MATERIALS[plastic].family === "polycarbonate") return [];
  const bore = holes.bore.value;
  const told = (
    rule: string,
    isMm: number,
    diameters: number,
    title: string,
    sentence: string,
    path: string,
  ): Snag[] =>
    atLeast(isMm, diameters * bore)
      ? []
      : [
          {
            ...{ rule, subject: "own-holes", severity: "mind", stage: "shell", title, sentence },
            reason:
              "A crack starts in the bridge and runs on (common practice, no source). A sheet of the same plastic welded over it from outside carries it; drill none there.",
            fix: {
              label: "It is patched from outside",
              patch: [setMm(at(path), diameters * bore)],
            },
          },
        ];
  return [
    ...(holeEdge
      ? told(
          "clear/hole-near-edge",
          holeEdge.value,
          EDGE_DIAMETERS,
          "A hole near an edge",
          `${say(holeEdge.value, "down")} from a hole of ${say(bore)} to the edge; ${say(EDGE_DIAMETERS * bore)} keeps it from cracking.`,
          "/shell/found/holeEdge",
        )
      : []),
    ...(holeApart
      ? told(
          "clear/holes-too-close",
          holeApart.value,
          APART_DIAMETERS,
          "Thin bridges between its holes",
          `${say(holeApart.value, "down")} between holes of ${say(bore)}; ${say(APART_DIAMETERS * bore)} keeps it from cracking.`,
          "/shell/found/holeApart",
        )
      : []),
  ];
}

/** A door without a stop, one that its residents push open, and tape that lets go. */
function doorSnags(site: Site, found: Found): Snag[] {
  const { at, brief } = site;
  const told = (snag: Omit<Snag, "stage" | "subject">): Snag => ({ subject: "doors", stage: "shell", ...snag });
  const { door } = found;
  if (door.is === "hingeTape")
    return [
      told({
        rule: "clear/hinge-tape",
        severity: "mind",
        title: "Hinge tape lets go",
        sentence: "The door hangs on tape.",
        reason: "Tape creeps off warm, damp plastic within months (common practice, no source): hinges, or grooves.",
        fix: { label: "Hang it on hinges", patch: [set(at("/shell/found/door/is"), "hinges")] },
      }),
    ];
  if (door.is !== "magnets") return [];
  const holdN = magnetsHoldN(found);
  const strongest = brief.residents.reduce((most, r) => Math.max(most, pushN(r) ?? 0), 0);
  return [
    ...(door.magnets.stop !== "none"
      ? []
      : [
          told({
            rule: "clear/no-stop",
            severity: "stop",
            title: "The door has no stop",
            sentence: "On magnets alone, with nothing behind its edge: a push from outside sends it in.",
            reason: `A strip ${site.say(5)} wide behind the edge stops it, and covers the gap (common practice, no source).`,
            fix: { label: "Fit a stop behind its edge", patch: [set(at("/shell/found/door/magnets/stop"), "toFit")] },
          }),
        ]),
    ...(strongest > 0 && over(strongest, holdN) && door.catch === "none"
      ? [
          told({
            rule: "clear/magnets-let-go",
            severity: "stop",
            title: "Its magnets do not hold it in",
            sentence: `They hold ${formatNumber(holdN, 1, "down")} N; who lives there may push with ${formatNumber(strongest, 1, "up")} N.`,
            reason: "Magnets give way at once where they give at all: a clip or a key lock holds what they do not.",
            fix: { label: "Fit clips as well", patch: [set(at("/shell/found/door/catch"), "clipToFit")] },
            figure: "shell/magnets",
          }),
        ]
      : []),
  ];
}

/** A lid that binds when it is warm, falls from its grooves, or is left open. */
function lidSnags({ say, at }: Site, found: Found): Snag[] {
  const { lid } = found;
  if (lid.is !== "slides") return [];
  const told = (snag: Omit<Snag, "stage" | "subject">): Snag => ({ subject: "lid", stage: "shell", ...snag });
  const { isMm, mostMm } = lidAcross(found);
  const growthMm = lidGrowthMm(found);
  const inGrooveMm = isMm - insideOf(found).widthMm - lid.grooveDepth.value;
  return [
    ...(over(growthMm, mostMm - isMm)
      ? [
          told({
            rule: "clear/lid-binds",
            severity: "mind",
            title: "The lid binds when it is warm",
            sentence: `It grows by ${say(growthMm, "up")}; its grooves leave ${say(Math.max(0, mostMm - isMm), "down")}.`,
            reason: "What binds is left open, or breaks a groove.",
            fix: {
              label: `Take it down to ${say(mostMm - growthMm, "down")}`,
              patch: [setMm(at("/shell/found/lid/width"), Math.floor((mostMm - growthMm) * 10) / 10)],
            },
            figure: "shell/lid-growth",
          }),
        ]
      : []),
    ...(under(inGrooveMm, 0)
      ? [
          told({
            rule: "clear/lid-falls",
            severity: "stop",
            title: "The lid comes out of a groove",
            sentence: `Pushed to one side it leaves the other groove by ${say(-inGrooveMm, "up")}.`,
            reason: "It falls in, and leaves a gap as long as the box is deep.",
            fix: { label: `A lid of ${say(mostMm - 1)}`, patch: [setMm(at("/shell/found/lid/width"), mostMm - 1)] },
          }),
        ]
      : []),
    ...(lid.home !== "nothing"
      ? []
      : [
          told({
            rule: "clear/lid-slides-open",
            severity: "mind",
            title: "Nothing keeps the lid home",
            sentence: "A lid in grooves is pushed open from inside, and forgotten open from outside.",
            reason: "A pin through lid and groove, or a stop behind it (common practice, no source).",
            fix: { label: "Pin it", patch: [set(at("/shell/found/lid/home"), "pinToFit")] },
          }),
        ]),
  ];
}
