import { describe, expect, it } from "vitest";
import { remembering } from "./remembering";

describe("a function that keeps its answers", () => {
  it("answers the same arguments once", () => {
    let asked = 0;
    const double = remembering((n: number) => {
      asked++;
      return { twice: 2 * n };
    });
    expect(double(3)).toBe(double(3));
    expect(double(4).twice).toBe(8);
    expect(asked).toBe(2);
  });
  it("keeps so many, and lets the oldest go first", () => {
    let asked = 0;
    const same = remembering((n: number) => {
      asked++;
      return [n];
    }, 2);
    same(1);
    same(2);
    same(3);
    same(2);
    expect(asked).toBe(3);
    same(1);
    expect(asked).toBe(4);
  });
});
