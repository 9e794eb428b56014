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

/** Guessed measures of one name, in the order of the document. */
interface Named {
  label: string;
  guesses: [Guess, ...Guess[]];
}

/** The shell's guesses by what they are called: in its survey, or by what they are measures of. */
function namedGuesses(site: Site): Named[] {
  const kind = kindOf(site.shell);
  const asked = new Map(kind.survey.groups.flatMap((g) => g.fields.map((f) => [f.path, f.label] as const)));
  const named = new Map<string, Named>();
  for (const guess of shellGuesses(site.variant)) {
    const label = asked.get(guess.path) ?? kind.nameOf?.(guess.path, site.variant.shell) ?? "A measure";
    const known = named.get(label);
    if (known) known.guesses.push(guess);
    else named.set(label, { label, guesses: [guess] });
  }
  return [...named.values()];
}

/** What each guessed measure is called. */
export const guessLabels = (site: Site): string[] => namedGuesses(site).map(({ label }) => label);

/** Asks for the tape before the step that needs it. */
export function guessSnags(site: Site): Snag[] {
  const before = kindOf(site.shell).tapeBefore;
  return namedGuesses(site).map(({ label, guesses }): Snag => {
    const spans = guesses.map((guess) => volumeSpan(site, guess));
    const [low, high] = [Math.min(...spans.map(([l]) => l)), Math.max(...spans.map(([, h]) => h))];
    const spread =
      high - low > 1 ? `; the volume may be ${formatNumber(low / 1000)} to ${formatNumber(high / 1000)} L` : "";
    const words = guesses
      .map(({ measure }) => `“${measure.typed}”: ${site.say(measure.low)} to ${site.say(measure.high)}`)
      .join(", ");
    return {
      rule: "shell/guessed",
      subject: guesses[0].path,
      severity: "mind",
      stage: "shell",
      title: `${label} is a guess`,
      sentence: `${words}${spread}. Put a tape to it before ${before}, and before anything is bought or cut.`,
      reason: "What is cut or bought by a guess is cut twice.",
    };
  });
}
