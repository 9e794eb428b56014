import { describe, expect, it } from "vitest";
import { demoBook } from "../../demo/tern-street";
import { constant, memory } from "../figures/figure";
import { gatherNeeds, need, spread } from "./needs";

const rate = { value: 2, low: 1, high: 4, basis: memory };

describe("needs", () => {
  it("spread as their rate does; a plain amount does not", () => {
    expect(spread(3, rate)).toEqual([6, 3, 12]);
    expect(spread(3, { value: 2, basis: memory })).toEqual([6, 6, 6]);
    expect(need("foam-pond", "g", "a wall", [100])).toMatchObject({ likely: 100, low: 100, high: 100 });
  });
  it("of one material are one supply, with a figure that shows each and every rate once", () => {
    const rates = [constant("rate", rate, "g")];
    const { supplies, figures } = gatherNeeds(demoBook(), "background", [
      need("foam-pond", "g", "the back", spread(100, rate), rates),
      need("fill-coir", "mL", "the back", [500]),
      need("foam-pond", "g", "the left", spread(50, rate), rates),
    ]);
    expect(supplies.map((s) => [s.id, s.likely, s.low, s.high, s.why])).toEqual([
      ["background/foam-pond", 300, 150, 600, "the back; the left"],
      ["background/fill-coir", 500, 500, 500, "the back"],
    ]);
    expect(figures.map((f) => f.id)).toEqual(supplies.map((s) => s.figure));
    expect(figures[0]!.inputs.map((i) => [i.name, i.value])).toEqual([
      ["the back", 200],
      ["the left", 100],
      ["rate", 2],
    ]);
    expect(figures[0]!.inputs.at(-1)!.basis).toEqual(memory);
  });
  it("of nothing are no supply", () => {
    expect(gatherNeeds(demoBook(), "ground", [need("fill-coir", "mL", "no land", [0])])).toEqual({
      supplies: [],
      figures: [],
    });
  });
});
