import { amountWords } from "../ledgers/amountWords";
import type { LogEntry } from "../log/schema";
import { formatMinutes, formatNumber } from "../units/format";
import { checkTitle } from "./checkTitle";
import { CAUSE_WORDS, VIEW_WORDS } from "./plainWords";
import type { BenchEvent } from "./schema";

/** What an entry is told with: what a step is called, and how lengths are. */
export interface Telling {
  titleOf: (step: string) => string;
  say: (mm: number) => string;
}
type Of<K extends BenchEvent["kind"]> = Extract<BenchEvent, { kind: K }>;
type Words = { [K in BenchEvent["kind"]]: (event: Of<K>, told: Telling) => string };

const WORDS: Words = {
  "step-begun": ({ step }, { titleOf }) => `Begun: ${titleOf(step)}`,
  "step-left": ({ step, because }, { titleOf }) => `Broken off: ${titleOf(step)}${because ? `, ${because}` : ""}`,
  "step-done": ({ title, minutes, used, by, passed, before }, { say }) =>
    [
      `Done: ${title}`,
      ...(minutes === null ? [] : [`in ${formatMinutes(minutes)}`]),
      ...used.filter((u) => u.amount > 0).map((u) => `${amountWords(u, say)} of ${u.name}`),
      ...(passed === true ? ["passed"] : passed === false ? ["did not pass"] : []),
      ...(by ? [`by ${by}`] : []),
      ...(before.length > 0 ? [`before ${before.join(", ")} was over`] : []),
    ].join("; "),
  "step-again": ({ step, because }, { titleOf }) =>
    `To be done again: ${titleOf(step)}${because ? `, ${because}` : ""}`,
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
    `${passed ? "Checked" : "Did not pass"}: ${checkTitle(check)}${by ? ` by ${by}` : ""}${note ? `, ${note}` : ""}`,
  photo: ({ view, words }) => `Photograph ${VIEW_WORDS[view]}${words ? `: ${words}` : ""}`,
};

/** An entry of the bench in words; undefined for another trade's. */
export function entryWords(event: LogEntry["event"], told: Telling): string | undefined {
  const words = (WORDS as Record<string, ((event: never, told: Telling) => string) | undefined>)[event.kind];
  return words?.(event as never, told);
}
