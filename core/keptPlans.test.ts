import { describe, expect, it } from "vitest";
import { keptBuilds, keptPlan, planKept } from "../tests/keptPlans";
import { publicPlan } from "./plan";

describe.each(keptBuilds(5).map(({ name, text }) => [name, text]))("the plan of %s", (name, text) => {
  it("is what it was", () => {
    expect(JSON.parse(JSON.stringify(publicPlan(planKept(text).planned)))).toEqual(keptPlan(name));
  });
});
