import { existsSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { demoBuilds, haberdasher } from "../demo/builds";
import { demoLog } from "../demo/logs";
import { demoStock } from "../demo/tern-street";
import { anySheetBuild } from "../tests/anySheet";
import { anyFoundBuild } from "../tests/anyShell";
import { atBench } from "../tests/atBench";
import { bareTank, plainWall } from "../tests/bareTank";
import { jobInput } from "../tests/job";
import { planUnproved } from "../tests/quick";
import { newZone } from "./background/create";
import type { Zone } from "./background/schema";
import { statedMm } from "./design/measure";
import type { Build } from "./document/schema";
import { chosenVariant } from "./document/variant";
import { stackOf } from "./ground/layers/starts";
import type { LogEntry } from "./log/schema";
import type { PlanInput } from "./plan";
import { STARTER_RESIDENTS } from "./residents/starters";
import type { Layer } from "./seal/schema";

const text = readFileSync("docs/trade-coverage.md", "utf8");
const rows = text.split("\n").flatMap((line) => {
  const found = /^\| ([A-K][\d.]+)[^|]*\| (met|in part|not yet) \| (.+) \|$/.exec(line);
  return found ? [{ row: found[1]!, state: found[2]!, where: found[3]! }] : [];
});
const LAST = { A: 37, C: 33, F: 43, G: 30, H: 16, I: 30, K: 27 };
const rulesOf = (where: string) => [...where.matchAll(/rule `([a-z]+\/[a-z-]+)`/g)].map((m) => m[1]!);
const testsOf = (where: string) =>
  [...where.matchAll(/`((?:core|app|files|e2e)\/[^`]+\.(?:test|spec)\.ts)`/g)].map((m) => m[1]!);

const changed = (build: Build, change: (variant: ReturnType<typeof chosenVariant>) => void): Build => {
  const own = structuredClone(build);
  change(chosenVariant(own));
  return own;
};
/** The cabinet's log with its last test spoiled, dropped or cut short. */
function spoiledLogs(): PlanInput[] {
  const build = haberdasher();
  const log = demoLog(build);
  const test = log.findLast(({ event }) => event.kind === "test-begun")!.event as { test: string };
  const entry = (event: LogEntry["event"]): LogEntry => ({
    id: `spoiled-${event.kind}`,
    at: "2026-03-02T09:00",
    event,
  });
  const begun = log.findIndex(({ event }) => event.kind === "test-begun");
  return [
    [...log, entry({ kind: "papers-looked", test: test.test, found: "wet" })],
    [...log, entry({ kind: "base-disturbed", how: "carried" })],
    [...log.slice(0, begun + 1), entry({ kind: "test-ended", test: test.test })],
  ].map((spoiled) => ({ ...jobInput(build), stock: demoStock, log: spoiled as LogEntry[] }));
}

/** Residents that are in before anything is checked, with what another build would have done otherwise. */
function movedInEarly(): PlanInput {
  const bench = atBench(jobInput(haberdasher()));
  bench.done("diary/residents-in");
  return { ...bench.input(), regrets: [{ id: "r", what: "A bulkhead.", stage: "seal", build: "The last one" }] };
}

/** Designs that ask for much: any there may be by fixed seeds, the demo, and some made for one rule. */
function corpus(): PlanInput[] {
  const any = [
    ...fc.sample(anyFoundBuild(), { seed: 11, numRuns: 220 }),
    ...fc.sample(anySheetBuild(), { seed: 11, numRuns: 80 }),
  ];
  const privates = changed(bareTank(), () => {});
  privates.brief.residents = STARTER_RESIDENTS.map((r) => structuredClone(r));
  privates.brief.oldHome = { width: statedMm(2000), depth: statedMm(900), height: statedMm(900) };
  const mouldy = changed(bareTank(), (v) => {
    v.seal.sealant = "silicone-sanitary";
    v.seal.airingDays = statedMm(0);
  });
  const guessed = changed(bareTank(), (v) => {
    const shell = v.shell as { found: { length: unknown } };
    shell.found.length = { typed: "about 90 cm", value: 900, how: "guessed", low: 810, high: 990 };
  });
  const huge = changed(demoBuilds().find((b) => chosenVariant(b).shell.kind === "sheet")!, (v) => {
    v.oddParts.push({
      ...{ id: "odd-9", label: "Too large", material: "pvc-foam-10", qty: 1, grainLocked: false },
      ...{ length: statedMm(5000), width: statedMm(2000) },
    });
  });
  const layers = (...ids: Layer["layer"][]): Layer[] =>
    ids.map((layer) => ({ id: layer, layer, coats: null, damp: false }));
  const late = changed(haberdasher(), (v) => {
    v.seal.stacks = [{ face: "back", layers: layers("beads", "rubberSpray", "openings") }];
    v.ground.quarantineDays = statedMm(3);
    v.ground.layers = stackOf({ mix: { unit: "parts", own: [], parts: [{ what: "coir", amount: statedMm(1) }] } });
  });
  const crowded = changed(bareTank(), (v) => {
    v.background.walls = [plainWall("back", { finish: "grout" })];
    v.background.zones = [
      { ...newZone("branch", "b", { face: "back", u: 450, v: 500 }), depth: statedMm(240), wrapped: false } as Zone,
    ];
    const peat = plainWall("left", { finish: "siliconeFibre", fibre: "peat" });
    v.background.walls.push(peat);
    const middle = { u: statedMm(450), v: statedMm(225), width: statedMm(150), height: statedMm(150) };
    v.features = [
      {
        ...{ id: "swing", name: "Door", face: "top", kind: "keepOut", origin: "made", use: "doorSwing" },
        ...{ ...middle, deep: statedMm(300) },
      },
      {
        ...{ id: "pane", name: "Window", face: "back", kind: "keepOut", origin: "made", use: "window", deep: null },
        ...{ u: statedMm(450), v: statedMm(480), width: statedMm(100), height: statedMm(100) },
      },
    ];
  });
  crowded.brief.residents = STARTER_RESIDENTS.filter((r) => r.traits.toePads).map((r) => structuredClone(r));
  return [
    ...[...any, ...demoBuilds(), privates, mouldy, guessed, huge, late, crowded].map((b) => ({
      ...jobInput(b),
      stock: demoStock,
    })),
    ...demoBuilds().map((b) => ({ ...jobInput(b), stock: demoStock, log: demoLog(b), now: "2027-03-02T09:00" })),
    ...spoiledLogs(),
    movedInEarly(),
  ];
}

describe("docs/trade-coverage.md", () => {
  const fired = new Set<string>();
  beforeAll(() => {
    for (const input of corpus()) for (const snag of planUnproved(input).snags) fired.add(snag.rule);
  });

  it("has every row of the trade tables once", () => {
    const wanted = [
      ...Object.entries(LAST).flatMap(([letter, last]) => Array.from({ length: last }, (_, i) => `${letter}${i + 1}`)),
      ...Array.from({ length: 35 }, (_, i) => `B1.${i + 1}`),
      ...["B2", "B3", "B4"],
    ];
    expect(rows.map((r) => r.row).sort()).toEqual(wanted.sort());
  });

  it("names a rule or a test wherever a row is met, and files that are there", () => {
    for (const { row, state, where } of rows) {
      if (state === "met") expect(rulesOf(where).length + testsOf(where).length, row).toBeGreaterThan(0);
      for (const [, file] of where.matchAll(/`((?:core|app|files|e2e)\/[^`]+)`/g))
        expect(existsSync(file!), `${row}: ${file}`).toBe(true);
    }
  });

  it("names only rules that fire on some design", () => {
    const idle = rows.flatMap(({ row, where }) =>
      rulesOf(where)
        .filter((rule) => !fired.has(rule))
        .map((rule) => `${row}: ${rule}`),
    );
    expect(idle).toEqual([]);
  });
});
