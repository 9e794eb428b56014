import { VIEW_WORDS } from "#core/bench/plainWords";
import type { SettledStep } from "#core/ledgers/ledger";

/** What keeps a layout from being over: memory fails once it is taken out. */
export function photoGate({ photos: wanted = [] }: SettledStep, photos: readonly string[]): string[] {
  const missing = wanted.filter((view) => !photos.includes(view));
  if (missing.length === 0) return [];
  return [
    `Photograph it first ${missing.map((v) => VIEW_WORDS[v]).join(", ")}: ${wanted.length - missing.length} of ${wanted.length} are there. Memory fails once it is taken out.`,
  ];
}

/** What keeps residents out. */
export const closingGate = ({ reaches }: SettledStep, open: number): string[] =>
  open > 0 && reaches?.includes("residentsIn")
    ? [
        `${open} ${open === 1 ? "check" : "checks"} of the closing list ${open === 1 ? "is" : "are"} open. Go through it first.`,
      ]
    : [];
