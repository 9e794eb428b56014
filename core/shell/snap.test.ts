import { describe, expect, it } from "vitest";
import { statedMm } from "../design/measure";
import type { Port } from "../design/schema";
import { OPEN_SIDE } from "../materials/face";
import { boxFaces } from "./boxFaces";
import { snapCentre } from "./snap";

const { back } = boxFaces({ widthMm: 1000, depthMm: 500, heightMm: 600 }, () => OPEN_SIDE, []);
const port = (id: string, u: number, v: number): Port => ({
  id,
  name: id,
  face: "back",
  kind: "port",
  tube: null,
  use: "cable",
  bore: statedMm(20),
  gap: statedMm(1),
  u: statedMm(u),
  v: statedMm(v),
});
const at = (u: number, v: number, others: Port[] = []) => snapCentre(port("own", 0, 0), back, others, u, v, 5);

describe("a dragged feature is drawn", () => {
  it("to the middle of its face, and lies still on its edges", () => {
    expect(at(497, 303)).toEqual({ uMm: 500, vMm: 300 });
    // 20 across: its middle stands 10 from an edge it touches.
    expect(at(13, 592)).toEqual({ uMm: 10, vMm: 590 });
  });
  it("into line with another, and into the middle between two", () => {
    expect(at(204, 450, [port("a", 200, 100)])).toEqual({ uMm: 200, vMm: 450 });
    // Between 210 and 690: equal gaps at 450.
    expect(at(447, 450, [port("a", 200, 100), port("b", 700, 100)])).toEqual({ uMm: 450, vMm: 450 });
  });
  it("to the nearest of two marks, and to nothing that is not near", () => {
    expect(at(496, 200, [port("a", 494, 100)])).toEqual({ uMm: 494, vMm: 200 });
    expect(at(330, 130)).toEqual({ uMm: 330, vMm: 130 });
  });
});
