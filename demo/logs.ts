import { formatLocal, parseLocal } from "../core/design/localTime";
import type { Build } from "../core/document/schema";
import type { Log, LogEntry } from "../core/log/schema";
import { plan } from "../core/plan";
import { sealedAs } from "../core/seal/test/sealedAs";
import { testLevel } from "../core/seal/testLevel";
import { simulateTest } from "../standins/waterGauge";
import { BRAMBLE_TOWER, HABERDASHER } from "./builds";
import { DEMO_NOW, demoBook, demoStock, demoWorkshop } from "./tern-street";

/** A water test in the demo: when it began, how long it was read, whether it is over. */
interface Told {
  test: string;
  stem: string;
  beganHoursAgo: number;
  readForHours: number;
  everyHours: number;
  over: boolean;
}

/** The cabinet's test is over, read each morning and evening for three days; the tower's still runs. */
const TESTS: Record<string, Told> = {
  [HABERDASHER]: {
    test: "cabinet-tray",
    stem: "cabinet",
    beganHoursAgo: 216,
    readForHours: 80,
    everyHours: 8,
    over: true,
  },
  [BRAMBLE_TOWER]: {
    test: "tower-base",
    stem: "tower",
    beganHoursAgo: 20,
    readForHours: 16,
    everyHours: 2,
    over: false,
  },
};
const SETTLED_MINUTES = 120;

/** What happened at the bench with a demo build. */
export function demoLog(design: Build): Log {
  const told = TESTS[design.name];
  if (!told) return [];
  const { test, stem, beganHoursAgo, readForHours, everyHours, over } = told;
  const { site } = plan({
    ...{ design, log: [], nestings: [], book: demoBook(), stock: demoStock, workshop: demoWorkshop },
    ...{ now: DEMO_NOW, seed: 1 },
  });
  const begunAt = (parseLocal(DEMO_NOW) ?? 0) - beganHoursAgo * 60;
  const { levelMm } = testLevel(site.shell.levels);
  const drawn = simulateTest({
    ...{ startAt: "2000-01-01T00:00:00Z", hours: readForHours, everyHours, levelMm, seed: 41 },
    ...{ leakMmPerDay: 0, evaporationMmPerDay: 1.3, panShare: 1.03, readingErrorMm: 0.2 },
  });
  const readings = drawn.readings.map((r, i) => ({ levelMm: r.levelMm, panMm: drawn.control.readings[i]!.levelMm }));
  const at = (i: number) => formatLocal(begunAt + SETTLED_MINUTES + i * everyHours * 60);
  const entry = (id: string, when: string, event: LogEntry["event"]): LogEntry => ({
    id: `${stem}-${id}`,
    at: when,
    event,
  });
  const last = at(readings.length - 1);
  return [
    entry("begun", formatLocal(begunAt), {
      ...{ kind: "test-begun", test, levelMm, pan: true, mismatch: 0.1, readingErrorMm: 0.2, dressed: false },
      sealed: sealedAs(site),
    }),
    ...readings.map((r, i) => entry(`read-${i}`, at(i), { kind: "test-read", test, ...r, readAt: null })),
    entry("papers", last, { kind: "papers-looked", test, found: "dry" }),
    ...(over ? [entry("ended", last, { kind: "test-ended", test })] : []),
  ];
}
