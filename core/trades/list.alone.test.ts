import { describe, expect, it, vi } from "vitest";
import { readBuildFile, writeBuildFile } from "../../files/buildFile";
import { jobBuild, jobInput } from "../../tests/job";
import { quick } from "../../tests/quick";
import { blind } from "../../tests/stub/closure";
import type { DripLine, SlotShelf } from "../../tests/stub/schemas";
import { DRIP_MM } from "../../tests/stub/trade";
import type { Closure } from "../closures/schema";
import { statedMm } from "../design/measure";
import { checkDesign } from "../document/check";
import { newSheetVariant } from "../document/create";
import { readBuild } from "../document/read";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import type { Feature } from "../features/schema";
import { type Plan, plan, publicPlan } from "../plan";
import { openingsRegister, serviceRegister } from "../registers/registers";
import { applyFix } from "../snags/fix";
import { STAGES } from "./stages";

// Every list with one line more, as a commit that adds a folder to it would have it.
vi.mock("./list", async (original) => {
  const { TRADES } = await original<typeof import("./list")>();
  return { TRADES: [...TRADES, (await import("../../tests/stub/trade")).dripLineTrade] };
});
vi.mock("./schemas", async (original) => {
  const { SCHEMAS } = await original<typeof import("./schemas")>();
  return { SCHEMAS: [...SCHEMAS, (await import("../../tests/stub/schemas")).dripLineSchemas] };
});
vi.mock("../features/list", async (original) => {
  const { FEATURE_KINDS } = await original<typeof import("../features/list")>();
  return { FEATURE_KINDS: [...FEATURE_KINDS, (await import("../../tests/stub/feature")).slotShelf] };
});
vi.mock("../features/schemas", async (original) => {
  const { FEATURE_SCHEMAS } = await original<typeof import("../features/schemas")>();
  return { FEATURE_SCHEMAS: [...FEATURE_SCHEMAS, (await import("../../tests/stub/schemas")).SlotShelfSchema] };
});
vi.mock("../closures/kinds/list", async (original) => {
  const { CLOSURE_KINDS } = await original<typeof import("../closures/kinds/list")>();
  return { CLOSURE_KINDS: [...CLOSURE_KINDS, (await import("../../tests/stub/closure")).blindKind] };
});
vi.mock("../closures/schemas", async (original) => {
  const { CLOSURE_SCHEMAS } = await original<typeof import("../closures/schemas")>();
  return { CLOSURE_SCHEMAS: [...CLOSURE_SCHEMAS, (await import("../../tests/stub/schemas")).BlindSchema] };
});

const shelf = {
  ...{ id: "shelf-1", name: "Slot shelf", face: "back", origin: "made", kind: "slotShelf" },
  ...{ u: statedMm(700), v: statedMm(300), width: statedMm(300) },
} satisfies SlotShelf;

/** The job with all three in it. */
function withStubs(dripMm = 600): Build {
  const build = jobBuild();
  const variant = chosenVariant(build);
  variant.closures = [blind() as unknown as Closure];
  variant.features.push(structuredClone(shelf) as unknown as Feature);
  (variant as unknown as { dripLine: DripLine }).dripLine = { length: statedMm(dripMm) };
  return build;
}
const planOf = (design: Build): Plan => plan(jobInput(design), quick);

describe("a trade, a kind of feature and a kind of closure, each one line in its lists", () => {
  const planned = planOf(withStubs());
  const ids = (rows: readonly { id: string }[]) => rows.map((r) => r.id);

  it("are in a new variant with their bare value", () => {
    const size = { width: statedMm(500), depth: statedMm(400), height: statedMm(400) };
    expect(newSheetVariant(size, "pvc-foam-10")).toMatchObject({ dripLine: null });
  });

  it("have their stage, and their limits are held", () => {
    expect(STAGES.map((s) => s.id)).toContain("dripLine");
    expect(checkDesign(withStubs(), jobInput().book)).toEqual([]);
    expect(checkDesign(withStubs(5000), jobInput().book)[0]).toMatchObject({ path: "/variants/0/dripLine/length" });
    const wide = withStubs();
    (chosenVariant(wide).features.at(-1) as unknown as SlotShelf).width = statedMm(5000);
    expect(checkDesign(wide, jobInput().book)[0]!.message).toMatch(/slot shelf/);
    const gaping = withStubs();
    (chosenVariant(gaping).closures[0] as unknown as { gap: unknown }).gap = statedMm(500);
    expect(checkDesign(gaping, jobInput().book)[0]!.message).toMatch(/gap under it/);
  });

  it("give parts that are nested, supplies that are bought, figures and steps that get their day", () => {
    expect(ids(planned.parts)).toEqual(expect.arrayContaining(["dripLine/board", "shelf/shelf-1"]));
    const nested = planned.groups.flatMap((g) => g.layout.flatMap((s) => s.parts.map((p) => p.partId)));
    expect(nested).toEqual(expect.arrayContaining(["dripLine/board", "shelf/shelf-1"]));
    const lines = planned.buying.lines.map((l) => l.materialId);
    expect(lines).toEqual(expect.arrayContaining(["lid-clip", "brush-strip"]));
    expect(ids(planned.figures)).toEqual(expect.arrayContaining(["dripLine/length", "front/blind"]));
    const at = new Map(planned.diary.entries.map((e) => [e.stepId, e]));
    const fetched = at.get("buying/fetch")!.readyAt;
    for (const id of ["dripLine/fix", "front/blind"]) expect(at.get(id)!.startAt).toBeGreaterThanOrEqual(fetched);
    expect(at.get("shelf/shelf-1")!.startAt).toBeGreaterThanOrEqual(at.get("cuts/saw")!.readyAt);
    expect(at.get("front/audit")!.startAt).toBeGreaterThanOrEqual(at.get("front/blind")!.readyAt);
  });

  it("are weighed, aired out of, reached and heard by the others", () => {
    const without = planOf(jobBuild());
    const panels = (p: Plan) => p.masses.reduce((sum, m) => sum + m.kg, 0);
    expect(panels(planned) - panels(without)).toBeCloseTo(7 - doorKg(without), 6);
    expect(planned.facts.one(DRIP_MM)).toBe(600);
    expect(openingsRegister(planned.facts).map((o) => o.label)).toEqual(
      expect.arrayContaining(["Slot shelf", "under the blind"]),
    );
    expect(serviceRegister(planned.site, planned.facts).map((s) => s.label)).toEqual(
      expect.arrayContaining(["Slot shelf", "Drip line's end"]),
    );
    const stop = planned.snags.find((s) => s.rule === "front/way-out" && s.subject === "blind");
    expect(stop).toMatchObject({ severity: "stop" });
    expect(planned.snags.find((s) => s.rule === "front/no-lock")!.sentence).toMatch(/blind/);
  });

  it("have fixes that are proved", () => {
    const snag = planned.snags.find((s) => s.rule === "dripLine/long")!;
    const after = planOf(applyFix(withStubs(), snag.fix!.patch));
    expect(after.snags.map((s) => s.rule)).not.toContain("dripLine/long");
    expect(after.facts.one(DRIP_MM)).toBe(400);
  });

  it("are saved, exported and opened again as they were", () => {
    const input = jobInput(withStubs());
    const read = readBuildFile(JSON.parse(writeBuildFile(input)));
    expect(read).toEqual({ ok: true, value: input });
    if (read.ok) expect(publicPlan(plan(read.value, quick))).toEqual(publicPlan(planned));
  });

  it("tell the log what happened", () => {
    const entry = { id: "e1", at: "2026-01-05T18:00", event: { kind: "drip-line-flushed" as never } };
    const input = { ...jobInput(withStubs()), log: [entry] };
    expect(readBuildFile(JSON.parse(writeBuildFile(input as never)))).toMatchObject({
      ok: true,
      value: { log: [entry] },
    });
  });

  it("are bare in a build from before they were", () => {
    const read = readBuild(JSON.parse(JSON.stringify(jobBuild())), jobInput().book);
    expect(read).toMatchObject({ ok: true, value: { variants: [{ dripLine: null }] } });
  });
});

/** What the doors weigh that the stub's blind takes the place of. */
const doorKg = ({ masses }: Plan): number => masses.filter((m) => m.when === "doors").reduce((sum, m) => sum + m.kg, 0);
