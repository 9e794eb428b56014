import { describe, expect, it } from "vitest";
import { bareGround } from "../ground/schema";
import { stackLevels } from "../levels/levels";
import { testLevel } from "./testLevel";

const at = (waterMm: number, damMm: number) =>
  testLevel(stackLevels({ insideHeightMm: 600, groundMm: undefined, ground: bareGround(), waterMm, damMm }));

describe("the level of the water test", () => {
  it("is 20 mm over the working line (common practice, no source)", () => {
    expect(at(60, 115)).toEqual({ levelMm: 80, capped: false });
    expect(at(95, 115)).toEqual({ levelMm: 115, capped: false });
  });
  it("never runs over the dam, and says when the dam capped it", () => {
    expect(at(100, 115)).toEqual({ levelMm: 115, capped: true });
    expect(at(130, 115)).toEqual({ levelMm: 115, capped: true });
  });
});
