import type { AuditFact } from "../../escape/facts";
import type { Snag } from "../../ledgers/ledger";
import type { Log } from "../../log/schema";
import { standing } from "../../log/standing";
import type { LengthDisplay } from "../../units/format";
import { atMost } from "../../units/tolerance";
import { type Gauge, gaugeFor } from "./gauge";

/** One stop of the walk round every gap. */
export interface WalkStop {
  id: string;
  name: string;
  where: string;
  cover: string;
  /** Widest it may be for the smallest that is judged, and for whom; null while nobody can be. */
  allowedMm: number | null;
  who: string;
  worstMm: number | null;
  gauge: Gauge | null;
  /** What the last try said; null while it has not been tried with this gauge. */
  tried: { passed: boolean; at: string; entry: string } | null;
}

/** Every gap in the order it is walked: face by face, what stands open left out. */
export function walkRound({ ways, audits }: AuditFact, log: Log, units: LengthDisplay): WalkStop[] {
  const events = standing(log).flatMap(({ id, at, event }) =>
    event.kind === "gap-tried" ? [{ entry: id, at, event }] : [],
  );
  return ways
    .filter((w) => !w.standsOpen)
    .map((placed): WalkStop => {
      const judged = audits.flatMap((a) =>
        a.ways.filter((w) => w.id === placed.id).map((w) => ({ ...w, who: a.name })),
      );
      const least = judged.reduce<(typeof judged)[number] | undefined>(
        (a, b) => (a && a.allowedMm <= b.allowedMm ? a : b),
        undefined,
      );
      const gauge = least ? gaugeFor(least.allowedMm, units) : null;
      // A try with a thicker gauge says nothing of this one.
      const last = events
        .filter(({ event }) => event.way === placed.id && gauge && atMost(event.gaugeMm, gauge.mm))
        .at(-1);
      return {
        ...{ id: placed.id, name: placed.way.name, where: placed.where, cover: placed.cover },
        ...{ allowedMm: least?.allowedMm ?? null, who: least?.who ?? "", gauge },
        worstMm: least?.worstMm ?? null,
        tried: last ? { passed: last.event.passed, at: last.at, entry: last.entry } : null,
      };
    })
    .sort((a, b) => a.where.localeCompare(b.where));
}

/** A gauge that went through stops the build, whatever was computed. */
export const walkSnags = (stops: readonly WalkStop[]): Snag[] =>
  stops.flatMap(({ id, name, who, gauge, tried }): Snag[] =>
    tried?.passed && gauge
      ? [
          {
            rule: "front/gauge-passes",
            subject: id,
            severity: "stop",
            stage: "front",
            title: `A gauge went through ${name}`,
            sentence: `A ${gauge.words} passed; ${who} may follow it. Close it and try again along its whole length.`,
            reason: "What was tried on the shell beats what was computed of it.",
          },
        ]
      : [],
  );
