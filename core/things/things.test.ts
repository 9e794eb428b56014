import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../demo/builds";
import { anyBuild } from "../../tests/anyBuild";
import { jobInput } from "../../tests/job";
import { readAt } from "../design/pointer";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { plan } from "../plan";
import { STAGES } from "../trades/stages";
import { thingKey } from "./key";
import { levelOf } from "./levels";
import { THINGS, thingOf, thingsOf } from "./list";
import { THING_KINDS } from "./names";
import { nextOf } from "./next";
import { verdictsOf } from "./verdicts";

const STAGE_IDS = STAGES.map((s) => s.id);
const planned = (build: Build) => plan(jobInput(build), undefined, true);
const anyOrDemo = fc.oneof(anyBuild(), fc.constantFrom(...demoBuilds()));

describe("things to take in hand", () => {
  it("are each called by a key of their own, at a stage there is, with paths that lead somewhere", () => {
    fc.assert(
      fc.property(anyOrDemo, (build) => {
        const p = planned(build);
        const things = thingsOf(p);
        const keys = things.map(thingKey);
        expect(keys.filter((key, i) => keys.indexOf(key) !== i)).toEqual([]);
        for (const thing of things) {
          expect(STAGES.map((s) => s.id)).toContain(thing.stage);
          expect(thing.name).not.toBe("");
          for (const path of thing.paths) {
            const at = path.startsWith("build:") ? path.slice("build:".length) : p.site.at(path);
            // The survey asks for more than a shell has: what is null or not there yet has its parent.
            if (thing.kind !== "survey") expect(readAt(build, at), `${thingKey(thing)} ${path}`).not.toBe(undefined);
          }
        }
      }),
      { numRuns: 15 },
    );
  });

  it("a way out somebody passes is marked in its row, wherever it is settled", () => {
    let passed = 0;
    for (const build of demoBuilds()) {
      const p = planned(build);
      const verdicts = verdictsOf(p);
      for (const { life, ways } of p.audit.audits)
        for (const way of ways) {
          if (way.passes || p.audit.ways.find((w) => w.id === way.id)!.standsOpen) continue;
          if (p.snags.some((s) => s.subject === way.id && s.waived)) continue;
          passed++;
          expect(verdicts.get(`way/${way.id}`), `${build.name}, ${life}: ${way.name}`).toBeDefined();
        }
    }
    expect(passed).toBeGreaterThan(3);
  });

  it("are there of every kind, over the demo", () => {
    const kinds = new Set(demoBuilds().flatMap((build) => thingsOf(planned(build)).map((t) => t.kind)));
    const rare = ["tray", "dam", "secondFloor", "dish", "gap", "odd", "slips"];
    for (const kind of THING_KINDS) if (!rare.includes(kind)) expect([...kinds], kind).toContain(kind);
  });

  it("come off where they can, one at a time, and only that one", () => {
    for (const build of demoBuilds())
      for (const thing of thingsOf(planned(build))) {
        const { off } = THINGS[thing.kind];
        if (!off || thing.kind === "stack" || thing.kind === "wall") continue;
        const next = structuredClone(build);
        off(chosenVariant(next), thing.id, next);
        const left = thingsOf(planned(next)).filter((t) => t.kind === thing.kind);
        const before = thingsOf(planned(build)).filter((t) => t.kind === thing.kind);
        expect(left.map((t) => t.id)).toEqual(before.map((t) => t.id).filter((id) => id !== thing.id));
      }
  }, 60_000);

  it("are where a snag is settled: each snag has its stage, and nearly all that stop or warn have a thing there", () => {
    let told = 0;
    let placed = 0;
    const without = new Set<string>();
    fc.assert(
      fc.property(anyOrDemo, (build) => {
        const p = planned(build);
        for (const snag of p.snags) {
          expect(STAGES.map((s) => s.id)).toContain(snag.stage);
          if (snag.severity === "note") continue;
          told++;
          if (thingOf(snag, p)) placed++;
          else without.add(snag.rule);
        }
      }),
      { numRuns: 15 },
    );
    expect(placed / told, [...without].join(", ")).toBeGreaterThan(0.8);
  });

  it("show the worst that is said of them as their verdict", () => {
    for (const build of demoBuilds()) {
      const p = planned(build);
      const verdicts = verdictsOf(p);
      for (const snag of p.snags) {
        if (snag.waived || snag.severity === "note") continue;
        const thing = thingOf(snag, p);
        if (thing && snag.severity === "stop") expect(verdicts.get(thingKey(thing))).toBe("stop");
      }
    }
  });

  it("have the levels of a section that a measure of their own sets", () => {
    const cabinet = demoBuilds().find((b) => b.name.includes("cabinet"))!;
    const p = planned(cabinet);
    expect(levelOf("drain", p.shell, thingsOf(p))).toMatchObject({
      thing: { kind: "bed", id: "drain" },
      path: "/ground/layers/0/depth",
    });
    expect(levelOf("ground", p.shell, thingsOf(p))?.thing.kind).toBe("substrate");
    expect(levelOf("top", p.shell, thingsOf(p))).toBeUndefined();
    expect(levelOf("dam", p.shell, thingsOf(p))?.thing.kind).toBe("tray");
  });
});

describe("what to do next", () => {
  it("is what stops the earliest stage, then what warns, then the shopping, and never nothing while work is left", () => {
    fc.assert(
      fc.property(anyOrDemo, (build) => {
        const p = planned(build);
        const next = nextOf(p, STAGE_IDS);
        const stops = p.snags.filter((s) => s.severity === "stop" && !s.waived);
        const order = STAGES.map((s) => s.id);
        if (stops.length > 0) {
          const earliest = Math.min(...stops.map((s) => order.indexOf(s.stage)));
          expect(order.indexOf(next!.stage)).toBeLessThanOrEqual(earliest);
        }
        if (p.diary.entries.length > 0) expect(next).toBeDefined();
        if (next?.thing) expect(thingsOf(p).map(thingKey)).toContain(thingKey(next.thing));
      }),
      { numRuns: 15 },
    );
  });

  it("asks first who will live in a shell that nobody is planned for", () => {
    const build = structuredClone(demoBuilds()[0]!);
    build.brief.residents = [];
    build.brief.sizeSchool = "undecided";
    const next = nextOf(planned(build), STAGE_IDS);
    expect(next).toEqual({ says: "Say who will live in it", stage: "brief" });
  });
});
