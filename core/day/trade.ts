import { AIRWAYS } from "../air/paths";
import { closuresTrade } from "../closures/trade";
import { PORTS } from "../features/facts";
import { airStage } from "../features/stages";
import { LIGHTS } from "../fixtures/lit";
import { airRead } from "../gauge/logged";
import { drifts, fittedUnknowns } from "../gauge/words";
import { FILLS } from "../ground/facts";
import { fact } from "../ledgers/facts";
import { emptyLedger, type TradeLedger } from "../ledgers/ledger";
import { MASS } from "../ledgers/masses";
import type { Site } from "../shell/site";
import type { Told, Trade } from "../trade/trade";
import { askOf, designedOf, keyOf } from "./ask";
import { DAY, type DayFact, KEPT_DAYS } from "./facts";
import { figuresOf } from "./figures";
import { gateOf } from "./gate";
import { mean } from "./hours";
import { bandSnags } from "./rules/bands";
import { doorSnags } from "./rules/doors";
import { drainSnags } from "./rules/drain";
import { driftSnags } from "./rules/drifts";
import { fanSnags } from "./rules/fans";
import { gateSnags } from "./rules/gate";
import { cutSnags, heatSnags } from "./rules/heat";
import type { About } from "./rules/told";
import { fogSnags, storeSnags } from "./rules/water";
import { steadyOf } from "./steady";
import { takenFor } from "./taken";

const RULES = [bandSnags, fogSnags, storeSnags, heatSnags, cutSnags, fanSnags, gateSnags, driftSnags];

/** What the newest fit tells of its gauge, and what it is a fit to. */
function learnedOf({ reads, fit }: ReturnType<typeof airRead>): Pick<DayFact, "drift" | "fitted"> {
  if (!fit) return { drift: null, fitted: null };
  const read = reads.find((r) => r.entry === fit.event.read)!.event;
  const rhPerWeek = fit.event.instrument.driftRhPerWeek;
  return {
    drift: drifts(fit.event) ? { place: read.place, rhPerWeek } : null,
    fitted: {
      entries: read.tempC.filter((t, h) => t !== null || read.rh[h] !== null).length,
      words: fittedUnknowns(fit.event),
    },
  };
}

/** The air as it will be: what is asked of it, and what follows from what is known of it. */
function planDay(site: Site, { facts, log }: Told): TradeLedger {
  const airways = facts.one(AIRWAYS) ?? [];
  const fills = facts.one(FILLS) ?? [];
  const readings = airRead(log);
  const designed = designedOf(site, { airways, lights: facts.one(LIGHTS), fills, masses: facts.all(MASS) });
  const ask = askOf(site, designed, readings.fit?.event);
  const key = keyOf(ask);
  const kept = facts.one(KEPT_DAYS);
  const answer = kept?.get(key) ?? kept?.standIn;
  const day: DayFact = {
    ...{ ask, designed, key, answer, taken: takenFor(site, fills) },
    gate: gateOf(site.brief.residents, readings),
    ...learnedOf(readings),
  };
  const steady = steadyOf(site, ask.input.walls, answer && mean(answer.usual.airChangesPerHour));
  const about: About = { site, day, steady };
  const drainPort = (facts.one(PORTS) ?? []).some((p) => p.drains);
  return {
    ...emptyLedger(),
    snags: [
      ...RULES.flatMap((rule) => rule(about)),
      ...(answer ? doorSnags(site, facts, answer) : []),
      ...drainSnags(site, answer, drainPort),
    ],
    figures: figuresOf(site, airways, day, steady),
    facts: [fact(DAY, day)],
  };
}

/** Worked out of everything else, after it; its answers come from outside, kept by what they answer. */
export const dayTrade: Trade = {
  id: "day",
  stage: airStage,
  reads: [
    "fixtures",
    "ground",
    "background",
    "closures",
    "features",
    "hardscape",
    "vessels",
    "boxes",
    "dividers",
    "shell",
  ],
  needs: [...closuresTrade.needs, AIRWAYS, LIGHTS, FILLS, MASS, PORTS, KEPT_DAYS],
  gives: [DAY],
  plan: planDay,
};
