import type { LogEntry } from "../log/schema";
import { formatMinutes, formatNumber } from "../units/format";
import type { ReworkCause, View } from "./names";
import type { BenchEvent, Used } from "./schema";

export const VIEW_WORDS: Record<View, string> = {
  front: "from the front",
  above: "from above",
  below: "from below",
  face: "of the face",
};

/** Why something had to be done again, as a builder says it. */
export const CAUSE_WORDS: Record<ReworkCause, string> = {
  leak: "it leaked",
  thinOrMissed: "too thin, or a patch missed",
  ranOut: "something ran out, or was wrong",
  rushedCure: "it had not set",
  didNotFit: "it did not fit",
  letGo: "a bond let go",
  colour: "the colour was not right",
  wrongOrder: "done in the wrong order",
  airOrDamp: "air or damp not as planned",
  escape: "a way out was found",
  weight: "too heavy, or it sagged",
  notReachable: "something could not be reached",
  moved: "it was moved",
  dirt: "dust, drips or scratches",
  forgotten: "something was forgotten",
  other: "something else",
};

const UNIT: Record<Used["unit"], (n: number) => string> = {
  mL: (n) => `${formatNumber(n, 0)} mL`,
  g: (n) => `${formatNumber(n, 0)} g`,
  mm: (n) => `${formatNumber(n / 1000, 2)} m`,
  mm2: (n) => `${formatNumber(n / 1e6, 2)} m²`,
  piece: (n) => formatNumber(n, 1),
};
/** An amount of a material in its own unit. */
export const amountWords = ({ unit, amount }: Pick<Used, "unit" | "amount">): string => UNIT[unit](amount);

type Of<K extends BenchEvent["kind"]> = Extract<BenchEvent, { kind: K }>;
type Words = { [K in BenchEvent["kind"]]: (event: Of<K>, titleOf: (step: string) => string) => string };

const WORDS: Words = {
  "step-begun": ({ step }, title) => `Begun: ${title(step)}`,
  "step-left": ({ step, because }, title) => `Broken off: ${title(step)}${because ? `, ${because}` : ""}`,
  "step-done": ({ title, minutes, used, by, passed, before }) =>
    [
      `Done: ${title}`,
      ...(minutes === null ? [] : [`in ${formatMinutes(minutes)}`]),
      ...used.filter((u) => u.amount > 0).map((u) => `${amountWords(u)} of ${u.name}`),
      ...(passed === true ? ["passed"] : passed === false ? ["did not pass"] : []),
      ...(by ? [`by ${by}`] : []),
      ...(before.length > 0 ? [`before ${before.join(", ")} was over`] : []),
    ].join("; "),
  "step-again": ({ step, because }, title) => `To be done again: ${title(step)}${because ? `, ${because}` : ""}`,
  bought: ({ name, packs }) => `Bought: ${packs.map((p) => `${p.count} × ${p.name}`).join(", ")} of ${name}`,
  deviation: ({ what, because }) => `Done otherwise: ${what}, because ${because}`,
  rework: ({ what, cause, minutes, delayDays, material }) =>
    [
      `Done again: ${what}`,
      CAUSE_WORDS[cause],
      ...(minutes > 0 ? [formatMinutes(minutes)] : []),
      ...(material ? [material] : []),
      ...(delayDays > 0 ? [`${formatNumber(delayDays, 1)} days later`] : []),
    ].join("; "),
  regret: ({ what }) => `Next time: ${what}`,
  swatch: ({ what, wet, dry, varnished }) =>
    `Swatch ${what}: ${[wet && `wet ${wet}`, dry && `dry ${dry}`, varnished && `varnished ${varnished}`].filter(Boolean).join(", ")}`,
  weighed: ({ what, kg }) => `Weighed: ${what}, ${formatNumber(kg, 1)} kg`,
  moving: ({ resident, carriedIn, people }) =>
    `Moving ${resident}: in ${carriedIn || "nothing yet"}${people ? `, with ${people}` : ""}`,
  checked: ({ check, passed, by, note }) =>
    `${passed ? "Checked" : "Did not pass"}: ${check}${by ? ` by ${by}` : ""}${note ? `, ${note}` : ""}`,
  photo: ({ view, words }) => `Photograph ${VIEW_WORDS[view]}${words ? `: ${words}` : ""}`,
};

/**
 * An entry of the bench in words; undefined for another trade's.
 * @param titleOf what a step is called
 */
export function entryWords(event: LogEntry["event"], titleOf: (step: string) => string): string | undefined {
  const words = (WORDS as Record<string, ((event: never, titleOf: (step: string) => string) => string) | undefined>)[
    event.kind
  ];
  return words?.(event as never, titleOf);
}
