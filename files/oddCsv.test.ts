import { describe, expect, it } from "vitest";
import { readOddParts } from "./oddCsv";

const materials = [
  { id: "pvc-foam-10", name: "PVC foam sheet 10" },
  { id: "plywood-12", name: "Plywood 12" },
];
const read = (text: string, unit: "mm" | "in" = "mm", taken: string[] = []) =>
  readOddParts(text, { unit, materials, material: "pvc-foam-10", taken });

describe("a list of odd parts", () => {
  it("is read with any usual separator, unit and heading", () => {
    const { parts, errors } = read(
      'Name;Length;Width;Qty;Material;Grain\nShelf;40 cm;"250";2;plywood 12;locked\nFoot;5/8";60;;;\n',
    );
    expect(errors).toEqual([]);
    expect(parts.map((p) => [p.id, p.label, p.length.value, p.width.value, p.qty, p.material, p.grainLocked])).toEqual([
      ["odd-1", "Shelf", 400, 250, 2, "plywood-12", true],
      ["odd-2", "Foot", 15.875, 60, 1, "pvc-foam-10", false],
    ]);
  });
  it("takes bare numbers in the build's unit, unless the heading says millimetres", () => {
    expect(read("part,length,width\nA,10,2 1/2", "in").parts[0]!.width.value).toBeCloseTo(63.5, 9);
    expect(read("part,length mm,width mm\nA,100,50", "in").parts[0]!.length.value).toBe(100);
  });
  it("keeps the good rows and says of each other one what was wrong, by its line", () => {
    const { parts, errors } = read(
      "part,length,width,quantity,material\nGood,100,50,1,\nBad,abc,50,1,\nNone,100,50,0,\nFar,100,50,1,marble\nBig,20 m,50,1,\nLast,90,80,1,",
      "mm",
      ["odd-1"],
    );
    expect(parts.map((p) => [p.id, p.label])).toEqual([
      ["odd-2", "Good"],
      ["odd-3", "Last"],
    ]);
    expect(errors.map((e) => e.line)).toEqual([3, 4, 5, 6]);
    expect(errors[0]!.message).toContain("abc");
    expect(errors[2]!.message).toContain("marble");
  });
  it("names the line of the file a row stands on, past blank lines and cells of several lines", () => {
    const { parts, errors } = read('\npart,length,width\n\n"Shelf,\nupper",100,50\n\r\nBad,abc,50\n,,\nWorse,100,-1\n');
    expect(parts.map((p) => p.length.value)).toEqual([100]);
    expect(errors.map((e) => e.line)).toEqual([7, 9]);
    expect(read("\n\npart,width\nA,100").errors[0]!.line).toBe(3);
  });
  it("says which column is missing", () => {
    expect(read("part,length\nA,100")).toEqual({
      parts: [],
      errors: [{ line: 1, message: expect.stringContaining("no column for width") }],
    });
    expect(read("").errors[0]!.message).toContain("part and length and width");
  });
});
