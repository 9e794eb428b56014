import { describe, expect, it } from "vitest";
import { OPEN_SIDE } from "../materials/face";
import { boxFaces } from "./boxFaces";
import type { Rect } from "./faces";
import { snapCentre } from "./snap";

const { back } = boxFaces({ widthMm: 1000, depthMm: 500, heightMm: 600 }, () => OPEN_SIDE, []);
/** A square of 20 about its middle. */
const square = (u: number, v: number): Rect => ({ uMm: u - 10, vMm: v - 10, widthMm: 20, heightMm: 20 });
const at = (u: number, v: number, others: Rect[] = []) => snapCentre(square(0, 0), back, others, u, v, 5);

describe("a dragged feature is drawn", () => {
  it("to the middle of its face, and lies still on its edges", () => {
    expect(at(497, 303)).toEqual({ uMm: 500, vMm: 300 });
    // 20 across: its middle stands 10 from an edge it touches.
    expect(at(13, 592)).toEqual({ uMm: 10, vMm: 590 });
  });
  it("into line with another, and into the middle between two", () => {
    expect(at(204, 450, [square(200, 100)])).toEqual({ uMm: 200, vMm: 450 });
    // Between 210 and 690: equal gaps at 450.
    expect(at(447, 450, [square(200, 100), square(700, 100)])).toEqual({ uMm: 450, vMm: 450 });
  });
  it("to the nearest of two marks, and to nothing that is not near", () => {
    expect(at(496, 200, [square(494, 100)])).toEqual({ uMm: 494, vMm: 200 });
    expect(at(330, 130)).toEqual({ uMm: 330, vMm: 130 });
  });
});
