import { describe, expect, it } from "vitest";
import { jobInput } from "../../../../tests/job";
import { statedMm } from "../../../design/measure";
import { newBuild, newVariant } from "../../../document/create";
import type { SheetVariant } from "../../../document/schema";
import { shellBoards } from "../../../materials/board";
import { DRILLING } from "../../../materials/face";
import { plan } from "../../../plan";
import { bondOf } from "../../../seal/bonds/judge";
import { SURFACE_OF } from "../../../seal/stack/surfaceOf";
import { FIXINGS } from "../../fixings/list";
import type { FixingId } from "../../fixings/names";

const { book } = jobInput();

/** A box of some sheet, its back inset, outside or inside sizes as given. */
function box(
  material: string,
  fixing: FixingId,
  [width, depth, height]: readonly [number, number, number],
  change?: (variant: SheetVariant) => void,
) {
  const variant = newVariant("sheet") as SheetVariant;
  const { shell } = variant;
  shell.material = material;
  shell.joints = { ...shell.joints, fixing, back: "inset" };
  Object.assign(shell.size, { width: statedMm(width), depth: statedMm(depth), height: statedMm(height) });
  change?.(variant);
  return plan(jobInput(newBuild("Clear", { unit: "mm" }, variant)));
}
type Planned = ReturnType<typeof box>;
const cut = (p: Planned, kind = "panel") =>
  Object.fromEntries(p.parts.filter((x) => x.kind === kind).map((x) => [x.label, [x.lengthMm, x.widthMm]]));
const rules = (p: Planned) => p.snags.map((s) => s.rule);
const need = (p: Planned, material: string) => p.supplies.find((s) => s.materialId === material);

describe("a box of acrylic", () => {
  // Inside 420 × 260 × 310, 5 mm: top and base over the sides, the back inset between all four, welded close.
  const p = box("acrylic-5", "weld", [420, 260, 310], ({ shell }) => {
    shell.front.dam = statedMm(70);
  });
  it("has the panels that come out by hand", () => {
    expect(cut(p)).toEqual({
      Top: [430, 265],
      Base: [430, 265],
      "Left side": [310, 265],
      "Right side": [310, 265],
      Back: [420, 310],
      Dam: [420, 70],
    });
  });
  it("weighs what they weigh at 1190 kg/m³ (from memory)", () => {
    const m2 = 2 * 0.43 * 0.265 + 2 * 0.31 * 0.265 + 0.42 * 0.31 + 0.42 * 0.07;
    expect(p.figures.find((f) => f.id === "shell/mass-shell")!.value).toBeCloseTo(m2 * 0.005 * 1190, 6);
  });
  it("is welded, its joints as long as the tape says, without a screw", () => {
    expect(rules(p)).not.toContain("shell/joint-not-held");
    // Four of 265, two of 310, two of 420 round the box; the dam 2 × 70 + 420.
    const metres = (4 * 265 + 2 * 310 + 2 * 420 + 560) / 1000;
    expect(need(p, "acrylic-cement")!.likely).toBeCloseTo(4 * metres, 9);
    expect(need(p, "screws")).toBeUndefined();
    expect(p.steps.find((s) => s.id === "shell/glue")!.title).toBe("Weld the joints");
  });
  it("has its edges scraped and its film peeled before anything is joined", () => {
    const edges = p.steps.find((s) => s.id === "shell/edges")!;
    expect(edges.title).toMatch(/film/);
    expect(p.steps.find((s) => s.id === "shell/dry-fit")!.after).toContainEqual(
      expect.objectContaining({ id: "shell/edges" }),
    );
    // All round six panels, at two minutes a metre (from memory).
    const round = 2 * (2 * (430 + 265) + 2 * (310 + 265) + (420 + 310) + (420 + 70));
    expect(edges.handsOnMinutes).toBeCloseTo((2 * round) / 1000, 9);
  });
  it("grows by 70 millionths a kelvin: 430 mm by 0.45 mm in 15 K", () => {
    expect(p.figures.find((f) => f.id === "shell/growth")!.value).toBeCloseTo(430 * 70e-6 * 15, 9);
  });
});

describe("a service box of twin-wall board, 90 × 90 × 300 outside", () => {
  const outside = (variant: SheetVariant) => {
    variant.shell.size.given = "outside";
  };
  const p = box("twin-wall-4", "hotGlue", [90, 90, 300], outside);
  it("has the panels that come out by hand: 90 wide less two walls, 300 high less base and top", () => {
    expect(cut(p)).toEqual({
      Top: [90, 90],
      Base: [90, 90],
      "Left side": [292, 90],
      "Right side": [292, 90],
      Back: [82, 292],
    });
  });
  it("is cut with a knife, which takes less than the saw", () => {
    expect(p.groups.find((g) => g.material.id === "twin-wall-4")!.instance.kerf).toBe(0.5);
    const sawn = box("acrylic-5", "weld", [300, 200, 250]);
    expect(sawn.groups.find((g) => g.material.id === "acrylic-5")!.instance.kerf).toBe(jobInput().workshop.kerfMm);
  });
  it("is keyed and glued hot, and no silicone touches it", () => {
    expect(rules(p)).not.toContain("shell/joint-not-held");
    expect(need(p, "hot-glue-stick")).toBeDefined();
    expect(p.supplies.filter((s) => s.materialId.startsWith("silicone"))).toEqual([]);
    expect(p.steps.filter((s) => s.uses?.some((u) => u.startsWith("silicone")))).toEqual([]);
    expect(p.steps.find((s) => s.id === "shell/edges")!.detail).toMatch(/open flutes/);
  });
  it("bedded in silicone it is told, and the fix takes the silicone out", () => {
    const bedded = box("twin-wall-4", "siliconeOnly", [90, 90, 300], outside);
    const snag = bedded.snags.find((s) => s.rule === "shell/joint-not-held")!;
    expect(snag).toMatchObject({ severity: "stop", fix: { label: "Join it with hot glue, keyed" } });
    expect(snag.reason).toMatch(/does not hold polypropylene/);
  });
});

describe("a box of cut glass", () => {
  const p = box("glass-6", "siliconeOnly", [300, 200, 250]);
  it("comes cut, less a bed of 1.5 mm at each end of what stands between two others", () => {
    expect(cut(p)).toEqual({});
    expect(cut(p, "pane")).toEqual({
      Top: [312, 206],
      Base: [312, 206],
      "Left side": [247, 206],
      "Right side": [247, 206],
      Back: [297, 247],
    });
    const typed = box("glass-6", "siliconeOnly", [300, 200, 250], ({ shell }) => {
      shell.joints.bed = statedMm(2);
    });
    expect(cut(typed, "pane").Back).toEqual([296, 246]);
    expect(p.steps.some((s) => s.id === "cuts/saw")).toBe(false);
  });
  it("with its back laid over, its sides stop a bed short of it", () => {
    const over = box("glass-6", "siliconeOnly", [300, 200, 250], ({ shell }) => {
      shell.joints.back = "overlaid";
    });
    expect(cut(over, "pane")).toMatchObject({ "Left side": [247, 198.5], Back: [312, 262] });
  });
  it("takes no rabbet", () => {
    const snag = box("glass-6", "siliconeOnly", [300, 200, 250], ({ shell }) => {
      shell.joints.back = "rabbeted";
    }).snags.find((s) => s.rule === "shell/no-rabbet")!;
    expect(snag).toMatchObject({ severity: "stop", fix: { label: "Inset the back between them" } });
  });
});

describe("every way of joining", () => {
  it("carries only what the table of bonds lets it hold", () => {
    for (const { id, applied, screwed, carries } of Object.values(FIXINGS))
      for (const family of carries) {
        // Profiles hold by their slots, and screws hold what no glue does.
        if (id === "edgeProfiles" || screwed) continue;
        const { holding } = bondOf(applied, SURFACE_OF[family]!);
        expect(["holds", "holdsIf"], `${applied} on ${family}`).toContain(holding);
      }
  });
  it("screws into nothing that splits", () => {
    for (const { screwed, carries } of Object.values(FIXINGS))
      if (screwed) for (const family of carries) expect(DRILLING[family]).toBe("plain");
  });
  it("is there for every sheet a box can be made of", () => {
    for (const board of shellBoards(book))
      expect(
        Object.values(FIXINGS).some((f) => f.carries.includes(board.family)),
        board.name,
      ).toBe(true);
  });
});
