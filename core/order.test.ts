import { describe, expect, it } from "vitest";
import { demoBuilds } from "../demo/builds";
import { demoBook, demoStock, demoWorkshop } from "../demo/tern-street";
import { jobBuild, jobInput, jobVariant } from "../tests/job";
import { formatLocal } from "./design/localTime";
import { statedMm } from "./design/measure";
import type { Build } from "./document/schema";
import { chosenVariant } from "./document/variant";
import { type Plan, plan } from "./plan";

/** Orders that must hold (common practice, no source): A before B, wherever a build has both. */
const ORDERS: readonly [before: RegExp, after: RegExp, why: string][] = [
  [/^shell\/survey$/, /^buying\/fetch$/, "what is bought fits what was measured"],
  [/^buying\/fetch$/, /^cuts\/saw$/, "the sheet must be there"],
  [/^cuts\/saw$/, /^shell\/(dry-fit|glue)$/, "panels are cut before they are joined"],
  [/^air\/cut\//, /^seal\/bead$/, "holes and drains come before beads"],
  [/^air\/cut\//, /^seal\/water-test$/, "what is drilled later is not tested"],
  [/^air\/cut\//, /^air\/mesh\//, "the opening must be there"],
  [/^shell\/glue$/, /^seal\/key$/, "seams must stand still"],
  [/^seal\/key$/, /^seal\/bead$/, "silicone holds on a keyed, degreased face"],
  [/^seal\/bead$/, /^seal\/water-test$/, "beads cure before water"],
  [/^seal\/water-test$/, /^ground\/mix\//, "a leak under substrate is found too late"],
  [/^seal\/bead$/, /^seal\/air-out$/, "fumes go last"],
  [/^seal\/air-out$/, /^ground\/mix\//, "fumes come out of a bare shell"],
  [/^front\/measure-opening$/, /^front\/hang$/, "the panes must have come"],
  [/^front\/tracks$/, /^front\/hang$/, "the tracks must hold"],
  [/^front\/hang$/, /^front\/audit$/, "doors go back on before the audit"],
  [/^air\/mesh\//, /^front\/audit$/, "vents are ways out"],
  [/^front\/audit$/, /^diary\/run-empty$/, "a closed shell before its climate is judged"],
  [/^diary\/run-empty$/, /^diary\/residents-in$/, "measured before anybody lives in it"],
];

/** The step numbers of a build's diary where an order is broken. */
function broken({ diary }: Plan): string[] {
  return ORDERS.flatMap(([before, after, why]) =>
    diary.entries
      .filter((e) => after.test(e.stepId))
      .flatMap((late) =>
        diary.entries
          .filter(
            (early) => before.test(early.stepId) && early.readyAt > late.startAt && own(early.stepId, late.stepId),
          )
          .map((early) => `${early.stepId} is not over before ${late.stepId}: ${why}`),
      ),
  );
}

/** A mesh waits for its own opening, not for another's. */
const own = (early: string, late: string) =>
  !(early.startsWith("air/cut/") && late.startsWith("air/mesh/")) || early.split("/")[2] === late.split("/")[2];

const input = (design: Build) => ({ ...jobInput(design), stock: demoStock });

describe.each(demoBuilds().map((b): [string, Build] => [b.name, b]))("%s", (_, build) => {
  const planned = plan(input(build));

  it("is built in an order that holds", () => {
    expect(broken(planned)).toEqual([]);
  });

  it("is worked at within the builder's own hours, one thing at a time", () => {
    const sessions = planned.diary.entries.flatMap((e) => e.sessions).sort((a, b) => a.from - b.from);
    for (const [i, session] of sessions.entries()) {
      expect(session.to).toBeGreaterThan(session.from);
      if (i > 0) expect(session.from).toBeGreaterThanOrEqual(sessions[i - 1]!.to);
      const [day, clock] = [new Date(`${formatLocal(session.from)}Z`), formatLocal(session.from).slice(11)];
      // The book of hours starts on Monday.
      const spans = demoWorkshop.hours[(day.getUTCDay() + 6) % 7]!;
      expect(spans.some((s) => clock >= s.from && formatLocal(session.to).slice(11) <= s.to)).toBe(true);
    }
  });

  it("puts hands on for as long as its steps ask", () => {
    const byStep = planned.steps.reduce((sum, s) => sum + s.handsOnMinutes, 0);
    const worked = planned.diary.entries.flatMap((e) => e.sessions).reduce((sum, s) => sum + s.to - s.from, 0);
    expect(planned.diary.handsOnMinutes).toBeCloseTo(byStep, 6);
    // Sessions are laid on whole minutes.
    expect(Math.abs(worked - byStep)).toBeLessThan(planned.steps.length);
  });

  it("names a caution wherever glass, fumes, saws, dust or bites come in", () => {
    for (const step of planned.steps) {
      const told = step.cautions.join(" ");
      if (/glass|panes|shelves/i.test(step.title) && step.id !== "front/measure-opening")
        expect(told, step.id).toMatch(/[Gg]lass/);
      if (/^cuts\/saw/.test(step.id)) expect(told).toMatch(/Saw/);
      if (/^air\/cut\//.test(step.id)) expect(told, step.id).toMatch(/dust/i);
      if (/bead|tracks/i.test(step.title)) expect(told, step.id).toMatch(/[Ff]umes/);
      if (step.id === "diary/residents-in") expect(told).toMatch(/never by hand/);
    }
  });

  it("costs what its lines come to, likely never over safe", () => {
    const { lines } = planned.buying;
    const sum = (key: "likelyMinor" | "safeMinor") => lines.reduce((n, l) => n + (l[key] ?? 0), 0);
    expect(planned.tally.costLikelyMinor).toBe(sum("likelyMinor"));
    expect(planned.tally.costSafeMinor).toBe(sum("safeMinor"));
    for (const line of lines) expect(line.likelyMinor ?? 0).toBeLessThanOrEqual(line.safeMinor ?? 0);
    for (const line of lines) expect(line.odds).toBeGreaterThanOrEqual(0.5 - 1e-9);
  });

  it("asks for every sealant, mesh, lock and clip it names", () => {
    const wanted = new Set(planned.supplies.map((s) => s.materialId));
    const variant = chosenVariant(build);
    for (const feature of variant.features)
      if ((feature.kind === "mesh" || feature.kind === "holes") && feature.mesh) expect(wanted).toContain(feature.mesh);
    if (planned.steps.some((s) => s.id === "seal/bead")) expect(wanted).toContain(variant.seal.sealant);
    for (const { lock } of variant.closures)
      if (lock && lock.origin !== "found") expect(wanted).toContain(`${lock.kind}-lock`);
    for (const id of wanted)
      expect(
        demoBook().materials.some((m) => m.id === id),
        id,
      ).toBe(true);
  });
});

describe("the orders", () => {
  it("are not vacuous: each of them is met in some build with both its steps", () => {
    const wet = jobVariant();
    wet.seal.standingWater = statedMm(40);
    const plans = [...demoBuilds(), jobBuild(wet)].map((b) => plan(input(b)));
    for (const [before, after, why] of ORDERS) {
      const both = plans.some((p) => p.steps.some((s) => before.test(s.id)) && p.steps.some((s) => after.test(s.id)));
      expect(both, why).toBe(true);
    }
  });

  it("would be seen to break: a diary with the bead before the drill is caught", () => {
    const planned = plan(input(jobBuild()));
    const swapped = structuredClone(planned.diary.entries);
    const bead = swapped.find((e) => e.stepId === "seal/bead")!;
    bead.startAt = swapped.find((e) => e.stepId === "air/cut/low-1")!.startAt - 60;
    expect(broken({ ...planned, diary: { ...planned.diary, entries: swapped } })).not.toEqual([]);
  });
});
