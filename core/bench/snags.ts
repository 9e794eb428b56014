import type { Snag, Step, Supply } from "../ledgers/ledger";
import type { Regret } from "../rates/schema";
import type { Site } from "../shell/site";
import { formatMinutes, formatNumber } from "../units/format";
import type { BoughtAndUsed } from "./bought";
import type { StepStands } from "./standing";
import { stepTakes, usersOf } from "./use";

/** How far a step's plan may move, as a share, before what was done is told to be otherwise. */
const SLACK = 0.1;
const differs = (was: number, now: number) => Math.abs(was - now) > SLACK * Math.max(was, now, 1);

interface Bench {
  site: Site;
  steps: readonly Step[];
  /** At the rates everyone starts from. */
  supplies: readonly Supply[];
  stands: ReadonlyMap<string, StepStands>;
  bought: BoughtAndUsed;
  wanted: ReadonlySet<string>;
  /** Checks of the closing list, and whether each was passed. */
  closing: readonly { title: string; passed: boolean }[];
  regrets: readonly Regret[];
}

/** What was to be done otherwise next time, offered where this build decides it. */
const regretSnags = (regrets: readonly Regret[]): Snag[] =>
  regrets.map(({ id, what, stage, build }) => ({
    rule: "bench/next-time",
    subject: id,
    severity: "note",
    stage,
    title: "Next time otherwise",
    sentence: what,
    reason: `Written down at the bench of “${build}”. Override it once it is decided here.`,
  }));

/** Residents that are in while a check of the closing list is open. */
function closingSnags(
  steps: readonly Step[],
  stands: ReadonlyMap<string, StepStands>,
  closing: Bench["closing"],
): Snag[] {
  const open = closing.filter(({ passed }) => !passed);
  const isIn = steps.some((s) => s.reaches?.includes("residentsIn") && stands.get(s.id)?.done);
  if (!isIn || open.length === 0) return [];
  return [
    {
      rule: "bench/closing-open",
      subject: "closing",
      severity: "stop",
      stage: "bench",
      title: "Residents are in, and the closing list is open",
      sentence: `Not ticked: ${open.map(({ title }) => title.toLowerCase()).join(", ")}.`,
      reason: "Look at each now: what was forgotten is found by the animal (common practice, no source).",
    },
  ];
}

/** What is done, and what was bought, that the design has changed under. */
export function benchSnags({ steps, supplies, stands, bought, wanted, site, closing, regrets }: Bench): Snag[] {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const users = usersOf(steps);
  const snags: Snag[] = [];
  for (const [id, { done }] of stands) {
    if (!done) continue;
    const step = byId.get(id);
    if (!step) {
      snags.push({
        rule: "bench/done-for-nothing",
        subject: id,
        severity: "mind",
        stage: "bench",
        title: "Done, and no longer wanted",
        sentence: `“${done.title}” is done; the design has no such step any more.`,
        reason:
          "What was done stays in the log. Look at what it left in the shell: a hole, a coat, a cut piece; or undo the change.",
      });
      continue;
    }
    const now = stepTakes(step, steps, supplies, supplies, users);
    const more = done.used.flatMap(({ material, name, planned, unit }) => {
      const use = now.find((u) => u.materialId === material);
      if (planned === null || !use || !differs(planned, use.atStart)) return [];
      const say = (n: number) =>
        unit === "mm"
          ? site.say(n)
          : `${formatNumber(unit === "mm2" ? n / 1e6 : n, 1)} ${unit === "mm2" ? "m²" : unit === "piece" ? "pieces" : unit}`;
      return [`${name}: it was planned with ${say(planned)}, now it is ${say(use.atStart)}`];
    });
    const startMinutes = step.startMinutes ?? step.handsOnMinutes;
    const longer = differs(done.startMinutes, startMinutes)
      ? [`its work was ${formatMinutes(done.startMinutes)} by the plan, now it is ${formatMinutes(startMinutes)}`]
      : [];
    if (more.length + longer.length === 0) continue;
    snags.push({
      rule: "bench/done-otherwise",
      subject: id,
      severity: "mind",
      stage: "bench",
      title: "Done, and since changed in the design",
      sentence: `“${done.title}” is done; ${[...more, ...longer].join("; ")}.`,
      reason: "The design has changed since. See whether what was done is still right, or do it again.",
    });
  }
  snags.push(...closingSnags(steps, stands, closing), ...regretSnags(regrets));
  for (const [line, events] of bought.boughtFor) {
    const { material, name } = events[0]!;
    if (wanted.has(material)) continue;
    snags.push({
      rule: "bench/bought-for-nothing",
      subject: line,
      severity: "note",
      stage: "bench",
      title: "Bought, and no longer wanted",
      sentence: `${name} was bought for this build; nothing in the design uses it now.`,
      reason: "It stays on the shelf for another build, or goes back to the shop.",
    });
  }
  return snags;
}
