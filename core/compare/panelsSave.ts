import { backgroundTrade, planBackground } from "../background/trade";

import type { LocalMinutes } from "../design/localTime";
import { schedule } from "../diary/schedule";
import type { Milestone, TradeLedger } from "../ledgers/ledger";
import { settleWaits } from "../ledgers/milestones";
import type { Site } from "../shell/site";

/** The same walls foamed in the shell, one after the other, against panels made outside it. */
export interface PanelsSave {
  /** Days until the walls are up, in the builder's own hours. */
  inShellDays: number;
  panelsDays: number;
  /** Days until residents move in. */
  residentsSooner: number;
  /** What is planned now. */
  now: "foam" | "panels" | "mixed";
}

/**
 * What making walls outside the shell saves: faces in turn, each lying down while it sets, against panels that cure side
 * by side. The whole diary is laid anew for each.
 * @param ledgers of the plan as it is, by trade
 * @returns undefined while no wall is either, or the workshop has no hours
 */
export function panelsSave(
  site: Site,
  ledgers: ReadonlyMap<string, TradeLedger>,
  now: LocalMinutes,
): PanelsSave | undefined {
  const { background } = site.variant;
  const walls = background.walls.filter((w) => !w.up && (w.buildUp === "foam" || w.buildUp === "panels"));
  if (walls.length === 0) return undefined;
  const others = [...ledgers].flatMap(([id, { steps }]) => (id === backgroundTrade.id ? [] : steps));
  const laid = (buildUp: "foam" | "panels") => {
    const changed = {
      ...background,
      walls: background.walls.map((w) => (walls.includes(w) ? { ...w, buildUp } : w)),
    };
    const own = planBackground(
      { ...site, variant: { ...site.variant, background: changed } },
      { status: "testedBeforeDressing" },
    ).steps;
    const steps = settleWaits([...others, ...own]);
    const reaching = (milestone: Milestone) =>
      new Set(steps.filter((s) => s.reaches?.includes(milestone)).map((s) => s.id));
    const entries = schedule(steps, site.workshop.hours, now);
    const airs = reaching("airedOut");
    const made = new Set(own.filter((s) => !airs.has(s.id)).map((s) => s.id));
    const up = Math.max(now, ...entries.filter((e) => made.has(e.stepId)).map((e) => e.readyAt));
    const moving = reaching("residentsIn");
    return { up, residents: entries.find((e) => moving.has(e.stepId))?.startAt };
  };
  const foam = laid("foam");
  const panels = laid("panels");
  if (foam.residents === undefined || panels.residents === undefined) return undefined;
  const kinds = new Set(walls.map((w) => w.buildUp));
  return {
    inShellDays: (foam.up - now) / 1440,
    panelsDays: (panels.up - now) / 1440,
    residentsSooner: (foam.residents - panels.residents) / 1440,
    now: kinds.size > 1 ? "mixed" : kinds.has("foam") ? "foam" : "panels",
  };
}
