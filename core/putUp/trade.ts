import type { FaceId } from "../design/names";
import { shellStage } from "../features/stages";
import { type Figure, type Known, memory } from "../figures/figure";
import { set } from "../ledgers/fix";
import { emptyLedger, type Snag, type Step, type TradeLedger, type Wait } from "../ledgers/ledger";
import { FACE_MASS } from "../ledgers/masses";
import type { KitPanel, PutUp } from "../shell/shell";
import type { Site } from "../shell/site";
import { SQUARE_MM } from "../shell/square";
import type { Trade } from "../trade/trade";
import { formatNumber } from "../units/format";
import { CAUTION } from "../workshop/cautions";
import { LIFT_KG } from "../workshop/lift";

/** To hold a panel in its place, and to drive a fastener; minutes. */
const PANEL_MINUTES: Known = { value: 8, low: 4, high: 15, basis: memory };
const FASTENER_MINUTES: Known = { value: 1, low: 0.5, high: 2, basis: memory };

/** A panel as it is lifted into its place. */
interface Lifted extends KitPanel {
  /** Coats, slips, foam and finishes put on it before. */
  decoratedKg: number;
}

const liftedOf = (putUp: PutUp, masses: readonly { face: FaceId; kg: number }[]): Lifted[] =>
  putUp.panels.map((panel) => ({
    ...panel,
    decoratedKg: masses.reduce((sum, m) => (m.face === panel.face ? sum + m.kg : sum), 0),
  }));

const kgOf = ({ kg, decoratedKg }: Lifted): number => kg + decoratedKg;
const kgWords = (kg: number) => `${formatNumber(kg, 1)} kg`;

/** Putting up a shell that comes as panels: in which order, with how many hands, how it is squared. */
function planPutUp(site: Site, masses: readonly { face: FaceId; kg: number }[]): TradeLedger {
  const { putUp } = site.shell;
  if (!putUp) return emptyLedger();
  const panels = liftedOf(putUp, masses);
  return {
    ...emptyLedger(),
    steps: [putUpStep(site, putUp, panels)],
    snags: [...schoolSnag(site, putUp), ...heavySnags(panels)],
    figures: massFigures(panels),
  };
}

/** Base first, then what stands on it, the top last. */
const ORDER: Record<FaceId, number> = { base: 0, back: 1, left: 2, right: 2, front: 3, top: 4 };
const inOrder = (panels: readonly Lifted[]) =>
  [...panels].sort((a, b) => (a.face ? ORDER[a.face] : 5) - (b.face ? ORDER[b.face] : 5));

function putUpStep({ say, shell }: Site, putUp: PutUp, panels: readonly Lifted[]): Step {
  const box = inOrder(panels.filter((p) => p.face));
  const heavy = box.filter((p) => kgOf(p) > LIFT_KG);
  const words = box.map((p) => `${p.label} (${kgWords(kgOf(p))})`).join(", ");
  const flat = Object.values(shell.faces).filter((f) => f.flat);
  const coats = flat.map(
    ({ id }): Wait => ({ reached: "coated", of: id, because: "its coats are on before it is put up" }),
  );
  return {
    id: "shell/put-up",
    title: heavy.length > 0 ? "Put it up, with two" : "Put it up",
    detail: [
      `${words}; front and doors last.`,
      ...(heavy.length > 0 ? [`With two: ${heavy.map((p) => p.label).join(", ")}.`] : []),
      ...(flat.length > 0 ? ["Tape off the joints as each closes; nothing leans on a finished face."] : []),
      `Every joint loose first, then square, then tight: ${putUp.fasteners} ${putUp.held}.`,
    ].join(" "),
    stage: "shell",
    handsOnMinutes: panels.length * PANEL_MINUTES.value + putUp.fasteners * FASTENER_MINUTES.value,
    waitMinutes: 0,
    after: [
      { reached: "surveyed", because: "what is short is found before it is half up" },
      { reached: "holesCut", because: "a flat panel is easier to drill than a box" },
      ...coats,
      ...(flat.length > 0 ? [{ reached: "decorated" as const, because: "its panels are finished flat" }] : []),
    ],
    reaches: ["stands"],
    uses: [...putUp.uses],
    splittable: false,
    toHand: [...putUp.toHand, "tape", "square", "clamps or straps"],
    cautions: ["Standing panels fall: one holds, one fastens.", ...(heavy.length > 0 ? [CAUTION.lift] : [])],
    passSign: `Both diagonals of the front ${say(putUp.diagonalMm)}, within ${say(SQUARE_MM)} of one another; no joint a card slips into.`,
    figure: "put-up/mass",
  };
}

const massFigures = (panels: readonly Lifted[]): Figure[] => [
  {
    id: "put-up/mass",
    label: "Mass as it is put up",
    value: panels.reduce((sum, p) => sum + kgOf(p), 0),
    unit: "kg",
    formula: "Σ panels as delivered, and what was put on them flat",
    inputs: panels.flatMap((p) => [
      { name: p.label, value: p.kg, unit: "kg" },
      ...(p.decoratedKg > 0 ? [{ name: `on it, ${p.label}`, value: p.decoratedKg, unit: "kg" }] : []),
    ]),
  },
  {
    id: "put-up/heaviest",
    label: "Its heaviest panel, as it is lifted",
    value: Math.max(0, ...panels.map(kgOf)),
    unit: "kg",
    rounding: "up",
    formula: "the largest of panel and what was put on it",
    inputs: panels.map((p) => ({ name: p.label, value: kgOf(p), unit: "kg" })),
  },
];

/** Flat, or once it stands: nobody has said. */
function schoolSnag({ at }: Site, { school, schoolAt }: PutUp): Snag[] {
  if (school !== "undecided") return [];
  const path = at(schoolAt);
  return [
    {
      rule: "put-up/flat-or-standing",
      subject: "put-up",
      severity: "note",
      stage: "shell",
      title: "Coats and slips flat, or once it stands?",
      sentence: "Nobody has said. Reckoned as once it stands.",
      reason:
        "Flat, every panel is reached from above and all cure side by side; heavier to put up, and its joints are masked (common practice, no source).",
      fix: { label: "Flat, before it is put up", patch: [set(path, "flat")] },
      otherFixes: [{ label: "Once it stands", patch: [set(path, "standing")] }],
    },
  ];
}

const heavySnags = (panels: readonly Lifted[]): Snag[] =>
  panels
    .filter((p) => kgOf(p) > LIFT_KG)
    .map((p) => ({
      rule: "put-up/heavy-panel",
      subject: p.id,
      severity: "note",
      stage: "shell",
      title: `The ${p.label} takes two`,
      sentence: `${kgWords(kgOf(p))} as it is put up${p.decoratedKg > 0 ? `, ${kgWords(p.decoratedKg)} of it put on flat` : ""}.`,
      reason: `Over ${LIFT_KG} kg is lifted with help (manual-handling guidance, from memory).`,
      figure: "put-up/heaviest",
    }));

export const putUpTrade: Trade = {
  id: "put-up",
  stage: shellStage,
  reads: [],
  needs: [FACE_MASS],
  gives: [],
  plan: (site, { facts }) => planPutUp(site, facts.all(FACE_MASS)),
};
