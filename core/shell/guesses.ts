import type { Measure } from "../design/basics";
import { writeAt } from "../design/pointer";
import type { Variant } from "../document/schema";
import type { Figure } from "../figures/figure";
import type { Snag } from "../ledgers/ledger";
import { formatNumber } from "../units/format";
import { buildShell } from "./buildShell";
import { kindOf } from "./kinds/index";
import type { Site } from "./site";

/** A measure of the shell that is a guess, with its place in the variant. */
interface Guess {
  path: string;
  measure: Measure & { low: number; high: number };
}

const isMeasure = (node: object): node is Measure => "typed" in node && "value" in node && "how" in node;

function guessesIn(node: unknown, path: string): Guess[] {
  if (typeof node !== "object" || node === null) return [];
  if (isMeasure(node)) {
    const { low, high } = node;
    return node.how === "guessed" && low !== undefined && high !== undefined && low < high
      ? [{ path, measure: { ...node, low, high } }]
      : [];
  }
  return Object.entries(node).flatMap(([key, child]) =>
    typeof child === "object" ? guessesIn(child, `${path}/${key}`) : [],
  );
}

/** The shell's guessed measures, in the order of the document. */
export const shellGuesses = (variant: Variant): Guess[] => guessesIn(variant.shell, "/shell");

/** A variant with one measure put to another value. */
function withValue(variant: Variant, path: string, value: number): Variant {
  const copy = structuredClone(variant);
  writeAt(copy, `${path}/value`, value);
  return copy;
}

/** Volume with one guess at each of its ends, mL. */
function volumeSpan(site: Site, { path, measure }: Guess): [number, number] {
  const ends = [measure.low, measure.high].map(
    (value) => buildShell(withValue(site.variant, path, value), site.book).volumeMl,
  );
  return [Math.min(...ends), Math.max(...ends)];
}

/** Inside volume; while measures are guesses, with the range all of them together leave. */
export function volumeFigure(site: Site): Figure {
  const { volumeMl, volumeWorking } = site.shell;
  const spans = shellGuesses(site.variant).map((guess) => volumeSpan(site, guess));
  const low = spans.reduce((sum, [least]) => sum + Math.min(0, least - volumeMl), volumeMl);
  const high = spans.reduce((sum, [, most]) => sum + Math.max(0, most - volumeMl), volumeMl);
  return {
    id: "shell/volume",
    label: "Inside volume",
    value: volumeMl / 1000,
    ...(high - low > 1 && { low: Math.max(0, low) / 1000, high: high / 1000 }),
    unit: "L",
    formula: volumeWorking.formula,
    inputs: volumeWorking.inputs,
  };
}

/** What each guessed measure is called in its survey. */
export function guessLabels(site: Site): string[] {
  const guesses = shellGuesses(site.variant);
  if (guesses.length === 0) return [];
  const labels = new Map(
    kindOf(site.shell).survey.groups.flatMap((g) => g.fields.map((f) => [f.path, f.label] as const)),
  );
  return guesses.map(({ path }) => labels.get(path) ?? "A measure");
}

/** Asks for the tape before the step that needs it. */
export function guessSnags(site: Site): Snag[] {
  const labels = guessLabels(site);
  const before = kindOf(site.shell).tapeBefore;
  return shellGuesses(site.variant).map((guess, i): Snag => {
    const { path, measure } = guess;
    const [low, high] = volumeSpan(site, guess);
    const spread =
      high - low > 1 ? `; the volume may be ${formatNumber(low / 1000)} to ${formatNumber(high / 1000)} L` : "";
    return {
      rule: "shell/guessed",
      subject: path,
      severity: "mind",
      stage: "shell",
      title: `${labels[i]} is a guess`,
      sentence: `“${measure.typed}”: ${site.say(measure.low)} to ${site.say(measure.high)}${spread}. Put a tape to it before ${before}, and before anything is bought or cut.`,
      reason: "What is cut or bought by a guess is cut twice.",
    };
  });
}
