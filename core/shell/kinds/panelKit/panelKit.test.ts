import { describe, expect, it } from "vitest";
import { planned, snagOf } from "../../../../tests/bareTank";
import { jobInput } from "../../../../tests/job";
import { nineKit } from "../../../../tests/nineKit";
import { statedMm } from "../../../design/measure";
import { checkDesign } from "../../../document/check";
import { newBuild, newVariant } from "../../../document/create";
import type { Build } from "../../../document/schema";
import { putUpWays } from "../../../putUpWays";
import { applyFix } from "../../../snags/fix";
import { wantedPanels } from "./measure";
import type { PanelKitShell } from "./schema";

const problems = (build: Build) =>
  checkDesign(build, jobInput().book).map((p) => [p.path.replace("/variants/0/shell/", ""), p.message]);
const figure = (build: Build, id: string) => planned(build).figures.find((f) => f.id === id)!;
const rules = (build: Build) => planned(build).snags.map((s) => s.rule);
/** Presses a snag's fix. */
const mended = (build: Build, rule: string) => {
  const told = snagOf(build, rule);
  expect(told?.fix, rule).toBeDefined();
  return applyFix(build, told!.fix!.patch);
};

describe("a kit of nine panels", () => {
  const kit = nineKit("standing");
  it("makes the box that comes out by hand", () => {
    const { shell } = planned(kit);
    expect(shell.inside).toEqual({ widthMm: 980, depthMm: 490, heightMm: 780 });
    const { found } = kit.variants[0]!.shell as PanelKitShell;
    // Top and base over the sides, the back laid over all their edges; a door (980 − 2 × 2 − 2) ÷ 2 by 620 − 4.
    expect(Object.fromEntries(wantedPanels(found).map((w) => [w.place, [w.lengthMm, w.widthMm]]))).toEqual({
      ...{ base: [1000, 490], top: [1000, 490], left: [780, 490], right: [780, 490], back: [1000, 800] },
      ...{ foot: [980, 100], head: [980, 60], doorLeft: [487, 616], doorRight: [487, 616] },
    });
    expect(rules(kit).filter((r) => r.startsWith("kit/"))).toEqual([]);
    // PVC foam at 550 kg/m³ (from memory): the back 1 × 0.8 × 0.01 m.
    expect(figure(kit, "put-up/mass").inputs.find((i) => i.name === "back")!.value).toBeCloseTo(4.4, 9);
    // A door: 616 × 487 × 4 of glass.
    expect(figure(kit, "put-up/mass").inputs.find((i) => i.name === "left door")!.value).toBeCloseTo(
      0.616 * 0.487 * 0.004 * 2500,
      9,
    );
  });

  it("is laid out and counted, put up by its fasteners, and squared by its diagonals", () => {
    const { steps } = planned(kit);
    const up = steps.find((s) => s.id === "shell/put-up")!;
    expect(up.title).toBe("Put it up");
    // √(1000² + 800²).
    expect(up.passSign).toMatch(/1280\.\d mm|1281 mm/);
    expect(up.reaches).toEqual(["stands"]);
    expect(steps.find((s) => s.id === "shell/survey")!.title).toBe("Lay the kit out and count it");
    const square = nineKit("standing", ({ found }) => {
      found.diagonals = { rising: statedMm(1281), falling: statedMm(1276) };
    });
    expect(snagOf(square, "kit/out-of-square")!.sentence).toMatch(/5 mm apart/);
    const close = nineKit("standing", ({ found }) => {
      found.diagonals = { rising: statedMm(1281), falling: statedMm(1280) };
    });
    expect(snagOf(close, "kit/out-of-square")).toBeUndefined();
  });

  it("counts its fasteners along its joints, and buys what is short", () => {
    // 490 four times, 980 and 780 twice each, ends of 100 and 60 twice each: at 200 apart 3, 6, 5, 2 and 2.
    expect(figure(kit, "kit/fasteners").value).toBe(4 * 3 + 2 * 6 + 2 * 5 + 2 * 2 + 2 * 2);
    const few = nineKit("standing", ({ found }) => {
      found.fasteners.count = 36;
    });
    const bought = mended(few, "kit/fasteners-short");
    expect(planned(bought).supplies.find((s) => s.materialId === "screws")!.likely).toBe(6);
    expect(snagOf(bought, "kit/fasteners-short")).toBeUndefined();
  });

  it("names what is missing, and what is short and by how much", () => {
    const gone = nineKit("standing", ({ found }) => {
      found.panels = found.panels.filter((p) => p.place !== "left");
    });
    expect(snagOf(gone, "kit/panel-missing")).toMatchObject({
      title: "No left side on the list",
      sentence: "The box wants one of 780 mm × 490 mm.",
      severity: "stop",
    });
    expect(snagOf(mended(gone, "kit/panel-missing"), "kit/panel-missing")).toBeUndefined();
    const short = nineKit("standing", ({ found }) => {
      found.panels[2]!.length = statedMm(760);
    });
    expect(snagOf(short, "kit/panel-wrong-size")!.sentence).toMatch(
      /760 mm × 490 mm on the list; the box wants 780 mm × 490 mm: 20 mm short/,
    );
    expect(snagOf(mended(short, "kit/panel-wrong-size"), "kit/panel-wrong-size")).toBeUndefined();
    const doorless = nineKit("standing", ({ found }) => {
      found.panels = found.panels.filter((p) => !p.place.startsWith("door"));
    });
    const hung = mended(doorless, "kit/doors-missing");
    expect(snagOf(hung, "kit/doors-missing")).toBeUndefined();
    expect(planned(hung).shell.doors!.leaves).toHaveLength(2);
    expect(rules(hung)).not.toContain("kit/panel-wrong-size");
    // From nothing, each of the five is asked for, and pressed onto the list they make the box.
    let build = newBuild("Empty", { unit: "mm" }, newVariant("panelKit"));
    expect(planned(build).snags.filter((s) => s.rule === "kit/panel-missing")).toHaveLength(5);
    for (let i = 0; i < 5; i++) build = mended(build, "kit/panel-missing");
    expect(rules(build).filter((r) => r.startsWith("kit/panel"))).toEqual([]);
  });

  it("says at the place what cannot be, with the number that would be right", () => {
    const wrong = (change: (shell: PanelKitShell) => void) => problems(nineKit("standing", change));
    expect(
      wrong(({ found }) => {
        found.panels[2]!.groove = statedMm(9);
      }),
    ).toEqual([
      ["found/panels/2/groove", expect.stringMatching(/deeper than its panel of 10 mm bears\. Type 8 mm or less/)],
    ]);
    expect(
      wrong(({ found }) => {
        found.panels[3]!.place = "left";
      }),
    ).toEqual([["found/panels/3/place", expect.stringMatching(/Two panels want to be the left side/)]]);
    expect(
      wrong(({ found }) => {
        Object.assign(found.fasteners, { kind: "blockScrew", length: statedMm(12) });
      }),
    ).toEqual([
      [
        "found/fasteners/length",
        expect.stringMatching(/too long for a panel of 10 mm: it comes through the face\. Type 8 mm or less/),
      ],
    ]);
    expect(
      wrong(({ found }) => {
        found.fasteners.length = statedMm(20);
      }),
    ).toEqual([
      ["found/fasteners/length", expect.stringMatching(/do not reach through a panel of 10 mm\. Type 25 mm or more/)],
    ]);
  });
});

describe("a kit worked flat", () => {
  const flat = nineKit("flat");
  const standing = nineKit("standing");
  const days = (build: Build) => planned(build).diary;
  const at = (build: Build, id: string) => days(build).entries.find((e) => e.stepId === id)!;

  it("has its joints masked, and what is masked left out of areas, litres and slips", () => {
    const p = planned(flat);
    // Inside 980 × 780: 5 mm beside each neighbour, whose 10 mm lie over the back's own edge.
    expect(p.shell.faces.back.flat).toEqual({ uMm: 5, vMm: 5, widthMm: 970, heightMm: 770 });
    // The base is free in front.
    expect(p.shell.faces.base.flat).toEqual({ uMm: 5, vMm: 0, widthMm: 970, heightMm: 485 });
    const mask = p.steps.find((s) => s.id === "shell/mask")!;
    expect(mask.detail).toMatch(
      /Back: 15 mm to the left side, 15 mm to the right side, 15 mm to the base, 15 mm to the top/,
    );
    expect(mask.detail).toMatch(/Left side: 5 mm to the back, 5 mm to the base, 5 mm to the top/);
    const litres = (build: Build) =>
      figure(build, "seal/coat/rubberBrush").inputs.find((i) => i.name === "area times coats")!.value;
    const coats = litres(standing) / ((0.98 * 0.49 + 2 * 0.49 * 0.78 + 0.98 * 0.78) * 1);
    expect(litres(flat)).toBeCloseTo(coats * (0.97 * 0.485 + 2 * 0.485 * 0.77 + 0.97 * 0.77), 6);
  });

  it("is coated, slipped, then put up: with two, for its back is a back and its slips", () => {
    const order = ["shell/survey", "shell/mask", "seal/back/rubber-1-1", "background/back/slips", "shell/put-up"];
    const starts = order.map((id) => at(flat, id).startAt);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
    const up = planned(flat).steps.find((s) => s.id === "shell/put-up")!;
    expect(up.title).toBe("Put it up, with two");
    expect(up.cautions.join()).toMatch(/20 kg/);
    expect(snagOf(flat, "put-up/heavy-panel")).toMatchObject({ subject: "back" });
    // Put up first, each panel is lifted bare.
    expect(planned(standing).steps.find((s) => s.id === "shell/put-up")!.title).toBe("Put it up");
    expect(at(standing, "shell/put-up").startAt).toBeLessThan(at(standing, "seal/back/rubber-1-1").startAt);
    expect(figure(flat, "put-up/heaviest").value).toBeGreaterThan(20);
    expect(figure(standing, "put-up/heaviest").value).toBeLessThan(5);
  });

  it("lies nowhere while it sets: its panels cure side by side, and it is sooner done", () => {
    const coats = (build: Build) =>
      planned(build).steps.filter((s) => /^seal\/(base|left|right|back)\/rubber/.test(s.id));
    expect(coats(flat).every((s) => s.posture === undefined)).toBe(true);
    expect(coats(standing).every((s) => s.posture !== undefined)).toBe(true);
    const done = (build: Build) => at(build, "shell/put-up").readyAt;
    const coated = (build: Build) => Math.max(...coats(build).map((s) => at(build, s.id).readyAt));
    expect(coated(flat)).toBeLessThan(coated(standing));
    expect(done(flat)).toBeGreaterThan(coated(flat));
  });

  it("is set beside the same put up first: hours, days, reach and mass", () => {
    const [a, b] = putUpWays(jobInput(flat), planned(flat).shell.putUp!);
    expect([a!.id, b!.id]).toEqual(["flat", "standing"]);
    expect(a!.days).toBeLessThan(b!.days);
    expect(a!.kg).toBeGreaterThan(b!.kg + 15);
    expect(a!.through).toBeNull();
    expect(b!.through).toEqual({ widthMm: 980, heightMm: 620, deepMm: 490 });
    expect(a!.turns).toBeLessThan(b!.turns);
    // The same two, whichever is planned now.
    expect(putUpWays(jobInput(standing), planned(standing).shell.putUp!)).toEqual([a, b]);
  });

  it("with too little masked is told that a coat lies in the joint, and by how much", () => {
    const tight = nineKit("flat", ({ putUp }) => {
      putUp.margin = statedMm(10);
    });
    const told = snagOf(tight, "kit/coat-in-joint")!;
    expect(told).toMatchObject({ severity: "stop", subject: "margin" });
    expect(told.sentence).toMatch(/10 mm is masked; the (base|back) wants 15 mm/);
    expect(snagOf(mended(tight, "kit/coat-in-joint"), "kit/coat-in-joint")).toBeUndefined();
    expect(snagOf(flat, "kit/coat-in-joint")).toBeUndefined();
    // Once it stands there is nothing to mask.
    const up = nineKit("standing", ({ putUp }) => {
      putUp.margin = statedMm(10);
    });
    expect(snagOf(up, "kit/coat-in-joint")).toBeUndefined();
  });
});
