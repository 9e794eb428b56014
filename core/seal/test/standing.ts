import { remembering } from "../../cache/remembering";
import type { Levels } from "../../levels/levels";
import type { Log } from "../../log/schema";
import { standing } from "../../log/standing";
import { formatLengthWithUnit, type LengthDisplay } from "../../units/format";
import type { LeakVerdict } from "../leak/format";
import { judgeLeak } from "../leak/judgeLeak";
import { TOLERANCE_MM_PER_DAY } from "../leak/tolerance";
import { workingMm } from "../testLevel";
import { hoursOf } from "./hours";
import { isTestEvent, type TestEvent } from "./schema";

type Begun = Extract<TestEvent, { kind: "test-begun" }>;

/** A reading of a test, as the log has it. */
export interface TestReading {
  /** Local time, `2026-03-02T09:00`. */
  at: string;
  /** The log's entry, so that it can be taken back. */
  entry: string;
  levelMm: number;
  panMm: number | null;
}

/** How sure it is that the base holds water (source: sealing). */
export type TestStatus = "untested" | "running" | "grossTested" | "tested" | "testedBeforeDressing" | "leaks";

/** Where the water test stands. */
export interface TestStanding {
  status: TestStatus;
  /** Why it stands so, in a sentence. */
  why: string;
  /** What a pass still wants; empty once it is one. */
  lacks: string[];
  /** The test meant: the last one begun. */
  begun: (Begun & { at: string; entry: string }) | undefined;
  readings: TestReading[];
  papers: "dry" | "wet" | "notLooked";
  ended: boolean;
  /** The verdict of the levels; a message where the readings cannot be judged. */
  verdict: LeakVerdict | undefined;
  fault: string | undefined;
  hours: number;
  /** What was done since that drops it. */
  dropped: "carried" | "drilled" | "resealed" | "changed" | undefined;
  /** It was turned over since: a last look upright, papers under it, is wanted. */
  turned: boolean;
}

/** What of it steps and stops ask. */
export type TestSeen = Pick<TestStanding, "status" | "ended" | "readings">;

const PASSED: ReadonlySet<TestStatus> = new Set(["tested", "testedBeforeDressing"]);
/** Whether it holds water, as far as a test can tell. */
export const isPassed = ({ status }: Pick<TestStanding, "status">): boolean => PASSED.has(status);

/** How far under the highest water a test may stand and count: what a ruler at the wall is good to. */
const LEVEL_SLACK_MM = 1;

/** A gross leak shows in a day (source: sealing). */
export const LEAST_HOURS = 24;

const DROPPED: Record<NonNullable<TestStanding["dropped"]>, string> = {
  carried: "it was carried since, and carrying may open a seam",
  drilled: "it was drilled since",
  resealed: "it was sealed again since, and a repair is itself unproven",
  changed: "its seams, coats or openings are planned otherwise than when it was tested",
};

/**
 * Where the water test of a build stands, from its log.
 * @param log all that happened at the bench
 * @param levels of the shell as it is planned now
 * @param sealed what holds water as it is planned now, by `sealedAs`
 * @param waterAreaM2 of the level the test is filled to
 * @param display the units its reasons are told in
 */
export function testStanding(
  log: Log,
  levels: Levels,
  sealed: string,
  waterAreaM2: number,
  display: LengthDisplay,
): TestStanding {
  const entries = standing(log).flatMap(({ id, at, event }) => (isTestEvent(event) ? [{ entry: id, at, event }] : []));
  const last = entries.findLastIndex(({ event }) => event.kind === "test-begun");
  if (last < 0)
    return {
      ...{ begun: undefined, readings: [], papers: "notLooked", ended: false, verdict: undefined, fault: undefined },
      status: "untested",
      why: "No water test is in the log.",
      lacks: ["a test"],
      hours: 0,
      dropped: undefined,
      turned: false,
    };
  const { entry, at, event } = entries[last]!;
  const begun = { ...(event as Begun), entry, at };
  const after = entries.slice(last + 1);
  const own = after.filter(({ event: e }) => "test" in e && e.test === begun.test);
  const readings = own
    .flatMap((e): TestReading[] =>
      e.event.kind === "test-read"
        ? [{ at: e.event.readAt ?? e.at, entry: e.entry, levelMm: e.event.levelMm, panMm: e.event.panMm }]
        : [],
    )
    .sort((a, b) => a.at.localeCompare(b.at));
  const looked = own.flatMap(({ event: e }) => (e.kind === "papers-looked" ? [e.found] : []));
  // A wet paper is not undone by a dry one.
  const papers = looked.includes("wet") ? "wet" : (looked.at(-1) ?? "notLooked");
  const ended = own.some(({ event: e }) => e.kind === "test-ended");
  const endedAt = own.findIndex(({ event: e }) => e.kind === "test-ended");
  const since = after.slice(endedAt < 0 ? 0 : after.indexOf(own[endedAt]!) + 1);
  const disturbed = since.flatMap(({ event: e }) => (e.kind === "base-disturbed" ? [e.how] : []));
  const dropped = disturbed.find((how) => how !== "turned") ?? (begun.sealed === sealed ? undefined : "changed");
  const turned = disturbed.includes("turned");
  const judged = judge(begun, readings, papers, waterAreaM2, display);
  const hours = readings.length < 2 ? 0 : hoursOf(readings.at(-1)!.at) - hoursOf(readings[0]!.at);
  const common = { begun, readings, papers, ended, ...judged, hours, dropped, turned } as const;

  if (papers === "wet" || judged.verdict?.verdict === "leaks")
    return {
      ...common,
      status: "leaks",
      why: judged.verdict?.why ?? "A paper under a seam is wet.",
      lacks: ["the leak mended: old bead cut out, sealed again, cured, tested again"],
    };
  const say = (mm: number) => formatLengthWithUnit(Math.round(mm), display);
  const lacks = [
    ...(begun.levelMm < workingMm(levels) - LEVEL_SLACK_MM
      ? [`water to its highest line, ${say(workingMm(levels))}: it was filled to ${say(begun.levelMm)}`]
      : []),
    ...(begun.pan ? [] : ["an open pan inside, to tell a leak from what the air takes"]),
    ...(hours < LEAST_HOURS ? [`${LEAST_HOURS} hours of readings: there are ${Math.round(hours)}`] : []),
    ...(papers === "notLooked" ? ["a look at the papers under the seams"] : []),
    ...(judged.fault
      ? ["readings that can be judged"]
      : judged.verdict?.verdict === "tight" || papers === "notLooked"
        ? []
        : ["levels that say tight"]),
  ];
  if (!ended)
    return { ...common, status: "running", why: judged.fault ?? judged.verdict?.why ?? "No loss to judge yet.", lacks };
  if (dropped)
    return { ...common, status: "untested", why: `It was tested, but ${DROPPED[dropped]}.`, lacks: ["a new test"] };
  if (lacks.length > 0) {
    const gross = papers === "dry" && hours > 0 && begun.levelMm >= workingMm(levels) - LEVEL_SLACK_MM;
    return {
      ...common,
      status: gross ? "grossTested" : "untested",
      why: `${gross ? "No gross leak, but this is no pass" : "This is no pass"}: it lacks ${lacks.join("; ")}.`,
      lacks,
    };
  }
  return {
    ...common,
    status: begun.dressed ? "tested" : "testedBeforeDressing",
    why: `${judged.verdict!.why}${turned ? " It was turned over since: look once more, upright, papers under it." : ""}`,
    lacks,
  };
}

const judged = remembering(judgeLeak, 8);

function judge(
  begun: Begun,
  readings: TestReading[],
  papers: TestStanding["papers"],
  waterAreaM2: number,
  display: LengthDisplay,
): { verdict: LeakVerdict | undefined; fault: string | undefined } {
  if (readings.length < 2) return { verdict: undefined, fault: undefined };
  const series = (of: (r: TestReading) => number | null) =>
    readings.flatMap((r) => {
      const levelMm = of(r);
      return levelMm === null ? [] : [{ at: `${r.at}:00Z`, levelMm }];
    });
  const pan = series((r) => r.panMm);
  const input = {
    waterAreaM2: Math.max(0.001, waterAreaM2),
    readings: series((r) => r.levelMm),
    control: begun.pan && pan.length > 0 ? { readings: pan, mismatch: begun.mismatch } : null,
    room: null,
    readingErrorMm: begun.readingErrorMm,
    toleranceMmPerDay: TOLERANCE_MM_PER_DAY,
    outsidePaper: papers,
  };
  const answer = judged(input, display);
  return answer.ok ? { verdict: answer.value, fault: undefined } : { verdict: undefined, fault: answer.message };
}
