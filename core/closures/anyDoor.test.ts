import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { jobBuild, jobInput, jobVariant } from "../../tests/job";
import { expectWhole } from "../../tests/sound";
import { statedMm } from "../design/measure";
import { checkDesign } from "../document/check";
import { newVariant } from "../document/create";
import type { Build } from "../document/schema";
import { plan, publicPlan } from "../plan";
import { tryFix } from "../snags/fix";
import { newHinged } from "./kinds/hinged/kind";
import { kindsFor } from "./kinds/index";
import type { Leafed } from "./leaf/schema";
import type { Closure } from "./schema";

const front = plan(jobInput(jobBuild()));
const tankBuild = jobBuild({ ...newVariant("tank"), closures: [] });
const top = plan(jobInput(tankBuild));
const { book } = jobInput();
const ids = (...classes: string[]) => book.materials.filter((m) => classes.includes(m.class)).map((m) => m.id);

const mm = (low: number, high: number) =>
  fc.double({ min: low, max: high, noNaN: true }).map((value) => statedMm(Math.round(value * 10) / 10));

/** Any leaf that its fields would let a builder type. */
const anyLeafed: fc.Arbitrary<Partial<Leafed>> = fc
  .record({
    bar: fc.constantFrom(null, ...ids("bar")),
    infill: fc.constantFrom(...ids("glass", "mesh", "sheet")),
    join: fc.constantFrom("butt" as const, "mitre" as const),
    rebate: mm(2, 40),
    play: mm(0, 10),
    clear: mm(0.5, 40),
    every: mm(20, 3000),
    last: mm(0, 1000),
    window: fc.option(fc.record({ width: mm(20, 3000), height: mm(20, 3000), lap: mm(5, 100) })),
    moisture: fc.option(mm(0, 30)),
    blocks: fc.boolean(),
  })
  .filter(({ bar, infill }) => bar !== null || !ids("mesh").includes(infill))
  .map(({ bar, infill, join, rebate, play, clear, every, last, window, moisture, blocks }) => ({
    leaf: {
      ...{ frame: bar === null ? null : { bar, join }, infill, rebate, play, blocks, moisture },
      window: window && { ...window, infill: "fly-screen" },
    },
    clearance: { hinge: clear, lock: clear, meet: clear, head: clear, foot: clear },
    holds: { catch: "turn-catch", every, lastFromEnd: last },
    stop: blocks,
  }));

/** Any kind of closure on an opening of either shell, its leaf as typed. */
const anyDoor: fc.Arbitrary<Build> = fc
  .record({ onTop: fc.boolean(), pick: fc.nat(), made: anyLeafed })
  .map(({ onTop, pick, made }) => {
    const base = onTop ? top : front;
    const [opening] = base.shell.openings;
    const kinds = kindsFor(base.site.variant.shell, opening.id);
    const start = kinds[pick % kinds.length]!.start(base.site, opening);
    const closure = ("leaf" in start ? { ...start, ...made } : start) as Closure;
    const build: Build = structuredClone(onTop ? tankBuild : jobBuild());
    build.variants[0]!.closures = [closure];
    return build;
  });

describe("any door or lid", () => {
  it("plans without a number that is none, and says what keeps it from being made", () => {
    fc.assert(
      fc.property(anyDoor, (build) => {
        if (checkDesign(build, book).length > 0) return;
        const p = plan(jobInput(build));
        expect(JSON.stringify(publicPlan(p))).not.toMatch(/NaN|Infinity|undefined/);
        for (const part of p.parts.filter((x) => x.id.startsWith("front/")))
          expect(part.lengthMm, part.id).toBeGreaterThan(0);
        for (const way of p.audit.audits.flatMap((a) => a.ways)) {
          expect(way.worstMm, way.id).toBeGreaterThanOrEqual(way.likelyMm - 1e-9);
          expect(Number.isFinite(way.worstMm)).toBe(true);
        }
      }),
      { numRuns: 30 },
    );
  });

  it("is mended by each fix that is offered, which raises no new stop", () => {
    fc.assert(
      fc.property(anyDoor, (build) => {
        if (checkDesign(build, book).length > 0) return;
        const before = plan(jobInput(build));
        const stops = new Set(before.snags.filter((s) => s.severity === "stop").map((s) => `${s.rule} ${s.subject}`));
        for (const snag of before.snags.filter((s) => s.stage === "front" && s.fix)) {
          const next = tryFix(build, snag.fix!.patch);
          expect(next, snag.rule).toBeDefined();
          expectWhole(next!);
          const after = plan(jobInput(next!));
          expect(
            after.snags.some((s) => s.rule === snag.rule && s.subject === snag.subject),
            snag.rule,
          ).toBe(false);
          const added = after.snags
            .filter((s) => s.severity === "stop" && !stops.has(`${s.rule} ${s.subject}`))
            .map((s) => `${s.rule} ${s.subject}`);
          expect(added, `${snag.rule}: ${snag.fix!.label}`).toEqual([]);
        }
      }),
      { numRuns: 12 },
    );
  });

  it("begins so that nothing binds, whatever the opening", () => {
    fc.assert(
      fc.property(fc.integer({ min: 300, max: 1600 }), fc.integer({ min: 350, max: 900 }), (width, height) => {
        const build = jobBuild(jobVariant([String(width), "500", String(height)]));
        build.variants[0]!.closures = [];
        const bare = plan(jobInput(build));
        build.variants[0]!.closures = [newHinged(bare.site, bare.shell.openings[0])];
        const rules = plan(jobInput(build)).snags.map((s) => s.rule);
        expect(rules).not.toContain("front/binds");
        expect(rules).not.toContain("front/bites-the-jamb");
        expect(rules).not.toContain("front/hinge-pulls-out");
      }),
      { numRuns: 12 },
    );
  });
});
