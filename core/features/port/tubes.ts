import { type Figure, memory } from "../../figures/figure";
import { setMm } from "../../ledgers/fix";
import type { Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { atLeast, over } from "../../units/tolerance";
import { featureName } from "../name";
import type { Port } from "./schema";
import { type Passed, roomUnderMm, TUBE_CLEAR_MM, tubeHole } from "./tubeHole";

/** Steeper than this ants and beetles slip back and carry nothing, degrees. */
const STEEPEST = { value: 30, basis: memory } as const;
/** A tube kinks when bent tighter than this many bores. */
const BEND_BORES = { value: 4, basis: memory } as const;

type Tube = NonNullable<Port["tube"]>;

const figureId = (port: Port) => `ports/${port.id}/oval`;

/** The long way of the oval a slanting tube needs. */
export function ovalFigure(port: Port, tube: Tube): Figure {
  const through = passedBy(port);
  const { longMm, slopeDegrees, angleDegrees } = tubeHole(port.bore.value, tube.rise.value, tube.run.value, through);
  return {
    id: figureId(port),
    label: `Oval for ${featureName(port)}, the long way`,
    value: longMm,
    unit: "mm",
    formula: `tube ÷ sin(angle between tube and ${through})`,
    inputs: [
      { name: "tube outside, the short way of the oval", value: port.bore.value, unit: "mm" },
      { name: "slope of the tube", value: slopeDegrees, unit: "°" },
      { name: `angle between tube and ${through}`, value: angleDegrees, unit: "°" },
    ],
  };
}

/** What a tube passes: a wall, or the base. */
export const passedBy = ({ face }: Pick<Port, "face">): Passed => (face === "base" ? "base" : "wall");

/** Room under the base for a tube that leaves through it. */
export function underFigure(port: Port, tube: Tube): Figure {
  return {
    id: `ports/${port.id}/under`,
    label: `Room under the base for ${featureName(port)}`,
    value: roomUnderMm(port.bore.value, tube.rise.value, tube.run.value, tube.bendRadius.value),
    unit: "mm",
    rounding: "up",
    formula: "bend radius · (1 − cos slope) + tube/2 · (1 + cos slope) + clearance",
    inputs: [
      { name: "tube outside", value: port.bore.value, unit: "mm" },
      { name: "bend radius", value: tube.bendRadius.value, unit: "mm" },
      {
        name: "slope of the tube",
        value: tubeHole(port.bore.value, tube.rise.value, tube.run.value).slopeDegrees,
        unit: "°",
      },
      { name: "clearance", value: TUBE_CLEAR_MM, unit: "mm" },
    ],
  };
}

/** Room under a base, for a tube or a drain that leaves through it. */
export function underSnags({ shell, say, at }: Site, port: Port, wantedMm: number, what: string): Snag[] {
  if (atLeast(shell.legsMm, wantedMm)) return [];
  const wanted = Math.ceil(wantedMm);
  return [
    {
      rule: "ports/no-room-under",
      subject: port.id,
      severity: "stop",
      stage: "shell",
      title: `No room under the base for the ${what}`,
      sentence: `${featureName(port)} wants ${say(wanted)} under the base; there is ${say(shell.legsMm)}.`,
      reason: "What sticks out under a base bears the whole box on it, or is sheared off.",
      ...(shell.underBasePath !== null && {
        fix: {
          label: `Stand it ${say(wanted)} off the stand`,
          patch: [setMm(at(shell.underBasePath), wanted)],
        },
      }),
    },
  ];
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
