import { describe, expect, it } from "vitest";
import type { MassFact } from "../ledgers/masses";
import { massStages, turns } from "./massStages";

const masses = (bare: number, walls: number, doors: number, filled: number): MassFact[] =>
  Object.entries({ bare, walls, doors, filled }).map(([when, kg]) => ({ when: when as MassFact["when"], kg }));

describe("mass as the build goes on", () => {
  it("adds doors and fill, and says who lifts it (20 kg a pair of hands, from memory)", () => {
    expect(massStages(masses(18, 0, 7, 60)).map((s) => [s.id, s.kg, s.lift])).toEqual([
      ["bare", 18, "one lifts it"],
      ["doors", 25, "two lift it"],
      ["filled", 85, "must not move any more"],
    ]);
    expect(massStages(masses(18, 5, 7, 60)).map((s) => [s.id, s.kg])).toEqual([
      ["bare", 18],
      ["walls", 23],
      ["doors", 30],
      ["filled", 90],
    ]);
    expect(massStages(masses(51, 0, 0, 0))).toMatchObject([{ lift: "more than two, or a trolley" }]);
  });

  it("counts turns from upright, and none where a side follows itself", () => {
    expect(turns([{ posture: "onBack" }, {}, { posture: "onBack" }, { posture: "upright" }])).toBe(2);
    expect(turns([{ posture: "upright" }, {}])).toBe(0);
  });
});
