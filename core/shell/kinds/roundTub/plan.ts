import { type Figure, memory, practice } from "../../../figures/figure";
import { setMm } from "../../../ledgers/fix";
import { emptyLedger, type Snag, type TradeLedger } from "../../../ledgers/ledger";
import type { Site } from "../../../ledgers/site";
import { formatNumber } from "../../../units/format";
import { volumeBelowMl } from "../../profile";
import { surveyStep } from "../foundSteps";
import type { RoundTubShell } from "./schema";
import { tubeHole } from "./tube";

/** Steeper than this ants and beetles slip back and carry nothing. */
const STEEPEST = { value: 30, basis: memory } as const;
/** A tube kinks when bent tighter than this many bores. */
const BEND_BORES = { value: 4, basis: memory } as const;

/** What only this kind has. */
export function planRound(site: Site): TradeLedger {
  const shell = site.variant.shell as RoundTubShell;
  const { say, at } = site;
  const snags: Snag[] = [];
  const figures: Figure[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject">) => snags.push({ stage: "shell", subject: "tube", ...snag });
  const { tube, floorDepth } = shell;
  if (floorDepth)
    figures.push({
      id: "shell/floor-pour",
      label: "Poured floor",
      value: volumeBelowMl(site.shell.profile, floorDepth.value) / 1000,
      unit: "L",
      formula: "volume of the tub up to the floor's depth × 1.0",
      inputs: [{ name: "depth", value: floorDepth.value, unit: "mm", basis: practice }],
    });
  if (tube) {
    const hole = tubeHole(tube.outer.value, tube.rise.value, tube.run.value);
    figures.push({
      id: "shell/tube-hole",
      label: "Oval for the tube, the long way",
      value: hole.longMm,
      unit: "mm",
      formula: "tube ÷ sin(angle between tube and wall)",
      inputs: [
        { name: "tube outside, the short way of the oval", value: tube.outer.value, unit: "mm" },
        { name: "slope of the tube", value: hole.slopeDegrees, unit: "°" },
        { name: "angle between tube and wall", value: 90 - hole.slopeDegrees, unit: "°" },
      ],
    });
    if (hole.slopeDegrees > STEEPEST.value + 1e-9) {
      const run = Math.ceil(tube.rise.value / Math.tan((STEEPEST.value * Math.PI) / 180));
      add({
        rule: "shell/tube-steep",
        severity: "mind",
        title: "The tube is too steep",
        sentence: `${formatNumber(hole.slopeDegrees, 1, "up")}° over ${say(tube.run.value)}; ${STEEPEST.value}° is what they climb with a load.`,
        reason: "A steep or smooth tube is not used (from memory).",
        fix: { label: `Give it a run of ${say(run)}`, patch: [setMm(at("/shell/tube/run"), run)] },
        figure: "shell/tube-hole",
      });
    }
    const least = BEND_BORES.value * tube.bore.value;
    if (tube.bendRadius.value < least)
      add({
        rule: "shell/tube-kinks",
        severity: "mind",
        title: "The tube will kink",
        sentence: `Bent to ${say(tube.bendRadius.value)}; a bore of ${say(tube.bore.value)} wants ${say(least)} or more.`,
        reason: `Bend radius of ${BEND_BORES.value} bores at least (from memory); try it dry before the hole is cut.`,
        fix: { label: `Bend it to ${say(least)}`, patch: [setMm(at("/shell/tube/bendRadius"), least)] },
      });
  }
  return {
    ...emptyLedger(),
    snags,
    figures,
    steps: [
      surveyStep(
        site.shell,
        "Two diameters at rim and foot, crossing; height inside. Try the tube dry against the wall.",
      ),
    ],
  };
}
