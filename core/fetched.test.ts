import { describe, expect, it } from "vitest";
import { onAnyPlan } from "../tests/anyPlans";
import { jobInput } from "../tests/job";
import { ownMaterialId } from "./ground/layers/mixed";
import { OWN_PANES } from "./materials/ownPanes";
import type { Plan } from "./plan";

/** Materials of which something must be bought. */
const bought = ({ buying }: Plan): Set<string> =>
  new Set(
    buying.lines.filter((l) => l.likelyMinor === null || l.safe.some((s) => s.count > 0)).map((l) => l.materialId),
  );

/** When the fetching is over. */
const fetchedAt = ({ diary, steps }: Plan): number | undefined => {
  const fetch = steps.find((s) => s.reaches?.includes("fetched"));
  return diary.entries.find((e) => e.stepId === fetch?.id)?.readyAt;
};

describe("on any design", () => {
  it("nothing is used before it is fetched, unless it is on hand", () => {
    let asked = 0;
    onAnyPlan((p) => {
      const toBuy = bought(p);
      const there = fetchedAt(p);
      for (const step of p.steps) {
        const used = (step.uses ?? []).filter((id) => toBuy.has(id));
        if (used.length === 0) continue;
        asked++;
        const start = p.diary.entries.find((e) => e.stepId === step.id)!.startAt;
        expect(there, `${step.id} uses ${used.join(", ")}`).toBeDefined();
        expect(start, `${step.id} uses ${used.join(", ")}`).toBeGreaterThanOrEqual(there!);
      }
    });
    expect(asked).toBeGreaterThan(300);
  });

  it("what is bought is used by a step that says so", () => {
    onAnyPlan((p) => {
      const used = new Set(p.steps.flatMap((s) => s.uses ?? []));
      for (const id of bought(p)) expect([...used], id).toContain(id);
    });
  });

  it("a step names what it uses as the book does, or the panes the shell came with", () => {
    const known = new Set([OWN_PANES, ...jobInput().book.materials.map((m) => m.id)]);
    onAnyPlan((p, design) => {
      // A builder's own parts of a mix are in no book: they are known by their names.
      const mine = design.variants.flatMap((v) =>
        v.ground.layers.flatMap((l) => (l.kind === "mix" ? l.own.map(ownMaterialId) : [])),
      );
      for (const step of p.steps) for (const id of step.uses ?? []) expect([...known, ...mine], step.id).toContain(id);
    });
  });

  it("what a step uses is counted, cut, or the shell's own", () => {
    let asked = 0;
    onAnyPlan((p) => {
      const counted = new Set([OWN_PANES, ...[...p.supplies, ...p.parts].map((x) => x.materialId)]);
      for (const step of p.steps)
        for (const id of step.uses ?? []) {
          asked++;
          expect([...counted], `${step.id} uses ${id}`).toContain(id);
        }
    });
    expect(asked).toBeGreaterThan(200);
  });

  it("a step that names a material of the book, in its title or to hand, uses one of that name", () => {
    const { materials } = jobInput().book;
    const headOf = ({ name }: { name: string }) => name.toLowerCase().split(/,| \d/)[0]!.trim();
    // What a builder calls for short.
    const SHORT: Record<string, (m: (typeof materials)[number]) => boolean> = {
      silicone: (m) => m.class === "sealant",
      sealant: (m) => m.class === "sealant",
      adhesive: (m) => m.class === "adhesive",
      mesh: (m) => m.class === "mesh",
      pane: (m) => m.class === "glass",
      panes: (m) => m.class === "glass",
      screws: (m) => /screws/i.test(m.name),
      hose: (m) => /hose/i.test(m.name),
      conduit: (m) => /conduit/i.test(m.name),
      plants: (m) => m.id === "plant-in-its-pot",
      leaves: (m) => m.id === "fill-litter",
      moss: (m) => m.id === "fill-moss",
      "two cultures": (m) => m.id === "crew-culture",
    };
    const named = (words: string) =>
      materials.filter((m) => ` ${words.toLowerCase()} `.includes(` ${headOf(m)} `) || SHORT[words.toLowerCase()]?.(m));
    let asked = 0;
    onAnyPlan((p) => {
      for (const step of p.steps)
        for (const words of [step.title, ...step.toHand]) {
          const meant = named(words);
          if (meant.length === 0) continue;
          asked++;
          const uses = new Set(step.uses ?? []);
          expect(
            meant.some((m) => uses.has(m.id)) || uses.has(OWN_PANES),
            `${step.id} names “${words}” and uses ${[...uses].join(", ") || "nothing"}`,
          ).toBe(true);
        }
    });
    expect(asked).toBeGreaterThan(150);
  });
});
