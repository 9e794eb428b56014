import { type Known, memory, practice } from "../figures/figure";

/** How wide a starting rate is taken to be: 5 to 95 in 100 builders and jobs, as factors (source: rates-and-materials). */
export const RATE_SPAN = { low: 0.6, high: 1.6 } as const;
const rate = (value: number): Known => ({
  ...{ value, low: value * RATE_SPAN.low, high: value * RATE_SPAN.high },
  basis: memory,
});

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
  dressEdgePerMetre: rate(2),
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
  setDam: rate(30),
  tearOut: rate(60),
  mendWall: rate(45),
  takeOff: rate(20),
  takeOut: rate(15),
  refit: rate(10),
  meshOff: rate(10),
  disinfect: rate(30),
  tryShut: rate(5),
} as const;

/** Waits that do not belong to one material, in minutes (source: sealing, rates-and-materials). */
export const WAITS = {
  siliconeBeforeWater: { value: 1440, basis: practice } satisfies Known,
  dryOut: { value: 1440, basis: practice } satisfies Known,
  waterTest: { value: 2880, low: 1440, high: 4320, basis: practice } satisfies Known,
  runEmpty: { value: 4320, low: 2880, high: 10080, basis: memory } satisfies Known,
} as const;
