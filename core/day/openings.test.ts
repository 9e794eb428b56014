import { describe, expect, it } from "vitest";
import { exampleBuilds } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import { AIRWAYS, grossMm2 } from "../air/paths";
import { chosenVariant } from "../document/variant";
import { plan } from "../plan";
import { DAY } from "./facts";
import { liveAsk } from "./live";

describe("what the air passes", () => {
  it("is all that the vents and gaps have, in any demo build, but for what is too fine", () => {
    for (const build of exampleBuilds()) {
      const { facts } = plan(jobInput(build));
      const ways = facts.one(AIRWAYS)!;
      const { openings } = facts.one(DAY)!.ask.input;
      const ofWays = ways.reduce((sum, w) => sum + grossMm2(w), 0);
      const asked = openings
        .filter((o) => !o.id.endsWith("-open"))
        .reduce((sum, o) => sum + o.widthMm * o.heightMm * (o.count ?? 1), 0);
      expect(asked).toBeLessThanOrEqual(ofWays * 1.0001);
      // A gap under a tenth of a millimetre is none to the air.
      expect(asked).toBeGreaterThanOrEqual(ofWays * 0.97 - 5);
    }
  });
  it("follows a vent that is dragged as the plan will, once it is let go", () => {
    for (const build of exampleBuilds()) {
      const planned = plan(jobInput(build));
      const moved = structuredClone(build);
      const vent = chosenVariant(moved).features.find((f) => planned.facts.one(AIRWAYS)!.some((a) => a.id === f.id));
      if (!vent) continue;
      vent.v = { ...vent.v, value: vent.v.value + 3 };
      const then = plan(jobInput(moved)).facts.one(DAY)!.ask;
      const now = liveAsk(planned.facts.one(DAY)!.ask, planned.site, planned.facts.one(AIRWAYS)!, chosenVariant(moved));
      const heights = (ask: typeof now) => ask.input.openings.map((o) => [o.id, o.centreHeightMm.toFixed(2)]);
      expect(heights(now)).toEqual(heights(then));
    }
  });
});
