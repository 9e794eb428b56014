import { type Figure, memory } from "../../figures/figure";
import { setMm } from "../../ledgers/fix";
import type { Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { over } from "../../units/tolerance";
import { featureName } from "../name";
import type { Port } from "./schema";
import { tubeHole } from "./tubeHole";

/** Steeper than this ants and beetles slip back and carry nothing, degrees. */
const STEEPEST = { value: 30, basis: memory } as const;
/** A tube kinks when bent tighter than this many bores. */
const BEND_BORES = { value: 4, basis: memory } as const;

type Tube = NonNullable<Port["tube"]>;

const figureId = (port: Port) => `ports/${port.id}/oval`;

/** The long way of the oval a slanting tube needs. */
export function ovalFigure(port: Port, tube: Tube): Figure {
  const { longMm, slopeDegrees } = tubeHole(port.bore.value, tube.rise.value, tube.run.value);
  return {
    id: figureId(port),
    label: `Oval for ${featureName(port)}, the long way`,
    value: longMm,
    unit: "mm",
    formula: "tube ÷ sin(angle between tube and wall)",
    inputs: [
      { name: "tube outside, the short way of the oval", value: port.bore.value, unit: "mm" },
      { name: "slope of the tube", value: slopeDegrees, unit: "°" },
      { name: "angle between tube and wall", value: 90 - slopeDegrees, unit: "°" },
    ],
  };
}

/** The slope and the bend of a tube that passes a wall. */
export function tubeSnags({ say }: Site, port: Port, tube: Tube, path: string): Snag[] {
  const snags: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    snags.push({ stage: "shell", subject: port.id, severity: "mind", ...snag });
  const { slopeDegrees } = tubeHole(port.bore.value, tube.rise.value, tube.run.value);
  if (over(slopeDegrees, STEEPEST.value)) {
    const run = Math.ceil(tube.rise.value / Math.tan((STEEPEST.value * Math.PI) / 180));
    add({
      rule: "ports/tube-steep",
      title: "The tube is too steep",
      sentence: `${formatNumber(slopeDegrees, 1, "up")}° over ${say(tube.run.value)}; ${STEEPEST.value}° is what they climb with a load.`,
      reason: "A steep or smooth tube is not used (from memory).",
      fix: { label: `Give it a run of ${say(run)}`, patch: [setMm(`${path}/tube/run`, run)] },
      figure: figureId(port),
    });
  }
  const least = BEND_BORES.value * tube.bore.value;
  if (tube.bendRadius.value < least)
    add({
      rule: "ports/tube-kinks",
      title: "The tube will kink",
      sentence: `Bent to ${say(tube.bendRadius.value)}; a bore of ${say(tube.bore.value)} wants ${say(least)} or more.`,
      reason: `Bend radius of ${BEND_BORES.value} bores at least (from memory); try it dry before the hole is cut.`,
      fix: { label: `Bend it to ${say(least)}`, patch: [setMm(`${path}/tube/bendRadius`, least)] },
    });
  return snags;
}
