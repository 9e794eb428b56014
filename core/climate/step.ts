import { type Known, published } from "../figures/figure";
import type { ClimateInput } from "./format";
import { quickSaturation } from "./moist";

/** Heat of dry air, J/(kg·K), and of evaporation near 25 °C, J/kg. */
const AIR_HEAT: Known = { value: 1006, basis: published("ashrae-fundamentals") };
const LATENT: Known = { value: 2.45e6, basis: published("ashrae-fundamentals") };
/** Lewis number of vapour in air. */
const LEWIS: Known = { value: 0.87, basis: published("incropera") };
/** Rounds in which a step's heat and water agree with one another; what is left by then is carried by neither. */
const ROUNDS = 12;
const AGREED_K = 1e-5;
/** Over so much the slope of saturation is taken, K. */
const SLOPE_K = 0.05;

/** What of a shell does not change while it runs, per step where it is a store. */
export interface Coefficients {
  volumeM3: number;
  /** The air's own density, for what it holds and carries: one for the whole run, so that nothing is made or lost by it. */
  density: number;
  uaWPerK: number;
  couplingWPerK: number;
  airWPerK: number;
  massWPerK: number;
  heldM3PerS: number;
  /** What passes a still film over the wet surface, and over each wall. */
  wetM3PerS: number;
  wallM3PerS: Float64Array;
  activity: number;
  /** How much of the difference to the room is over the film inside each wall. */
  filmShare: Float64Array;
  /** Watts carried by each m³/s and kelvin, and each kg/s that evaporates. */
  carriesJPerM3K: number;
  latentJPerKg: number;
}

/** @param density of the room's air, kg/m³ */
export function coefficientsOf(input: ClimateInput, density: number): Coefficients {
  const { walls, wet, stepS, thermalMassJPerK, massCouplingWPerK, hcWPerM2K } = input;
  const { width, depth, height } = input.insideMm;
  const volumeM3 = (width * depth * height) / 1e9;
  const carriesJPerM3K = density * AIR_HEAT.value;
  const filmMPerS = hcWPerM2K / (carriesJPerM3K * LEWIS.value ** (2 / 3));
  return {
    ...{ volumeM3, density, carriesJPerM3K, latentJPerKg: LATENT.value, activity: wet.activity },
    uaWPerK: walls.reduce((sum, w) => sum + w.areaM2 * w.uWPerM2K, 0),
    couplingWPerK: massCouplingWPerK,
    airWPerK: (carriesJPerM3K * volumeM3) / stepS,
    massWPerK: thermalMassJPerK / stepS,
    heldM3PerS: volumeM3 / stepS,
    wetM3PerS: filmMPerS * wet.areaM2,
    wallM3PerS: Float64Array.from(walls, (w) => filmMPerS * w.areaM2),
    filmShare: Float64Array.from(walls, (w) => w.uWPerM2K * w.rSiM2KPerW),
  };
}

/** What the air is, and what of water moved in the last step, kg/s. */
export interface AirState {
  airC: number;
  massC: number;
  /** kg/m³. */
  vapour: number;
  evaporates: number;
  condenses: number;
  /** 1 for each wall that is wet, and what vapour its surface is saturated by, kg/m³. */
  wetWalls: Uint8Array;
  saturated: Float64Array;
}

/** What a step is taken in: the room, the air exchanged with it, the heat put in, and the water there is to evaporate. */
export interface StepGiven {
  roomC: number;
  roomVapour: number;
  flowM3PerS: number;
  toAirW: number;
  toMassW: number;
  /** All of it within the step, kg/s. */
  mostKgPerS: number;
}

/**
 * One step, implicit in air, mass and vapour. Heat and water are worked out each by the other's until both agree; the heat
 * has the last word, by the very water that moved, so that both close whatever the rounds left.
 */
export function stepAir(c: Coefficients, state: AirState, given: StepGiven): void {
  const { roomC, roomVapour, flowM3PerS, toAirW, toMassW, mostKgPerS } = given;
  const { wallM3PerS, filmShare, wetM3PerS, couplingWPerK, latentJPerKg } = c;
  const { wetWalls, saturated } = state;
  const carriedWPerK = flowM3PerS * c.carriesJPerM3K;
  const airKnown = c.airWPerK * state.airC + toAirW + (c.uaWPerK + carriedWPerK) * roomC;
  const massKnown = c.massWPerK * state.massC + toMassW;
  const airOwn = c.airWPerK + c.uaWPerK + couplingWPerK + carriedWPerK;
  const vapourKnown = c.heldM3PerS * state.vapour + flowM3PerS * roomVapour;
  const vapourOwn = c.heldM3PerS + flowM3PerS;
  // The mass's own loss is taken along the line of its saturation, so that a light one does not swing.
  const rises = (quickSaturation(state.massC + SLOPE_K) - quickSaturation(state.massC)) / SLOPE_K;
  const slopeWPerK = latentJPerKg * wetM3PerS * c.activity * rises;
  let air = state.airC;
  let mass = state.massC;
  let vapour = state.vapour;
  let evaporates = 0;
  let condenses = 0;
  for (let round = 0; round < ROUNDS; round++) {
    let foot = vapourOwn;
    let dry = 0;
    for (let i = 0; i < wallM3PerS.length; i++) {
      const least = quickSaturation(air - filmShare[i]! * (air - roomC));
      saturated[i] = least;
      wetWalls[i] = vapour > least ? 1 : 0;
      if (wetWalls[i] === 0) continue;
      dry += wallM3PerS[i]! * least;
      foot += wallM3PerS[i]!;
    }
    const wetSaturated = c.activity * quickSaturation(mass);
    const filmed = foot - vapourOwn;
    const top = vapourKnown + dry;
    vapour = (top + wetM3PerS * wetSaturated) / (foot + wetM3PerS);
    evaporates = wetM3PerS * (wetSaturated - vapour);
    const isShort = evaporates > mostKgPerS;
    if (isShort) {
      evaporates = mostKgPerS;
      vapour = (top + evaporates) / foot;
    }
    condenses = filmed * vapour - dry;
    const slope = isShort ? 0 : slopeWPerK;
    const massOwn = c.massWPerK + couplingWPerK + slope;
    const airTop = airKnown + latentJPerKg * condenses;
    const massTop = massKnown - latentJPerKg * evaporates + slope * mass;
    const nextMass = (massTop * airOwn + couplingWPerK * airTop) / (massOwn * airOwn - couplingWPerK ** 2);
    const nextAir = (airTop + couplingWPerK * nextMass) / airOwn;
    const change = Math.abs(nextMass - mass) + Math.abs(nextAir - air);
    // A wall that was taken for wet and is dry, or the other way, is another round.
    let turned = false;
    for (let i = 0; i < wallM3PerS.length && !turned; i++) turned = vapour > saturated[i]! !== (wetWalls[i] === 1);
    mass = nextMass;
    air = nextAir;
    if (change < AGREED_K && !turned) break;
  }
  const airTop = airKnown + latentJPerKg * condenses;
  const massTop = massKnown - latentJPerKg * evaporates;
  const massOwn = c.massWPerK + couplingWPerK;
  state.massC = (massTop * airOwn + couplingWPerK * airTop) / (massOwn * airOwn - couplingWPerK ** 2);
  state.airC = (airTop + couplingWPerK * state.massC) / airOwn;
  state.vapour = vapour;
  state.evaporates = evaporates;
  state.condenses = condenses;
}
