import type { Figure } from "../figures/figure";
import { fact } from "../ledgers/facts";
import { emptyLedger, gather, type Part, type TradeLedger } from "../ledgers/ledger";
import { MASS } from "../ledgers/masses";
import { OWN_PANES } from "../materials/ownPanes";
import { guessLabels, guessSnags, volumeFigure } from "./guesses";
import { kindOf } from "./kinds/index";
import { panelParts } from "./panelParts";
import { shellKg } from "./shell";
import type { Site } from "./site";
import { groundSnags } from "./snags";

/** The bare shell: what every kind has (sizes, volume, mass, ground against dam) and what only its own kind has. */
export function planShell(site: Site): TradeLedger {
  const figures = [...sizeFigures(site), volumeFigure(site)];
  return gather([
    {
      ...emptyLedger(),
      parts: [...panelParts(site), ...ownPaneParts(site), ...glassPaneParts(site)],
      snags: [...groundSnags(site), ...guessSnags(site)],
      figures,
      facts: [fact(MASS, { when: "bare", kg: shellKg(site.shell) })],
    },
    namingGuesses(site, kindOf(site.shell).plan(site)),
  ]);
}

/** The survey's step names the guesses it has to settle. */
function namingGuesses(site: Site, ledger: TradeLedger): TradeLedger {
  const guesses = guessLabels(site);
  if (guesses.length === 0) return ledger;
  const words = ` Still a guess, so measure: ${guesses.join(", ").toLowerCase()}.`;
  const steps = ledger.steps.map((s) => (s.reaches?.includes("surveyed") ? { ...s, detail: s.detail + words } : s));
  return { ...ledger, steps };
}

/** Panes ordered cut to size. */
const glassPaneParts = ({ shell, saySum }: Site): Part[] =>
  shell.glassPanes.map(({ working, ...pane }) => ({
    ...pane,
    ...{ kind: "pane", qty: 1, grainLocked: false },
    working: { length: saySum(working.length), width: saySum(working.width) },
  }));

function ownPaneParts({ shell, saySum }: Site): Part[] {
  return shell.ownPanes.map(({ id, label, lengthMm, widthMm, qty, working }) => ({
    id,
    label,
    materialId: OWN_PANES,
    kind: "ownPane",
    lengthMm,
    widthMm,
    thicknessMm: shell.reusable[0]?.thicknessMm ?? 0,
    qty,
    grainLocked: false,
    working: { length: saySum(working.length), width: saySum(working.width) },
  }));
}

function sizeFigures({ shell }: Site): Figure[] {
  const { inside, outside, faces } = shell;
  const axis = (
    id: string,
    label: string,
    value: number,
    insideMm: number,
    walls: readonly ("left" | "right" | "back" | "front" | "base" | "top")[],
  ): Figure => ({
    id: `shell/outside-${id}`,
    label: `Outside ${label}`,
    value,
    unit: "mm",
    formula: `inside ${label} + ${walls.map((w) => w).join(" + ")}`,
    inputs: [
      { name: `inside ${label}`, value: insideMm, unit: "mm" },
      ...walls.map((w) => ({ name: w, value: faces[w].material.thicknessMm, unit: "mm" })),
    ],
  });
  const closed = (walls: readonly ("left" | "right" | "back" | "front" | "base" | "top")[]) =>
    walls.filter((w) => !faces[w].open);
  return [
    axis("width", "width", outside.widthMm, inside.widthMm, closed(["left", "right"])),
    axis("depth", "depth", outside.depthMm, inside.depthMm, closed(["front", "back"])),
    axis("height", "height", outside.heightMm, inside.heightMm, closed(["base", "top"])),
  ];
}
