import { describe, expect, it } from "vitest";
import { jobBuild, jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import { featureName, featureRect } from "../features/feature";
import type { KeepOut } from "../features/keepOut/schema";
import type { Port } from "../features/port/schema";
import type { Feature } from "../features/schema";
import { isVent, ventsOf } from "../features/vents";
import { checkDesign } from "./check";
import { chosenVariant } from "./variant";

const at = { u: statedMm(300), v: statedMm(200), face: "back" as const };
const port = (more: Partial<Port> = {}): Port => ({
  id: "port-1",
  name: "Probe",
  kind: "port",
  origin: "made",
  tube: null,
  use: "probe",
  bore: statedMm(12),
  gap: statedMm(1),
  ...at,
  ...more,
});
const keepOut = (more: Partial<KeepOut> = {}): KeepOut => ({
  id: "pane",
  name: "",
  deep: null,
  kind: "keepOut",
  origin: "made",
  use: "window",
  width: statedMm(200),
  height: statedMm(100),
  ...at,
  ...more,
});
const refused = (feature: Feature) => {
  const build = jobBuild();
  chosenVariant(build).features.push(feature);
  return checkDesign(build, jobInput().book).map((p) => [p.path, p.message]);
};

describe("ports and keep-outs", () => {
  it("take their place about their middle", () => {
    expect(featureRect(port())).toEqual({ uMm: 294, vMm: 194, widthMm: 12, heightMm: 12 });
    expect(featureRect(keepOut())).toEqual({ uMm: 200, vMm: 150, widthMm: 200, heightMm: 100 });
    expect(featureName(keepOut())).toBe("pane");
    expect(featureName(port())).toBe("Probe");
  });

  it("are no vents: air is reckoned without them", () => {
    const build = jobBuild();
    chosenVariant(build).features.push(port(), keepOut());
    expect(ventsOf(chosenVariant(build)).map((f) => f.id)).toEqual(["low-1", "high-1"]);
    expect(isVent(port())).toBe(false);
  });

  it("are let through as they are, and refused with what would be right", () => {
    expect(refused(port())).toEqual([]);
    expect(refused(keepOut())).toEqual([]);
    expect(refused(port({ bore: statedMm(0) }))).toContainEqual([
      "/variants/0/features/2/bore",
      expect.stringMatching(/must be more than zero/),
    ]);
    expect(refused(port({ gap: statedMm(20) }))).toContainEqual([
      "/variants/0/features/2/gap",
      expect.stringMatching(/20 mm is too large. Type 12 mm or less/),
    ]);
    expect(refused(keepOut({ width: statedMm(9000) }))).toContainEqual([
      "/variants/0/features/2/width",
      expect.stringMatching(/did a unit slip/),
    ]);
    expect(refused(port({ id: "low-1" }))).toContainEqual(["/variants/0/features/2/id", "Two features share this id."]);
  });
});
