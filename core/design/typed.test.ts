import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseLength } from "../units/length";
import { typedWords } from "./typed";

describe("a length as it was typed", () => {
  it("says its unit where a bare number would be read in another", () => {
    expect(typedWords({ typed: "35", value: 35 }, "mm")).toBe("35");
    expect(typedWords({ typed: "35", value: 35 }, "in")).toBe("35 mm");
    expect(typedWords({ typed: "24", value: 609.6 }, "in")).toBe("24");
    expect(typedWords({ typed: "24", value: 609.6 }, "mm")).toBe("24 in");
    expect(typedWords({ typed: "0", value: 0 }, "in")).toBe("0");
  });
  it("leaves alone what has a unit, or is no plain number", () => {
    expect(typedWords({ typed: '23 5/8"', value: 600.075 }, "mm")).toBe('23 5/8"');
    expect(typedWords({ typed: "60cm", value: 600 }, "in")).toBe("60cm");
    expect(typedWords({ typed: "about 40 cm", value: 400 }, "in")).toBe("about 40 cm");
  });
  it("is read back as the same length, whatever a bare number means", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4000 }),
        fc.constantFrom("mm" as const, "in" as const),
        fc.constantFrom("mm" as const, "in" as const),
        (n, typedIn, readIn) => {
          const value = typedIn === "in" ? n * 25.4 : n;
          const back = parseLength(typedWords({ typed: String(n), value }, readIn), readIn);
          expect(back).toMatchObject({ ok: true, value: expect.closeTo(value, 6) });
        },
      ),
    );
  });
});
