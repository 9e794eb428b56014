import { describe, expect, it } from "vitest";
import { jobInput } from "../../tests/job";
import { boardOf, shellBoards, shellSheets } from "./board";
import { holeApartMm, holeEdgeMm } from "./drilling";
import { edgesOf } from "./edges";
import { DRILLING, isClear, isOlefin, isWood } from "./face";

const { book } = jobInput();

describe("boards", () => {
  it("are every sheet but foam board, and every glass", () => {
    const boards = shellBoards(book);
    expect(boards.some((b) => b.id.startsWith("xps"))).toBe(false);
    expect(boards.filter((b) => b.ordered).every((b) => b.family === "glass")).toBe(true);
    expect(boards.map((b) => b.id)).toEqual(
      expect.arrayContaining(["acrylic-5", "twin-wall-4", "glass-6", "plywood-12"]),
    );
    expect(shellSheets(book).length).toBe(boards.filter((b) => !b.ordered).length);
  });
  it("have glass as stiff as EN 572-1 says, that neither creeps nor is sawn", () => {
    const glass = boardOf(book, "glass-6")!;
    expect(glass).toMatchObject({ family: "glass", thicknessMm: 6, ordered: true, grained: false });
    expect(glass.elasticGPa.value).toBe(70);
    expect(glass.creepFactor.value).toBe(1);
    // Clear plastics are twenty times softer, and go on giving way (from memory).
    const acrylic = boardOf(book, "acrylic-5")!;
    expect(glass.elasticGPa.value / acrylic.elasticGPa.value).toBeGreaterThan(20);
    expect(acrylic.creepFactor.value).toBeGreaterThan(2);
  });
  it("are none of what the book has not, or has as something else", () => {
    expect(boardOf(book, "nothing")).toBeUndefined();
    expect(boardOf(book, "screws")).toBeUndefined();
  });
});

describe("what stuff is like", () => {
  it("is clear, or wood, or an olefin, and never two of them", () => {
    for (const { family } of shellBoards(book))
      expect([isClear(family), isWood(family), isOlefin(family)].filter(Boolean).length).toBeLessThanOrEqual(1);
    expect(isClear("polycarbonate")).toBe(true);
    expect(isOlefin("twinWall")).toBe(true);
    expect(isWood("mdf")).toBe(true);
  });
  it("comes under a film where it is clear plastic, and has its flutes closed where it has any", () => {
    for (const family of ["acrylic", "polycarbonate", "ps"] as const) expect(edgesOf(family)?.film).toBe(true);
    expect(edgesOf("twinWall")).toMatchObject({ film: false, words: expect.stringMatching(/flutes/) });
    expect(edgesOf("pvcFoam")).toBeUndefined();
  });
  it("keeps a hole's own diameter to the edge and to the next where it is brittle (common practice, no source)", () => {
    expect(holeEdgeMm(6)).toBe(6);
    expect(holeApartMm(6)).toBe(6);
    expect(DRILLING.acrylic).toBe("brittle");
    expect(DRILLING.polycarbonate).toBe("plain");
  });
});
