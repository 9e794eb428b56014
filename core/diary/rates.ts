import { type Known, memory, practice } from "../figures/figure";

const rate = (value: number): Known => ({ value, low: value * 0.6, high: value * 1.6, basis: memory });

/** Hands-on minutes to start from; the builder's log replaces them (source: rates-and-materials). */
export const RATES = {
  cutEach: rate(4),
  cutPerMetre: rate(1),
  drillHole: rate(1),
  holeSaw: rate(4),
  plugHole: rate(3),
  cutGlassPerMetre: rate(6),
  cutOpening: rate(25),
  jointPerMetre: rate(12),
  beadPerMetre: rate(6),
  maskPerMetre: rate(3),
  meshPanel: rate(25),
  slidingPair: rate(30),
  coatSetUp: rate(10),
  coatPerM2: rate(12),
  keyPerM2: rate(20),
  waterTestSetUp: rate(20),
  waterTestReading: rate(3),
  foamPerM2: rate(50),
  carvePerM2: rate(150),
  brushPerM2: rate(90),
  barrierPerM2: rate(30),
  groundPerM2: rate(40),
  plantEach: rate(6),
} as const;

/** Waits that do not belong to one material, in minutes (source: sealing, rates-and-materials). */
export const WAITS = {
  siliconeBeforeWater: { value: 1440, basis: practice } satisfies Known,
  dryOut: { value: 1440, basis: practice } satisfies Known,
  waterTest: { value: 2880, low: 1440, high: 4320, basis: practice } satisfies Known,
  runEmpty: { value: 4320, low: 2880, high: 10080, basis: memory } satisfies Known,
} as const;

export const CAUTION = {
  dust: "Plastic and wood dust: mask, and vacuum rather than sweep.",
  saw: "Saw: guard on, push stick, both hands clear of the line.",
  solventFumes: "Solvent fumes: outdoors or a fan, gloves, no flame.",
  foamFumes: "Foam gives off isocyanates: outdoors or a fan, mask and gloves, no flame while it cures.",
  alkaline: "Cement is alkaline: gloves, eyes; soak and rinse it before animals.",
  blade: "Razor and knife: cut away from the hand, eyes covered, blades counted.",
  siliconeFumes: "Silicone gives off fumes while it cures: air the room, gloves on.",
  glass: "Glass: gloves and eye cover. Never cut or drill tempered glass: it shatters.",
  lift: "Over 20 kg: lift with two.",
  waterPower: "Water near sockets: unplug everything, keep cables above the water, drip loops.",
  mesh: "Cut mesh ends are sharp: gloves, and turn or cover the edge.",
  bite: "Move animals with tools and a catch cup, a closed room and a second person, never by hand.",
} as const;
