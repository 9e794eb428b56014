import { describe, expect, it } from "vitest";
import { nurseryTub } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import { chosenVariant } from "../document/variant";
import { buildShell } from "../shell/buildShell";
import { heightOf } from "../shell/space";
import { canLevel, levelWith } from "./align";

describe("levelling one feature with another", () => {
  it("goes by height above the base, on walls that lean", () => {
    const variant = chosenVariant(nurseryTub());
    const { faces } = buildShell(variant, jobInput().book);
    const [low, high] = [variant.features[0]!, variant.features[1]!];
    for (const face of ["left", "back", "front"] as const) {
      const v = levelWith({ ...low, face }, high, faces);
      expect(heightOf(faces[face].frame, v)).toBeCloseTo(heightOf(faces[high.face].frame, high.v.value), 9);
    }
  });

  it("is offered between walls, or on one lying face, never with itself", () => {
    const [a, b] = chosenVariant(nurseryTub()).features;
    expect(canLevel(a!, b!)).toBe(true);
    expect(canLevel(a!, a!)).toBe(false);
    expect(canLevel({ ...a!, face: "top" }, b!)).toBe(false);
    expect(canLevel({ ...a!, face: "top" }, { ...b!, face: "top" })).toBe(true);
  });
});
