import { describe, expect, it } from "vitest";
import { bareTank, planned, snagOf } from "../../tests/bareTank";
import { nineKit } from "../../tests/nineKit";
import { statedMm } from "../design/measure";
import { applyFix } from "../snags/fix";

const up = (build: ReturnType<typeof nineKit>) => planned(build).steps.find((s) => s.id === "shell/put-up")!;

describe("putting up", () => {
  it("goes from the base up, the top last, with each panel's mass", () => {
    // Base 1000 × 490 × 10 of PVC foam at 550 kg/m³ (from memory), sides 780 × 490.
    expect(up(nineKit("standing")).detail).toMatch(
      /^base \(2\.7 kg\), back \(4\.4 kg\), left side \(2\.1 kg\), right side \(2\.1 kg\), top \(2\.7 kg\); front and doors last\./,
    );
  });
  it("takes as long as its panels and fasteners: 9 × 8 min and 60 × 1 (from memory)", () => {
    expect(up(nineKit("standing")).handsOnMinutes).toBe(9 * 8 + 60);
  });
  it("waits for coats and walls only where they are put on flat", () => {
    const waits = (school: "flat" | "standing") => up(nineKit(school)).after.map((w) => w.id);
    expect(waits("flat")).toEqual(expect.arrayContaining(["background/back/slips", "shell/mask"]));
    expect(waits("flat").some((id) => id.startsWith("seal/base/rubber-1"))).toBe(true);
    expect(waits("standing")).toEqual(["shell/survey"]);
  });
  it("asks for one of the two schools, and takes it with a press", () => {
    const open = nineKit("undecided");
    const told = snagOf(open, "put-up/flat-or-standing")!;
    expect(told.severity).toBe("note");
    expect(snagOf(applyFix(open, told.fix!.patch), "put-up/flat-or-standing")).toBeUndefined();
    // Undecided it is reckoned as once it stands.
    expect(up(open).after).toEqual(up(nineKit("standing")).after);
  });
  it("says two where a bare panel alone is over 20 kg", () => {
    const heavy = nineKit("standing", ({ found }) => {
      const back = found.panels.find((p) => p.place === "back")!;
      Object.assign(back, { material: "glass", thickness: statedMm(12) });
    });
    // 1 × 0.8 × 0.012 m of glass: 24 kg.
    expect(snagOf(heavy, "put-up/heavy-panel")).toMatchObject({ subject: "back" });
    expect(snagOf(heavy, "put-up/heavy-panel")!.sentence).toBe("24 kg as it is put up.");
    expect(up(heavy).detail).toMatch(/With two: back\./);
  });
  it("is of no shell that stands already", () => {
    const tank = planned(bareTank());
    expect(tank.shell.putUp).toBeUndefined();
    expect(tank.steps.map((s) => s.id)).not.toContain("shell/put-up");
  });
});
