import { newWall } from "../core/background/create";
import type { Wall } from "../core/background/schema";
import { statedMm } from "../core/design/measure";
import { newBuild, newVariant } from "../core/document/create";
import type { Build, Variant } from "../core/document/schema";
import { chosenVariant } from "../core/document/variant";
import { plan } from "../core/plan";
import type { TankShell } from "../core/shell/kinds/tank/schema";
import { applyFix } from "../core/snags/fix";
import { jobInput } from "./job";
import { expectWhole } from "./sound";

/** A glass tank of 900 × 450 × 600 outside, 6 mm glass, with nothing in it. */
export function bareTank(change?: (variant: Variant) => void): Build {
  const variant = newVariant("tank");
  const shell = variant.shell as TankShell;
  shell.found = {
    ...shell.found,
    ...{ length: statedMm(912), width: statedMm(462), height: statedMm(606), glass: statedMm(6), rim: null },
  };
  change?.(variant);
  return newBuild("Bare tank", { unit: "mm" }, variant);
}

/** A wall of the tank, foamed in place 40 mm deep without ridges unless said otherwise. */
export const plainWall = (face: Wall["face"], own: Partial<Wall> = {}): Wall => ({
  ...newWall(face),
  ...{ depth: statedMm(40), relief: statedMm(0) },
  ...own,
});

export const planned = (build: Build) => plan(jobInput(build));
export const snagOf = (build: Build, rule: string) => planned(build).snags.find((s) => s.rule === rule);

/** The snag of a rule, and what is left of it once its fix, which must be there, is pressed. */
export function pressed(build: Build, rule: string) {
  const snag = snagOf(build, rule);
  if (!snag?.fix) throw new Error(`${rule}: ${snag ? "no fix" : "no snag"}`);
  const fixed = applyFix(build, snag.fix.patch);
  expectWhole(fixed);
  const left = planned(fixed).snags.find((s) => s.rule === rule && s.subject === snag.subject);
  return { snag, label: snag.fix.label, left, variant: chosenVariant(fixed) };
}
