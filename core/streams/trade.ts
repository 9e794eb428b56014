import { constant, type Figure, type Known, memory } from "../figures/figure";
import { PUMPS, type PumpFact } from "../fixtures/facts";
import type { Pump } from "../fixtures/pump";
import type { Facts } from "../ledgers/facts";
import { emptyLedger, type Step, type TradeLedger } from "../ledgers/ledger";
import { gatherNeeds, type Need, need, spread } from "../ledgers/needs";
import { SIZE_LIMIT_MM } from "../shell/limits";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { POOLS, type PoolHolds } from "../vessels/facts";
import { poolsOf } from "../vessels/split";
import { EVAPORATES_MM } from "../vessels/water";
import { CAUTION } from "../workshop/cautions";
import { lipWords, lostMm, VISCOSITY } from "./flow";
import { ON_ITS_WAY_MIN, pumpOf, runningOf, tubeOf } from "./runs";
import type { Stream } from "./schema";
import { streamSnags } from "./snags";

/** The pump and the hose of the book. */
export const PUMP = "water-pump";
export const HOSE = "pump-hose";

/** Taking a pump out, putting it back and running it, minutes. From memory. */
const RUN_MINUTES: Known = { value: 20, low: 10, high: 40, basis: memory };
/** Hose is threaded long and trimmed once all stands. From memory. */
const TRIMMED: Known = { value: 1.2, low: 1, high: 1.5, basis: memory };

function figuresOf({ shell, say }: Site, stream: Stream, pump: Pump | null, holds: readonly PoolHolds[]): Figure[] {
  const running = runningOf(stream, pump, shell.levels.waterMm, holds);
  const id = `streams/${stream.id}`;
  const water = { name: "water line", value: shell.levels.waterMm, unit: "mm" };
  return [
    ...(pump && running.litresPerHour !== null && running.lip !== null
      ? [
          {
            ...{ id: `${id}/flow`, label: `${stream.name}, at the lip: ${lipWords(running.lip)}` },
            ...{ value: running.litresPerHour, unit: "L/h", rounding: "down" as const, estimate: true as const },
            formula: "where the label's line, most head × (1 − flow ÷ most flow), meets lift + friction of the tube",
            inputs: [
              { name: "most flow", value: pump.litresPerHour, unit: "L/h" },
              { name: "most head", value: pump.headMm, unit: "mm" },
              { name: "lift", value: stream.lift.value, unit: "mm" },
              { name: "lost in the tube", value: lostMm(running.litresPerHour, tubeOf(stream)), unit: "mm" },
              constant("viscosity of water", VISCOSITY, "m²/s"),
              { name: `a minute for each ${say(100)} of lip`, value: running.lip, unit: "L" },
            ],
          } satisfies Figure,
        ]
      : []),
    {
      ...{ id: `${id}/back`, label: "Falls back when the pump stops", value: running.backL, unit: "L", rounding: "up" },
      formula: stream.transit ? "as typed" : "what is in the tube + what is on its way",
      inputs: [
        { name: "raises the water by", value: running.risesMm, unit: "mm" },
        constant("on its way, of the flow", ON_ITS_WAY_MIN, "min"),
      ],
      estimate: true,
    },
    {
      ...{ id: `${id}/days`, label: "Days until the pump draws air", value: running.days.likely, unit: "days" },
      ...{ low: running.days.low, high: running.days.high, rounding: "down", estimate: true },
      formula: "(water line − intake, or what the pump needs) ÷ what evaporates a day",
      inputs: [
        water,
        { name: "intake", value: stream.intake.value, unit: "mm" },
        { name: "it needs", value: stream.needs.value, unit: "mm" },
        constant("evaporates a day", EVAPORATES_MM, "mm"),
      ],
    },
    {
      ...{ id: `${id}/top-up`, label: "Topped up in a week", value: running.topUpL, unit: "L", estimate: true },
      formula: "its surface × what evaporates a day × 7",
      inputs: [constant("evaporates a day", EVAPORATES_MM, "mm")],
    },
  ];
}

/** A pump while none is among the fixtures, which count their own. */
const lacksPump = ({ variant }: Site, pumps: readonly PumpFact[]) => variant.streams.length > 0 && pumps.length === 0;

/** The hose that is pushed through, and the pump where nobody else counts it. */
function needsOf(site: Site, pumps: readonly PumpFact[]): Need[] {
  const { streams } = site.variant;
  const mm = streams.reduce((sum, s) => sum + s.tubeLength.value, 0);
  return [
    ...(lacksPump(site, pumps) ? [need(PUMP, "piece", "what lifts the water", [1])] : []),
    need(HOSE, "mm", "from pump to lip, threaded long", spread(mm, TRIMMED), [constant("trimmed last", TRIMMED, "×")]),
  ];
}

function stepsOf(site: Site, own: readonly PumpFact[]): Step[] {
  const { streams, vessels } = site.variant;
  const runs = streams.length > 0 || (own.length > 0 && poolsOf(vessels).length > 0);
  if (!runs) return [];
  const name = own[0]?.name ?? "The pump";
  return [
    {
      ...{ id: "streams/run", stage: "ground", title: "Run the pump", splittable: true },
      detail: `${name} taken out by its way once and put back, then run: before stones are fixed, and a day before animals.${streams.length > 0 ? " Then stopped once: the water that falls back stays below the edge." : ""}`,
      handsOnMinutes: RUN_MINUTES.value,
      ...{ waitMinutes: 1440, waitFor: "debris to settle", reaches: ["waterRuns"] },
      after: [
        { reached: "waterIn", because: "a pump never runs dry" },
        { reached: "fetched", because: "it must be there" },
        ...own.map(({ id }) => ({ id: `fixtures/up-${id}`, because: "it must be in" })),
      ],
      uses: [...(lacksPump(site, own) ? [PUMP] : []), ...(streams.length > 0 ? [HOSE] : [])],
      ...{ toHand: ["towel"], cautions: [CAUTION.waterPower] },
      passSign: "Flow even, no leak, debris out; it came out and went back by its way.",
    },
  ];
}

/** Water that is pumped to a lip and falls back: its flow, what it needs, and what its stopping does. */
function planStreams(site: Site, facts: Facts): TradeLedger {
  const { streams } = site.variant;
  const pumps = facts.one(PUMPS) ?? [];
  const steps = stepsOf(site, pumps);
  if (steps.length === 0) return emptyLedger();
  const holds = facts.all(POOLS);
  const gathered = gatherNeeds(site.book, "streams", needsOf(site, pumps));
  return {
    ...emptyLedger(),
    supplies: gathered.supplies,
    steps,
    snags: streams.flatMap((s, i) => streamSnags(site, s, site.at(`/streams/${i}`), { holds, pumps })),
    figures: [...streams.flatMap((s) => figuresOf(site, s, pumpOf(s, pumps), holds)), ...gathered.figures],
  };
}

export const streamsTrade: Trade = {
  id: "streams",
  stage: { id: "ground", key: "3", label: "Water & substrate", group: "design" },
  reads: ["streams", "vessels", "seal", "ground", "shell"],
  needs: [POOLS, PUMPS],
  gives: [],
  check({ streams }, { between, add }) {
    streams.forEach((s, i) => {
      const path = `/streams/${i}`;
      const plain = (at: "transit" | "awayDays", high: number, what: string, unit: string) => {
        const m = s[at];
        if (m && (m.value < 0 || m.value > high))
          add(`${path}/${at}`, `${what}: ${m.typed} cannot be right. Type between 0 and ${high}${unit}.`);
      };
      plain("transit", 50_000, "Water on its way", " mL");
      plain("awayDays", 365, "Days away", "");
      between(`${path}/tubeBore`, s.tubeBore, 2, 100, "The tube's bore");
      between(`${path}/tubeLength`, s.tubeLength, 1, 20_000, "The tube's length");
      between(`${path}/lift`, s.lift, 0, SIZE_LIMIT_MM.high, "The lift");
      between(`${path}/lip`, s.lip, 1, SIZE_LIMIT_MM.high, "The lip");
      between(`${path}/intake`, s.intake, 0, 1000, "The intake");
      between(`${path}/needs`, s.needs, 0, 1000, "What it needs");
    });
  },
  plan: (site, { facts }) => planStreams(site, facts),
};
