import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoBuilds } from "../demo/builds";
import { anyFoundBuild } from "../tests/anyShell";
import { jobInput } from "../tests/job";
import { AUDIT } from "./escape/facts";
import { REACHED } from "./ledgers/reached";
import { plan } from "./plan";
import { received, sendable } from "./sent";
import { thingsOf } from "./things/list";
import { nextOf } from "./things/next";
import { STAGES } from "./trades/stages";

const ids = STAGES.map((s) => s.id);

describe("a plan that is sent", () => {
  it("is plain data, and says the same once it is received, on any design", () => {
    fc.assert(
      fc.property(fc.oneof(anyFoundBuild(), fc.constantFrom(...demoBuilds())), (build) => {
        const input = jobInput(build);
        const whole = plan(input, undefined, true);
        // What cannot be copied, a function above all, cannot be sent.
        const got = received(structuredClone(sendable(whole)), input);
        for (const key of [
          "parts",
          "supplies",
          "steps",
          "snags",
          "figures",
          "shell",
          "buying",
          "diary",
          "tally",
        ] as const)
          expect(got[key]).toEqual(whole[key]);
        expect(got.site.say(1234)).toBe(whole.site.say(1234));
        expect(got.site.at("/shell")).toBe(whole.site.at("/shell"));
        expect(got.facts.one(AUDIT)).toEqual(whole.facts.one(AUDIT));
        expect(got.facts.all(REACHED)).toEqual(whole.facts.all(REACHED));
        expect(thingsOf(got)).toEqual(thingsOf(whole));
        expect(nextOf(got, ids)).toEqual(nextOf(whole, ids));
      }),
      { numRuns: 40 },
    );
  });
});
