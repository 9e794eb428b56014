import { readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { demoBuilds, haberdasher } from "../demo/builds";
import { demoLog } from "../demo/logs";
import { demoStock } from "../demo/tern-street";
import { anySheetBuild } from "../tests/anySheet";
import { anyFoundBuild } from "../tests/anyShell";
import { bareTank, plainWall } from "../tests/bareTank";
import { jobInput } from "../tests/job";
import { planUnproved } from "../tests/quick";
import { newZone } from "./background/create";
import type { Zone } from "./background/schema";
import { statedMm } from "./design/measure";
import type { Entry } from "./diary/schedule";
import type { Build } from "./document/schema";
import { chosenVariant } from "./document/variant";
import type { SettledStep } from "./ledgers/ledger";
import type { LogEntry } from "./log/schema";
import type { Plan, PlanInput } from "./plan";

interface Row {
  row: string;
  how: string;
  before: string[];
  after: string;
}

const page = readFileSync("docs/orders.md", "utf8");
const cells = (line: string) => line.split("|").map((cell) => cell.trim());
const listed = (cell: string) =>
  cell
    .replace(/^`|`$/g, "")
    .split(",")
    .map((name) => name.trim())
    .filter(Boolean);
const ROWS: Row[] = page
  .split("\n")
  .filter((line) => /^\| F\d+ \|/.test(line))
  .map((line) => {
    const [, row, how, before, after] = cells(line);
    return { row: row!, how: how!, before: listed(before!), after: after! };
  });
const MILESTONES = [...page.matchAll(/^\| `(\w+)` \| /gm)].map((m) => m[1]!);
const HOW = ["two steps", "words of one step", "judged", "not yet"];

/** A pattern of step ids as an expression; what `{face}` stands for is its first group. */
const patternOf = (name: string) =>
  new RegExp(`^${name.replace(/[/-]/g, "\\$&").replace(/\*/g, "[^/]+").replace("{face}", "([a-z]+)")}$`);

/** What a step is called: its id, and what it reaches. */
const namesOf = (step: SettledStep): string[] => [
  step.id,
  ...(step.posture && step.posture !== "upright" ? [`lying ${step.id}`] : []),
  ...(step.reaches ?? []).flatMap((r) => [r, r.split(":")[0]!]),
];
/** The faces a step is named for by a pattern, or one empty name where it has none; nothing where it is not meant. */
const facesBy = (step: SettledStep, names: readonly RegExp[]): string[] =>
  namesOf(step).flatMap((name) =>
    names.flatMap((p) => {
      const met = p.exec(name);
      return met ? [met[1] ?? ""] : [];
    }),
  );

interface Planned {
  steps: { step: SettledStep; entry: Entry }[];
  rules: Set<string>;
}
function planned(p: Plan): Planned {
  const entries = new Map(p.diary.entries.map((e) => [e.stepId, e]));
  return {
    steps: p.steps.map((step) => ({ step, entry: entries.get(step.id)! })),
    rules: new Set(p.snags.map((s) => s.rule)),
  };
}

/** Every pair of steps that a row is about, as `before → after` where its order is broken, and how many there were. */
function pairsOf({ before, after }: Row, { steps }: Planned): { met: number; broken: string[] } {
  const [early, late] = [before, listed(after)].map((names) => names.map(patternOf)) as [RegExp[], RegExp[]];
  let met = 0;
  const broken: string[] = [];
  for (const b of steps) {
    for (const face of new Set(facesBy(b.step, early)))
      for (const a of steps) {
        if (a === b || !facesBy(a.step, late).some((f) => f === "" || face === "" || f === face)) continue;
        met++;
        if (a.entry.startAt < b.entry.readyAt) broken.push(`${b.step.id} → ${a.step.id}`);
      }
  }
  return { met, broken };
}

/** Steps that begin while another holds the shell in a posture of its own. */
function turned({ steps }: Planned): { met: number; broken: string[] } {
  let met = 0;
  const broken: string[] = [];
  for (const held of steps.filter(({ step }) => step.posture && step.holdsPosture))
    for (const other of steps) {
      if (!other.step.posture || other.step.posture === held.step.posture) continue;
      met++;
      if (other.entry.startAt >= held.entry.startAt && other.entry.startAt < held.entry.readyAt)
        broken.push(`${held.step.id} → ${other.step.id}`);
    }
  return { met, broken };
}

const wordsOf = ({ title, detail, passSign = "", toHand }: SettledStep) =>
  [title, detail, passSign, ...toHand].join(" ");

/** A build whose water test leaked, or whose base was carried since. */
function spoiled(): PlanInput[] {
  const build = haberdasher();
  const log = demoLog(build);
  const { test } = log.findLast(({ event }) => event.kind === "test-begun")!.event as { test: string };
  const entry = (event: LogEntry["event"]): LogEntry => ({ id: `x-${event.kind}`, at: "2026-03-02T09:00", event });
  return [
    [...log, entry({ kind: "papers-looked", test, found: "wet" })],
    [...log, entry({ kind: "base-disturbed", how: "carried" })],
  ].map((told) => ({ ...jobInput(build), stock: demoStock, log: told as LogEntry[] }));
}

/** Designs in which something is wrong that only a rule can say. */
function wrong(): Build[] {
  const bulkhead = haberdasher();
  chosenVariant(bulkhead).ground.outlet = "bulkhead";
  chosenVariant(bulkhead).features = chosenVariant(bulkhead).features.filter((f) => !("use" in f && f.use === "drain"));
  const hot = bareTank((variant) => {
    const branch = newZone("branch", "branch-1", { face: "back", u: 450, v: 500 });
    variant.background.walls = [plainWall("back")];
    variant.background.zones = [{ ...branch, depth: statedMm(240) } as Zone];
    variant.features.push({
      ...{ id: "swing", name: "Door", face: "top", kind: "keepOut", origin: "made", use: "doorSwing" },
      ...{ u: statedMm(450), v: statedMm(300), width: statedMm(200), height: statedMm(150), deep: statedMm(150) },
    });
  });
  return [bulkhead, hot];
}

describe("docs/orders.md", () => {
  let all: Planned[] = [];
  beforeAll(() => {
    const any = [
      ...fc.sample(anyFoundBuild(), { seed: 16, numRuns: 260 }),
      ...fc.sample(anySheetBuild(), { seed: 16, numRuns: 60 }),
    ];
    all = [...[...demoBuilds(), ...any, ...wrong()].map((b) => jobInput(b)), ...spoiled()].map((input) =>
      planned(planUnproved(input)),
    );
  });

  it("lists every order once, each in one of four ways", () => {
    expect(ROWS.map((r) => r.row)).toEqual(Array.from({ length: 43 }, (_, i) => `F${i + 1}`));
    for (const { how, row } of ROWS) expect(HOW, row).toContain(how);
  });

  it.each(ROWS.filter((r) => r.how === "two steps"))("$row holds on any design", (row) => {
    const found = all.map((p) => (row.before[0] === "posture" ? turned(p) : pairsOf(row, p)));
    expect([...new Set(found.flatMap((f) => f.broken))]).toEqual([]);
    expect(
      found.reduce((sum, f) => sum + f.met, 0),
      "met at all",
    ).toBeGreaterThan(0);
  });

  it.each(ROWS.filter((r) => r.how === "words of one step"))("$row is said by its step", ({ before, after }) => {
    const phrases = [...after.matchAll(/“([^”]+)”/g)].map((m) => m[1]!);
    const only = / where /.test(after);
    const steps = all
      .flatMap((p) => p.steps.map((s) => s.step))
      .filter((s) => facesBy(s, before.map(patternOf)).length > 0);
    const said = steps.filter((s) => phrases.some((phrase) => wordsOf(s).includes(phrase)));
    expect(said.length).toBeGreaterThan(0);
    if (!only) expect(steps.filter((s) => !said.includes(s)).map((s) => s.id)).toEqual([]);
  });

  it.each(ROWS.filter((r) => r.how === "judged"))("$row is judged", ({ after }) => {
    expect(all.some((p) => p.rules.has(listed(after)[0]!))).toBe(true);
  });

  it("waits only for stages that are still to come", () => {
    const stages = readFileSync("app/frame/reserved.ts", "utf8");
    for (const { after } of ROWS.filter((r) => r.how === "not yet")) expect(stages).toContain(`"${after}"`);
  });

  it("lists every milestone, and each is reached by some step", () => {
    const type = /export type Milestone =([^;]+);/.exec(readFileSync("core/ledgers/ledger.ts", "utf8"))![1]!;
    expect(MILESTONES).toEqual([...type.matchAll(/"(\w+)"/g)].map((m) => m[1]));
    const reached = new Set(
      all.flatMap((p) => p.steps.flatMap((s) => (s.step.reaches ?? []).map((r) => r.split(":")[0]!))),
    );
    expect([...reached].sort()).toEqual([...MILESTONES].sort());
  });

  it("would see an order broken", () => {
    const row = ROWS.find((r) => r.row === "F26")!;
    const p = all.find((one) => pairsOf(row, one).met > 0)!;
    const early = structuredClone(p);
    early.steps.find((s) => s.step.id === "ground/mix/mix")!.entry.startAt = 0;
    expect(pairsOf(row, early).broken).not.toEqual([]);
  });
});
