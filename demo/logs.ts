import { formatLocal, parseLocal } from "../core/design/localTime";
import type { Build } from "../core/document/schema";
import type { Log, LogEntry } from "../core/log/schema";
import { plan } from "../core/plan";
import { sealedAs } from "../core/seal/test/sealedAs";
import { testLevel } from "../core/seal/testLevel";
import { simulateTest } from "../standins/waterGauge";
import { HABERDASHER } from "./builds";
import { DEMO_NOW, demoBook, demoStock, demoWorkshop } from "./tern-street";

/** The cabinet's water test: three days, read each morning and evening. */
const BEGAN_DAYS_AGO = 9;
const SETTLED_MINUTES = 120;
const READ_EVERY_HOURS = 8;
const READ_FOR_HOURS = 80;

/** What happened at the bench with a demo build. */
export function demoLog(design: Build): Log {
  if (design.name !== HABERDASHER) return [];
  const { site } = plan({
    ...{ design, log: [], nestings: [], book: demoBook(), stock: demoStock, workshop: demoWorkshop },
    ...{ now: DEMO_NOW, seed: 1 },
  });
  const begunAt = (parseLocal(DEMO_NOW) ?? 0) - BEGAN_DAYS_AGO * 1440;
  const { levelMm } = testLevel(site.shell.levels);
  const drawn = simulateTest({
    ...{ startAt: "2000-01-01T00:00:00Z", hours: READ_FOR_HOURS, everyHours: READ_EVERY_HOURS, levelMm, seed: 41 },
    ...{ leakMmPerDay: 0, evaporationMmPerDay: 1.3, panShare: 1.03, readingErrorMm: 0.2 },
  });
  const readings = drawn.readings.map((r, i) => ({ levelMm: r.levelMm, panMm: drawn.control.readings[i]!.levelMm }));
  const at = (i: number) => formatLocal(begunAt + SETTLED_MINUTES + i * READ_EVERY_HOURS * 60);
  const test = "cabinet-tray";
  const entry = (id: string, when: string, event: LogEntry["event"]): LogEntry => ({
    id: `cabinet-${id}`,
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
    entry("ended", last, { kind: "test-ended", test }),
  ];
}
