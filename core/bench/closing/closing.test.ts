import { describe, expect, it } from "vitest";
import { antYard, demoBuilds, haberdasher } from "../../../demo/builds";
import { jobInput } from "../../../tests/job";
import { parseLocal } from "../../design/localTime";
import type { Log, LogEntry } from "../../log/schema";
import { plan } from "../../plan";
import { careKey, dueCare } from "../care/due";
import { CARE } from "../care/list";
import { CLOSING, closingChecks } from "./list";
import { checksStanding, closingKey, closingStands } from "./standing";

const checked = (check: string, at: string, passed = true): LogEntry => ({
  ...{ id: `${check} ${at}`, at },
  event: { kind: "checked", check, passed, by: "Wren", note: "" },
});
const titles = (build: ReturnType<typeof haberdasher>) =>
  closingChecks(plan(jobInput(build), undefined, true)).map((c) => c.id);

describe("the closing list", () => {
  it("asks for what a build has, and not for what it has not", () => {
    expect(titles(haberdasher())).toEqual(
      expect.arrayContaining(["walk-round", "smell", "drain", "pump-run", "plants"]),
    );
    const ants = titles(antYard());
    expect(ants).toEqual(expect.arrayContaining(["walk-round", "thermostat", "clean"]));
    for (const id of ["pump-run", "plants", "water-line"]) expect(ants).not.toContain(id);
  });
  it("has every check asked for by some demo build", () => {
    const asked = new Set(demoBuilds().flatMap(titles));
    expect(CLOSING.filter(({ id }) => !asked.has(id)).map(({ id }) => id)).toEqual([]);
  });
  it("stands as it was last said, and goes back when that is taken back", () => {
    const planned = plan(jobInput(antYard()), undefined, true);
    const key = closingKey("smell");
    const log: Log = [
      checked(closingKey("clean"), "2026-01-05T10:00"),
      checked(closingKey("clean"), "2026-01-05T11:00", false),
    ];
    const clean = (l: Log) => closingStands(planned, l).find((c) => c.id === "clean")!;
    expect(clean(log)).toMatchObject({ passed: false, said: { by: "Wren", at: "2026-01-05T11:00" } });
    const back: LogEntry = { id: "b", at: "2026-01-05T12:00", event: { kind: "taken-back", entry: log[1]!.id } };
    expect(clean([...log, back]).passed).toBe(true);
    expect(checksStanding(log).has(key)).toBe(false);
  });
});

describe("what is watched after", () => {
  const planned = plan(jobInput(haberdasher()), undefined, true);
  const inAt = parseLocal("2026-03-02T19:00")!;
  const days = (n: number) => inAt + n * 1440;
  it("comes first by its own day, and again from when it was looked at, until it is over", () => {
    const first = dueCare(planned, [], inAt);
    expect(first.map((d) => d.dueAt)).toEqual([...first.map((d) => d.dueAt)].sort((a, b) => a - b));
    const level = (log: Log) => dueCare(planned, log, inAt).find((d) => d.care.id === "level");
    expect(level([])).toMatchObject({ dueAt: days(1), last: null });
    const once = [checked(careKey("level"), "2026-03-05T19:00", false)];
    expect(level(once)).toMatchObject({ dueAt: days(5), last: { passed: false } });
    expect(level([checked(careKey("level"), "2026-03-29T19:00")])).toBeUndefined();
  });
  it("asks each check of some demo build, at least once a year, and of none more often than daily", () => {
    const asked = new Set(
      demoBuilds().flatMap((b) => {
        const p = plan(jobInput(b), undefined, true);
        return dueCare(p, [], inAt).map((d) => d.care.id);
      }),
    );
    expect(CARE.filter(({ id }) => !asked.has(id)).map(({ id }) => id)).toEqual([]);
    for (const { everyDays } of CARE) {
      expect(everyDays).toBeGreaterThanOrEqual(1);
      expect(everyDays).toBeLessThanOrEqual(366);
    }
  });
});
