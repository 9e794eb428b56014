import { describe, expect, it } from "vitest";
import { spreadLoad, uniformLoad } from "./loads";

describe("plates under a spread load", () => {
  // Timoshenko & Woinowsky-Krieger, Theory of Plates and Shells, table 8, ν 0.3.
  it.each([
    [1, 0.00406, 0.0479],
    [1.5, 0.00772, 0.0812],
    [2, 0.01013, 0.1017],
    [5, 0.01297, 0.1246],
  ])("are the book's where the plate is %s times as high as wide", (ratio, deflection, moment) => {
    const plate = uniformLoad(ratio, 0.3);
    expect(plate.deflection).toBeCloseTo(deflection, 5);
    expect(plate.moment).toBeCloseTo(moment, 4);
  });

  // Table 23 of the same: a load on a point in the middle, α of w = α·P·a²/D; a small patch comes to it.
  it.each([
    [1, 0.0116],
    [1.5, 0.01527],
    [2, 0.01651],
  ])("over a small patch in the middle are the book's load on a point, %s times as high as wide", (ratio, alpha) => {
    const share = 0.02;
    const { deflection } = spreadLoad(ratio, [share, share / ratio], 0.3);
    expect(deflection / (share * share)).toBeCloseTo(alpha, 4);
  });

  it("give a patch less than the same pressure all over, and all over the same as a patch of the whole", () => {
    expect(spreadLoad(1.3, [0.5, 0.5], 0.22).deflection).toBeLessThan(uniformLoad(1.3, 0.22).deflection);
    expect(spreadLoad(1.3, [1, 1], 0.22)).toEqual(uniformLoad(1.3, 0.22));
  });
});
