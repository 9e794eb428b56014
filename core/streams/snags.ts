import type { PumpFact } from "../fixtures/facts";
import { set, setMm } from "../ledgers/fix";
import type { Severity, Snag } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { atLeast, ceil, floor, over } from "../units/tolerance";
import type { PoolHolds } from "../vessels/facts";
import { EVAPORATES_MM } from "../vessels/water";
import { flowAt, lipWords } from "./flow";
import { pumpOf, runningOf, tubeOf } from "./runs";
import type { Stream } from "./schema";

/** A pump stands so much under the water at the least, beside what it needs, mm. From memory. */
const OVER_INTAKE_MM = 10;
/** A lip whose lift is this share of the label's most head still gets a third of its flow. */
const LIFTS_SHARE = 0.66;

/** Whether a stream's pump has water, lifts it, and what happens when it stops. */
export function streamSnags(
  site: Site,
  stream: Stream,
  path: string,
  { holds, pumps }: { holds: readonly PoolHolds[]; pumps: readonly PumpFact[] },
): Snag[] {
  const list: Snag[] = [];
  const add = (own: string, severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: own ? `${stream.id}-${own}` : stream.id, severity, ...snag });
  const { say, shell, at } = site;
  const { waterMm, damTopMm } = shell.levels;
  const pump = pumpOf(stream, pumps);
  const running = runningOf(stream, pump, waterMm, holds);
  const wants = Math.max(stream.needs.value, stream.intake.value + OVER_INTAKE_MM);
  const raise = (mm: number) => ({
    label: `Let the water stand ${say(mm)}`,
    patch: [setMm(at("/seal/standingWater"), mm)],
  });
  if (holds.length === 0)
    add("pool", "stop", {
      rule: "streams/no-pool",
      title: `${stream.name} runs from no pool`,
      sentence: "There is no pool its pump could stand in.",
      reason: "Put a pool in, or leave the stream out.",
      fix: { label: "Leave it out", patch: [{ op: "remove", path }] },
    });
  if (holds.length > 0 && !atLeast(waterMm, wants)) {
    add("depth", "stop", {
      rule: "streams/pump-dry",
      title: `The pump of ${stream.name.toLowerCase()} stands too dry`,
      sentence: `Water ${say(waterMm)}; it needs ${say(wants)}.`,
      reason: "A pump that draws air runs hot and fails; its label says how deep it stands.",
      fix: raise(ceil(wants)),
    });
    return list;
  }
  if (holds.length > 0 && !atLeast(running.days.low, stream.awayDays.value)) {
    const mm = ceil(Math.max(stream.intake.value, stream.needs.value) + stream.awayDays.value * EVAPORATES_MM.high!);
    add("away", "mind", {
      rule: "streams/dry-while-away",
      title: `The pump may draw air while you are away`,
      sentence: `${formatNumber(running.days.low, 1, "down")} days at the most evaporation; you are away for ${formatNumber(stream.awayDays.value)}.`,
      reason: "Nobody tops it up. More water over the intake, or a pump that stands lower.",
      fix: raise(mm),
      figure: `streams/${stream.id}/days`,
    });
  }
  if (stream.pump === null)
    add("none", "note", {
      rule: "streams/no-pump",
      title: `Which pump runs ${stream.name.toLowerCase()}?`,
      sentence: "It names none, so the flow at the lip is not known.",
      reason: "A pump is put on at Fixtures, with its label and its way out.",
      ...(pumps[0] && {
        fix: { label: `Run it off ${pumps[0].name}`, patch: [set(`${path}/pump`, pumps[0].id)] },
      }),
    });
  else if (!pump)
    add("label", "note", {
      rule: "streams/label-unknown",
      title: `What does the pump of ${stream.name.toLowerCase()} give?`,
      sentence: "Its label's most flow and most head are not typed, so the flow at the lip is not known.",
      reason: "Both stand on the pump or its box.",
    });
  else if (flowAt(pump, stream.lift.value, tubeOf(stream)) <= 0) {
    const mm = floor(pump.headMm * LIFTS_SHARE);
    add("lift", "stop", {
      rule: "streams/does-not-reach",
      title: `${stream.name} gets no water`,
      sentence: `The lip is ${say(stream.lift.value)} over the water; the pump lifts ${say(pump.headMm, "down")} at the most.`,
      reason: "At its most head a pump gives nothing: a lower lip, or a stronger pump.",
      fix: { label: `Set the lip ${say(mm)} over the water`, patch: [setMm(`${path}/lift`, mm)] },
      figure: `streams/${stream.id}/flow`,
    });
  } else if (running.lip !== null && (running.lip < 0.2 || running.lip > 10))
    add("lip", "note", {
      rule: "streams/lip",
      title: running.lip < 0.2 ? `${stream.name} only drips` : `${stream.name} splashes`,
      sentence: `${formatNumber(running.lip, 1)} L a minute for each ${say(100)} of lip: ${lipWords(running.lip)}.`,
      reason: "A half to one litre a minute trickles, one to three clings, four to ten falls free (from memory).",
      figure: `streams/${stream.id}/flow`,
    });
  // When the pump stops, what is on its way falls back: the pool must hold it.
  const holdsTo = Math.min(damTopMm || Number.POSITIVE_INFINITY, ...holds.map((p) => p.holdsToMm));
  if (holds.length > 0 && over(waterMm + running.risesMm, holdsTo)) {
    const mm = floor(holdsTo - running.risesMm);
    const lowEnough = atLeast(mm, wants);
    add("back", "stop", {
      rule: "streams/overflows",
      title: "The pool runs over when the pump stops",
      sentence: `${formatNumber(running.backL, 1)} L fall back and raise ${say(waterMm)} of water by ${say(running.risesMm, "up")}; it is held to ${say(holdsTo, "down")}.`,
      reason: "Every power cut stops it. The pool holds what is in the tube and on the stones as well.",
      ...(lowEnough
        ? { fix: raise(mm) }
        : { fix: { label: "Leave the stream out", patch: [{ op: "remove" as const, path }] } }),
      figure: `streams/${stream.id}/back`,
    });
  }
  if (stream.pump !== null && !pumps.some((p) => p.id === stream.pump))
    add("pump", "mind", {
      rule: "streams/pump-gone",
      title: `The pump of ${stream.name.toLowerCase()} is gone`,
      sentence: "It names a pump that is no longer among the fixtures.",
      reason: "What runs in water is taken out one day: its way out is planned with it.",
      fix: { label: "It has no pump yet", patch: [set(`${path}/pump`, null)] },
    });
  return list;
}
