import { parseLocal } from "./design/localTime";
import { writeAt } from "./design/pointer";
import { chosenVariant } from "./document/variant";
import type { Milestone } from "./ledgers/ledger";
import { type Plan, type PlanInput, plan } from "./plan";
import type { PutUp } from "./shell/shell";
import { turns } from "./standing/massStages";

/** Coats, slips and foam on the panels of a kit before it is put up, or in it after. */
export interface PutUpWay {
  id: "flat" | "standing";
  /** Hands on, of the whole build. */
  handsOnMinutes: number;
  /** Until it stands and its walls are finished, in the builder's own hours. */
  days: number;
  /** As it is put up, and its heaviest panel then, kg. */
  kg: number;
  heaviestKg: number;
  /** What is reached through while it is worked, mm; null for panels on the bench, reached from above. */
  through: { widthMm: number; heightMm: number; deepMm: number } | null;
  /** Turned to another side so often. */
  turns: number;
}

/** It stands and is finished once these are reached. */
const FINISHED: readonly Milestone[] = ["stands", "wallsUp", "decorated", "coated"];

function wayOf(id: PutUpWay["id"], { steps, diary, figures, shell, tally }: Plan, now: number): PutUpWay {
  // A coat's is told face by face: `coated:back`.
  const isFinished = (m: string) => FINISHED.some((f) => m === f || m.startsWith(`${f}:`));
  const done = new Set(steps.filter((s) => s.reaches?.some(isFinished)).map((s) => s.id));
  const last = Math.max(now, ...diary.entries.filter((e) => done.has(e.stepId)).map((e) => e.readyAt));
  const value = (figure: string) => figures.find((f) => f.id === figure)?.value ?? 0;
  const [opening] = shell.openings;
  const inOrder = diary.entries.flatMap((e) => steps.find((s) => s.id === e.stepId) ?? []);
  return {
    id,
    handsOnMinutes: tally.handsOnMinutes,
    days: (last - now) / 1440,
    ...{ kg: value("put-up/mass"), heaviestKg: value("put-up/heaviest") },
    through:
      id === "flat" ? null : { widthMm: opening.widthMm, heightMm: opening.heightMm, deepMm: shell.inside.depthMm },
    turns: turns(inOrder),
  };
}

/**
 * The two schools of a kit side by side: the whole plan is laid anew for each.
 * @param input of the plan as it is
 * @param putUp what is said of it there
 */
export function putUpWays(input: PlanInput, { schoolAt }: Pick<PutUp, "schoolAt">): PutUpWay[] {
  const now = parseLocal(input.now) ?? 0;
  return (["flat", "standing"] as const).map((id) => {
    const design = structuredClone(input.design);
    writeAt(chosenVariant(design), schoolAt, id);
    return wayOf(id, plan({ ...input, design }), now);
  });
}
