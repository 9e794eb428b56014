import { constant, type Figure, practice } from "../figures/figure";
import { emptyLedger, type Part, type Snag, type Step, type TradeLedger } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import type { Book } from "../materials/schema";
import { buildShell } from "../shell/buildShell";
import { kindOf } from "../shell/kinds/index";
import { panelParts } from "../shell/panelParts";
import type { Site } from "../shell/site";
import type { Stock } from "../stock/schema";
import { capital } from "../units/capital";
import { formatMoney } from "../units/money";
import { atMost } from "../units/tolerance";
import { CAUTION } from "../workshop/cautions";
import { RATES } from "../workshop/rates";
import { type Nearest, nearestFit } from "./nearest";
import { areaBound } from "./nest/nest";
import type { Nester } from "./nester";
import type { BenchSheet } from "./record/bench";
import { sawSizeMm } from "./sawSize";
import { nestOwnPanes, nestSheets, type SheetGroup } from "./sheets";

export interface CutLedger extends TradeLedger {
  groups: SheetGroup[];
}

/** What the cuts reckoner needs beside the site: the whole parts ledger, the rack, and something that nests. */
export interface CutNeeds {
  parts: Part[];
  stock: Stock;
  seed: number;
  nester: Nester;
  /** Sheets at the saw already, and when the last cut was made. */
  atSaw: readonly BenchSheet[];
  lastCutAt: string | undefined;
}

/** Sheets to buy, their cutting, and whether another joint would save one. */
export function planCuts(site: Site, needs: CutNeeds): CutLedger {
  const { parts, stock, seed, nester, atSaw } = needs;
  const sheets = nestSheets(parts, site.book, stock, site.workshop, seed, nester, atSaw);
  const own = nestOwnPanes(parts, site.shell.reusable, site.workshop, seed, nester);
  const groups = [...sheets, ...own];
  return {
    ...emptyLedger(),
    groups,
    steps: sheets.length === 0 ? [] : [sawStep(site, sheets, needs.lastCutAt)],
    snags: [
      ...groups.flatMap((g) => unplacedSnags(site, g)),
      ...sheets.flatMap((g) => unwantedSnags(site, g)),
      // Once a sheet is at the saw, another joint would spoil it rather than save one.
      ...(atSaw.length === 0 ? savingSnags(site, sheets, needs) : []),
    ],
    figures: groups.map(sheetFigure),
  };
}

/** Whether every part of every sheet is cut. */
const allCut = (groups: readonly SheetGroup[]) =>
  groups.every((g) => g.layout.every((s) => s.atSaw && s.done.length === s.parts.length));

function sawStep(site: Site, groups: SheetGroup[], lastCutAt: string | undefined): Step {
  const cuts = groups.flatMap((g) => g.layout.flatMap((s) => s.cuts));
  const metres = cuts.reduce((sum, c) => sum + Math.max(0, c.to - c.from), 0) / 1000;
  const sheets = groups.reduce((sum, g) => sum + g.sheets, 0);
  // Two datum edges are trimmed on every sheet before the first cut.
  const count = cuts.length + 2 * sheets;
  return {
    id: "cuts/saw",
    title: sheets === 0 ? "Cut what is on hand" : `Cut ${sheets} ${sheets === 1 ? "sheet" : "sheets"}`,
    detail: `${count} cuts, ${site.sayRun(metres * 1000)}. Trim two edges first; rip before cross-cut; like settings together.`,
    stage: "cuts",
    handsOnMinutes: count * RATES.cutEach.value + metres * RATES.cutPerMetre.value,
    work: "saw",
    waitMinutes: 0,
    after: [{ reached: "fetched", because: "the sheet must be there" }],
    reaches: ["sawn"],
    uses: groups.map((g) => g.material.id),
    splittable: true,
    toHand: ["saw", "tape", "square", "pencil", "cut list"],
    cautions: [CAUTION.saw, CAUTION.dust, CAUTION.lift],
    ownLog: "saw",
    ...(lastCutAt !== undefined && allCut(groups) && { overAt: lastCutAt }),
    passSign: `Matching panels laid on one another agree within ${site.say(0.5)}.`,
  };
}

/** How the least number was proved. */
const BOUND_WORDS: Record<SheetGroup["solution"]["bound"]["proof"], string> = {
  area: "at least parts with their kerf ÷ usable sheet",
  pairs: "at least as many as there are parts of which no two share a sheet",
  duals: "at least what the parts keep one another out of, by dual feasible functions",
  columns:
    "at least what any sheets cut edge to edge could cost if parts of sheets were to be had, by column generation",
  none: "nothing to prove",
};

function sheetFigure(group: SheetGroup): Figure {
  const { bound } = group.solution;
  return {
    id: `cuts/${group.material.id}/sheets`,
    label: `Sheets of ${group.material.name}`,
    value: group.sheets,
    low: group.least.sheets,
    unit: "",
    formula: `edge-to-edge nesting, part of it taken up and laid again until nothing is gained; ${BOUND_WORDS[bound.proof]}`,
    inputs: [
      { name: "parts", value: group.parts.reduce((n, p) => n + p.qty, 0), unit: "" },
      {
        name: "area of parts",
        value: group.parts.reduce((a, p) => a + p.lengthMm * p.widthMm * p.qty, 0) / 1e6,
        unit: "m²",
      },
      constant("kerf", { value: group.instance.kerf, basis: { kind: "label" } }, "mm"),
      constant("trim a sheet edge", { value: group.instance.trim, basis: practice }, "mm"),
      { name: "share used", value: group.usedShare * 100, unit: "%" },
    ],
  };
}

function unplacedSnags(site: Site, group: SheetGroup): Snag[] {
  return group.solution.unplaced.map((u): Snag => {
    const part = group.parts.find((p) => p.id === u.partId)!;
    const asked = group.instance.parts.find((p) => p.id === u.partId)!;
    const near = nearestFit(asked, group.instance);
    return {
      rule: "cuts/no-sheet-fits",
      subject: u.partId,
      severity: "stop",
      stage: "cuts",
      title: `${part.label} fits no ${group.own ? "pane it came with" : "sheet"}`,
      sentence: `${site.say(part.lengthMm)} × ${site.say(part.widthMm)}: ${u.why}. ${nearestWords(site, near)}`,
      reason: "Panels are cut whole; a joint in the middle of a panel is for you to decide.",
      ...(near?.turned &&
        part.grainPath && {
          fix: {
            label: "Let it be turned",
            patch: [{ op: "replace" as const, path: part.grainPath, value: false }],
          },
        }),
    };
  });
}

function nearestWords(site: Site, near: Nearest | undefined): string {
  if (!near) return "The book has no sheet of it: choose another material.";
  return near.turned
    ? "Turned through a right angle it would fit."
    : `The nearest that would fit is ${site.say(near.w)} × ${site.say(near.h)}.`;
}

/** What a change of the design spoils of what is cut already. */
function unwantedSnags(site: Site, group: SheetGroup): Snag[] {
  return group.unwanted.map((cut): Snag => {
    const part = group.parts.find((p) => p.id === cut.partId);
    const [w, h] = cut.rotated ? [cut.h, cut.w] : [cut.w, cut.h];
    const wasCut = `${site.say(w)} × ${site.say(h)}`;
    return {
      rule: "cuts/cut-otherwise",
      subject: `${cut.partId} ${wasCut}`,
      severity: "mind",
      stage: "cuts",
      title: part ? `${part.label} was cut to another size` : `A part cut already is no longer asked for`,
      sentence: part
        ? `It was cut at ${wasCut}; the design now asks ${site.say(sawSizeMm(part.lengthMm))} × ${site.say(sawSizeMm(part.widthMm))}${part.qty > 1 ? ` × ${part.qty}` : ""}. The piece is nested in as stock.`
        : `A piece of ${wasCut} lies cut; it is nested in as stock.`,
      reason: "What is cut cannot be made larger. Undo the change, or cut it down or a new one as the plan now says.",
    };
  });
}

/** Panes that the shell's own ones do not give. */
export const ownMisfits = (
  site: Site,
  { parts, seed, nester }: Pick<CutNeeds, "parts" | "seed" | "nester">,
): Pick<Snag, "rule" | "subject" | "severity">[] =>
  nestOwnPanes(parts, site.shell.reusable, site.workshop, seed, nester).flatMap((g) => unplacedSnags(site, g));

/** Panels that no sheet of their material gives, told without nesting. */
export function misfits({
  parts,
  book,
  trimMm,
}: {
  parts: Part[];
  book: Book;
  trimMm: number;
}): Pick<Snag, "rule" | "subject" | "severity">[] {
  return parts
    .filter((p) => p.kind === "panel")
    .filter((p) => {
      const [l, w] = [sawSizeMm(p.lengthMm), sawSizeMm(p.widthMm)];
      const stock = findMaterial(book, p.materialId, "sheet")?.stock ?? [];
      return !stock.some((s) => {
        const [sw, sh] = [s.widthMm - 2 * trimMm, s.heightMm - 2 * trimMm];
        return (l <= sw && w <= sh) || (!p.grainLocked && w <= sw && l <= sh);
      });
    })
    .map((p) => ({ rule: "cuts/no-sheet-fits", subject: p.id, severity: "stop" }));
}

const total = (groups: SheetGroup[], of: (group: SheetGroup) => number): number =>
  groups.reduce((sum, g) => sum + of(g), 0);

/** Tries the alternatives when the sheets cost more than the parts' area asks for. */
function savingSnags(site: Site, groups: SheetGroup[], needs: CutNeeds): Snag[] {
  const cost = total(groups, (g) => g.cost);
  if (
    atMost(
      cost,
      total(groups, (g) => areaBound(g.instance)),
    ) ||
    groups.some((g) => g.solution.unplaced.length > 0)
  )
    return [];
  const own = new Set(site.shell.panels.map((p) => p.id));
  const others = needs.parts.filter((p) => p.kind === "panel" && !own.has(p.id));
  const better = (kindOf(site.shell).alternatives?.(site) ?? []).flatMap((alternative) => {
    const shell = buildShell(alternative.variant, site.book);
    const parts = panelParts({ shell, saySum: site.saySum });
    const nested = nestSheets([...parts, ...others], site.book, needs.stock, site.workshop, needs.seed, needs.nester);
    const saved = cost - total(nested, (g) => g.cost);
    if (nested.some((g) => g.solution.unplaced.length > 0) || atMost(saved, 0)) return [];
    const costMinor = total(nested, (g) => g.costMinor ?? 0);
    return [{ ...alternative, costSaved: saved, sheets: total(nested, (g) => g.sheets), costMinor }];
  });
  const first = better.reduce<(typeof better)[number] | undefined>(
    (best, b) => (best && best.costSaved >= b.costSaved ? best : b),
    undefined,
  );
  if (!first) return [];
  const sheets = total(groups, (g) => g.sheets);
  const money = (minor: number) => formatMoney(minor, site.workshop.currency);
  const priced = groups.every((g) => g.costMinor !== null);
  const words = (n: number, minor: number) =>
    `${n} ${n === 1 ? "sheet" : "sheets"}${priced ? `, ${money(minor)}` : ""}`;
  return [
    {
      rule: "cuts/saves-a-sheet",
      subject: first.id,
      severity: "mind",
      stage: "cuts",
      title: first.sheets < sheets ? "One sheet could be saved" : "Cheaper sheets would do",
      sentence: `${words(
        sheets,
        total(groups, (g) => g.costMinor ?? 0),
      )} as drawn. ${capital([first, ...better.filter((b) => b !== first)].map((b) => b.label).join(", or "))}: ${words(first.sheets, first.costMinor)}${better.length > 1 ? " at best" : ""}.`,
      reason: "Thickness taken from another panel lets parts lie side by side.",
      fix: { label: `Try ${first.label}`, patch: first.patch },
      figure: `cuts/${groups[0]!.material.id}/sheets`,
    },
  ];
}
