import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { atTheSaw } from "../../../tests/atSaw";
import { jobInput, sheetShell } from "../../../tests/job";
import { statedMm } from "../../design/measure";
import { emptyStock } from "../../stock/schema";
import { separable } from "../nest/faults";
import { nest } from "../nest/nest";
import { sawOrder } from "../saw/sawOrder";
import { sheetsAtSaw } from "./bench";
import { piecesAfter, trimmed } from "./pieces";
import { freeRackName, MOST_OFFCUTS, putOnRack, stockAfter } from "./rack";
import { layUp, pinnedOf, type SawSheet } from "./sawSheet";

const FIRST = "pvc-foam-10/1";
const partsOf = (sheets: SawSheet[]) =>
  sheets
    .flatMap((s) => s.parts.map((p) => p.partId))
    .sort()
    .join();
const sizesOf = (sheets: { parts: { partId: string; w: number; h: number }[] }[]) =>
  sheets.flatMap((s) => s.parts.map((p) => `${p.partId} ${Math.max(p.w, p.h)}x${Math.min(p.w, p.h)}`)).sort();

describe("pieces of a sheet", () => {
  it("are what a blade leaves: before the cut, and a kerf past it", () => {
    const sheet = trimmed({ w: 2440, h: 1220, trim: 5 });
    expect(sheet).toEqual({ x: 5, y: 5, w: 2430, h: 1210 });
    const rip = { axis: "y" as const, at: 605, from: 5, to: 2435 };
    const cross = { axis: "x" as const, at: 1525, from: 5, to: 605 };
    const pieces = piecesAfter([sheet], [rip, cross], 3.2);
    // 600 of 1210, the rest less 3.2; then 1520 of 2430.
    expect(pieces.map(({ w, h }) => `${w} x ${Math.round(h * 10) / 10}`)).toEqual([
      "2430 x 606.8",
      "1520 x 600",
      "906.8 x 600",
    ]);
    // The cross cut does not go through before the rip.
    expect(piecesAfter([sheet], [cross], 3.2)).toEqual([sheet]);
  });
});

describe("at the saw", () => {
  it("stands as laid up: nothing about it changes while its cuts are ticked", () => {
    const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
    const before = saw.sheets();
    const cuts = before[0]!.cuts.length;
    expect(saw.cut(FIRST)).toBe(cuts);
    const after = saw.sheets();
    expect(sizesOf(after)).toEqual(sizesOf(before));
    expect(saw.sheet(FIRST).done).toHaveLength(before[0]!.parts.length);
    expect(saw.plan().tally.sheets).toBe(2);
    expect(saw.plan().tally.costLikelyMinor).toBe(plannedCost());
    function plannedCost() {
      return atTheSaw({ ...jobInput(), stock: emptyStock() }).plan().tally.costLikelyMinor;
    }
  });

  it("nests the rest again round what is left when a part came out wrong halfway", () => {
    const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
    const wanted = partsOf(saw.sheets());
    while (saw.sheet(FIRST).done.length === 0) saw.cut(FIRST, 1);
    const made = saw.sheet(FIRST).cutsMade.length;
    const [spoiled] = saw.sheet(FIRST).done;
    const pieces = saw.sheet(FIRST).pieces.length;
    saw.say({
      kind: "part-spoiled",
      sheet: FIRST,
      x: spoiled!.x,
      y: spoiled!.y,
      leftW: spoiled!.w - 12,
      leftH: spoiled!.h,
    });
    // Every part is still to come, the spoiled one too; what is cut stays cut.
    expect(partsOf(saw.sheets())).toBe(wanted);
    const now = saw.sheet(FIRST);
    expect(now.asLaid).toBe(false);
    expect(now.cutsMade).toHaveLength(made);
    expect(now.pieces).toHaveLength(pieces);
    const left = { x: spoiled!.x, y: spoiled!.y, w: spoiled!.w - 12, h: spoiled!.h };
    expect(now.pieces).toContainEqual(left);
    // Nothing new lies across what is cut apart already.
    for (const part of now.parts)
      expect(
        now.pieces.filter(
          (q) => part.x < q.x + q.w && q.x < part.x + part.w && part.y < q.y + q.h && q.y < part.y + part.h,
        ),
      ).toHaveLength(1);
    for (const s of saw.sheets()) {
      saw.cut(s.id);
      expect(saw.sheet(s.id).done).toHaveLength(saw.sheet(s.id).parts.length);
    }
    expect(partsOf(saw.sheets())).toBe(wanted);
  });

  it("keeps its number among the sheets, whichever is laid up first", () => {
    const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
    const second = saw.sheets()[1]!;
    saw.cut(second.id, 1);
    expect(saw.sheets().map((s) => s.id)).toEqual([FIRST, second.id]);
    expect(saw.sheets()[1]!.parts).toEqual(second.parts);
  });

  it("goes back when the last entry is taken back", () => {
    const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
    const before = saw.sheets();
    saw.cut(FIRST, 2);
    for (const { id } of [...saw.log()].reverse()) saw.say({ kind: "taken-back", entry: id });
    expect(sheetsAtSaw(saw.log())).toEqual([]);
    expect(saw.sheets()).toEqual(before);
  });

  it("says what a change of the design spoils, and uses the piece", () => {
    const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
    while (!saw.sheet(FIRST).done.some((p) => p.partId === "shell/top" || p.partId === "shell/base")) saw.cut(FIRST, 1);
    const cut = saw.sheet(FIRST).done.find((p) => p.partId === "shell/top" || p.partId === "shell/base")!;
    saw.become((input) => {
      const design = structuredClone(input.design);
      sheetShell(design).size.width = statedMm(1400);
      return { ...input, design };
    });
    const snag = saw.plan().snags.find((s) => s.rule === "cuts/cut-otherwise" && s.subject.startsWith(cut.partId))!;
    expect(snag.sentence).toContain("1520 mm × 600 mm");
    expect(snag.sentence).toContain("1420 mm × 600 mm");
    // 1420 × 600 comes from the 1520 × 600 that lies there.
    const [piece] = saw.sheet(FIRST).pieces.filter((p) => p.x === cut.x && p.y === cut.y);
    expect(saw.sheet(FIRST).parts.some((p) => p.x === piece!.x && p.y === piece!.y && p.w === 1420)).toBe(true);
  });

  it("counts a sheet from the rack once, and no longer offers it", () => {
    const stock = {
      offcuts: [{ id: "R1", material: "pvc-foam-10", widthMm: 1600, heightMm: 640, from: "another build" }],
      onHand: [],
    };
    const saw = atTheSaw({ ...jobInput(), stock });
    const rack = saw.sheets().find((s) => s.stock.rack)!;
    saw.cut(rack.id);
    expect(saw.plan().groups[0]!.offcutsUsed).toEqual(["R1"]);
    expect(saw.sheets().filter((s) => s.stock.id === "R1")).toHaveLength(1);
  });

  it("loses no part and keeps to edge-to-edge cuts, whatever comes out wrong", () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(20), fc.nat(6), fc.nat(400)), { minLength: 1, maxLength: 3 }), (mishaps) => {
        const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
        const wanted = partsOf(saw.sheets());
        for (const [cuts, which, short] of mishaps) {
          const id = saw.sheets()[which % saw.sheets().length]!.id;
          saw.cut(id, cuts);
          const done = saw.sheet(id).done[which % Math.max(1, saw.sheet(id).done.length)];
          if (done)
            saw.say({
              kind: "part-spoiled",
              sheet: id,
              x: done.x,
              y: done.y,
              leftW: Math.max(0, done.w - short),
              leftH: done.h,
            });
        }
        expect(partsOf(saw.sheets())).toBe(wanted);
        for (const sheet of saw.sheets()) {
          expect(separable([...sheet.parts, ...sheet.offcuts], sheet.kerf)).toBe(true);
          expect(sawOrder(sheet)).toHaveLength(sheet.cuts.length);
        }
      }),
      // A fault that came up once: a cut made in what was left of a spoiled part.
      {
        numRuns: 6,
        examples: [
          [
            [
              [5, 1, 277],
              [2, 4, 0],
              [0, 0, 0],
            ],
          ],
        ],
      },
    );
  });
});

describe("the rack", () => {
  it("takes a piece once it is cut free, and gives it back when that was a mistake", () => {
    const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
    const offcut = saw.sheet(FIRST).offcuts[0]!;
    const event = { kind: "piece-racked" as const, sheet: FIRST, x: offcut.x, y: offcut.y, offcut: "R1" };
    saw.cut(FIRST, 0);
    expect(stockAfter(emptyStock(), saw.log(), event, "The job")).toMatchObject({
      ok: false,
      message: expect.stringContaining("not cut free yet"),
    });
    saw.cut(FIRST);
    const racked = stockAfter(emptyStock(), saw.log(), event, "The job");
    if (!racked.ok) throw new Error(racked.message);
    expect(racked.value.offcuts).toEqual([
      expect.objectContaining({ id: "R1", material: "pvc-foam-10", from: "The job" }),
    ]);
    expect(racked.value.offcuts[0]!.widthMm).toBeCloseTo(offcut.w, 1);
    const id = saw.say(event);
    expect(saw.sheet(FIRST).offcuts).not.toContainEqual(offcut);
    expect(freeRackName(racked.value, saw.log())).toBe("R2");
    const back = { kind: "taken-back" as const, entry: id };
    expect(stockAfter(racked.value, saw.log(), back, "The job")).toEqual({ ok: true, value: emptyStock() });
    expect(stockAfter(emptyStock(), saw.log(), back, "The job")).toMatchObject({
      ok: false,
      message: expect.stringContaining("has left the rack"),
    });
  });
});

describe("offcuts put on the rack by hand", () => {
  const size = (qty: number) => ({ material: "pvc-foam-10", widthMm: 500, heightMm: 300, qty, from: "a lid" });
  it("each have a name of their own, none that a log speaks of", () => {
    const cut = { id: "a", at: "2026-01-01T10:00:00Z" };
    const racked = { kind: "piece-racked" as const, sheet: FIRST, x: 0, y: 0, offcut: "R2" };
    const after = putOnRack(emptyStock(), [size(2), size(1)], [{ ...cut, event: racked }]);
    expect(after.ok && after.value.offcuts.map((o) => o.id)).toEqual(["R1", "R3", "R4"]);
    expect(after.ok && after.value.offcuts[0]).toEqual({
      ...{ id: "R1", material: "pvc-foam-10", widthMm: 500, heightMm: 300, from: "a lid" },
    });
  });
  it("are refused whole where the rack takes no more", () => {
    const full = putOnRack(emptyStock(), [size(MOST_OFFCUTS)], []);
    expect(full.ok && full.value.offcuts).toHaveLength(MOST_OFFCUTS);
    const over = full.ok && putOnRack(full.value, [size(1)], []);
    expect(over).toMatchObject({ ok: false, message: expect.stringContaining("Nothing was put on it") });
  });
});

describe("pins", () => {
  const pin = (saw: ReturnType<typeof atTheSaw>, id: string, keep: (partId: string) => boolean) => {
    const sheet = saw.sheet(id);
    const kept = sheet.parts.filter((p) => keep(p.partId));
    saw.say({ kind: "sheet-pinned", sheet: pinnedOf(sheet, kept) });
    return kept;
  };
  const withOdd = (saw: ReturnType<typeof atTheSaw>) =>
    saw.become((input) => {
      const design = structuredClone(input.design);
      const odd = { material: "pvc-foam-10", grainLocked: false };
      design.variants[0]!.oddParts.push(
        { ...odd, id: "odd-1", label: "Shelf", length: statedMm(500), width: statedMm(300), qty: 3 },
        { ...odd, id: "odd-2", label: "Long", length: statedMm(2000), width: statedMm(90), qty: 2 },
      );
      return { ...input, design };
    });

  it("keep a part where it lies, and let the rest of its sheet go to others", () => {
    const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
    const first = saw.sheet(FIRST).parts[0]!;
    const [kept] = pin(saw, FIRST, (id) => id === first.partId);
    withOdd(saw);
    const sheet = saw.sheet(FIRST);
    expect(sheet.parts).toContainEqual(kept);
    expect(sheet.pinned).toEqual([kept]);
    expect(sheet.atSaw).toBe(false);
    expect(sheet.parts.length).toBeGreaterThan(1);
    expect(separable([...sheet.parts, ...sheet.offcuts], sheet.kerf)).toBe(true);
    expect(partsOf(saw.sheets()).split(",")).toHaveLength(7 + 5);
    // It can be cut from there.
    saw.cut(FIRST);
    expect(saw.sheet(FIRST).done).toHaveLength(sheet.parts.length);
  });

  it("keep a whole sheet, and still nest others in what is over of it", () => {
    const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
    const kept = pin(saw, FIRST, () => true);
    withOdd(saw);
    for (const part of kept) expect(saw.sheet(FIRST).parts).toContainEqual(part);
    for (const sheet of saw.sheets()) expect(separable([...sheet.parts, ...sheet.offcuts], sheet.kerf)).toBe(true);
  });

  it("are let go of when they are taken off again", () => {
    const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
    const before = sizesOf(saw.sheets());
    pin(saw, FIRST, () => true);
    pin(saw, FIRST, () => false);
    expect(saw.sheet(FIRST)?.pinned ?? []).toEqual([]);
    expect(sizesOf(saw.sheets())).toEqual(before);
  });

  it("take nothing off the rack, and give back what is no longer asked for", () => {
    const offcut = { id: "R1", material: "pvc-foam-10", widthMm: 1600, heightMm: 640, from: "another build" };
    const stock = { offcuts: [offcut], onHand: [] };
    const saw = atTheSaw({ ...jobInput(), stock });
    const rack = saw.sheets().find((s) => s.stock.rack)!;
    const pinned = { kind: "sheet-pinned" as const, sheet: pinnedOf(rack, rack.parts) };
    expect(stockAfter(stock, saw.log(), pinned, "The job")).toEqual({ ok: true, value: stock });
    saw.say(pinned);
    expect(saw.sheets().filter((s) => s.stock.id === "R1")).toHaveLength(1);
    // To the saw: now it is off the rack, and back on it when that was a mistake.
    const laid = { kind: "sheet-laid" as const, sheet: layUp(saw.sheet(rack.id)) };
    const off = stockAfter(stock, saw.log(), laid, "The job");
    expect(off).toMatchObject({ ok: true, value: { offcuts: [] } });
    const back = { kind: "taken-back" as const, entry: saw.say(laid) };
    expect(stockAfter({ offcuts: [], onHand: [] }, saw.log(), back, "The job")).toMatchObject({
      ok: true,
      value: { offcuts: [{ id: "R1", widthMm: 1600, heightMm: 640 }] },
    });
    saw.say(back);
    // Pinned parts that are asked for no more leave the offcut to others.
    saw.become((input) => {
      const design = structuredClone(input.design);
      sheetShell(design).size.depth = statedMm(590);
      sheetShell(design).size.width = statedMm(1490);
      sheetShell(design).size.height = statedMm(590);
      return { ...input, design };
    });
    expect(saw.sheets().filter((s) => s.stock.id === "R1")).toHaveLength(1);
    expect(saw.sheets().find((s) => s.stock.id === "R1")!.pinned).toEqual([]);
  });
});

it("proves a number of sheets least only if it is with the offcuts of a sheet under way too", () => {
  const saw = atTheSaw({ ...jobInput(), stock: emptyStock() });
  saw.cut(FIRST, 1);
  const [group] = saw.plan().groups;
  const pieces = group!.layout
    .find((s) => s.id === FIRST)!
    .offcuts.map((o, i) => ({ id: `piece-${i}`, w: o.w, h: o.h, price: 0, count: 1, trim: 0 }));
  const withThem = { ...group!.instance, stock: [...pieces, ...group!.instance.stock] };
  const price = group!.layout.find((s) => s.id === FIRST)!.stock.price;
  expect(group!.least.cost).toBeCloseTo(price + nest(withThem, 0).bound.cost, 9);
  expect(group!.least.cost).toBeLessThanOrEqual(group!.cost);
});
