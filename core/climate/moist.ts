/** Pressure the room stands at, Pa. */
export const PRESSURE_PA = 101_325;
/** Gas constants of dry air and of vapour, J/(kg·K), and how much lighter vapour is (source: ashrae-fundamentals). */
const [R_DRY, R_VAPOUR] = [287.042, 461.524];
const LIGHTER = 0.378;
const ZERO_C = 273.15;

/** Saturation pressure over ice and water, Pa (source: hyland-wexler). */
export function saturationPa(tempC: number): number {
  const t = tempC + ZERO_C;
  if (tempC < 0)
    return Math.exp(
      -5.6745359e3 / t +
        6.3925247 -
        9.677843e-3 * t +
        6.2215701e-7 * t ** 2 +
        2.0747825e-9 * t ** 3 -
        9.484024e-13 * t ** 4 +
        4.1635019 * Math.log(t),
    );
  return Math.exp(
    -5.8002206e3 / t +
      1.3914993 -
      4.8640239e-2 * t +
      4.1764768e-5 * t ** 2 -
      1.4452093e-8 * t ** 3 +
      6.5459673 * Math.log(t),
  );
}

/** Vapour at saturation, kg/m³. */
export const saturationKgPerM3 = (tempC: number): number => saturationPa(tempC) / (R_VAPOUR * (tempC + ZERO_C));

const TABLE = { lowC: -60, highC: 160, perK: 20 } as const;
let table: Float64Array | undefined;

/** The same from a table, within 2 parts in a million: asked many times a step. */
export function quickSaturation(tempC: number): number {
  if (!table) {
    table = new Float64Array((TABLE.highC - TABLE.lowC) * TABLE.perK + 1);
    for (let i = 0; i < table.length; i++) table[i] = saturationKgPerM3(TABLE.lowC + i / TABLE.perK);
  }
  const at = (tempC - TABLE.lowC) * TABLE.perK;
  if (!(at >= 0 && at < table.length - 1)) return saturationKgPerM3(tempC);
  const i = Math.floor(at);
  return table[i]! + (at - i) * (table[i + 1]! - table[i]!);
}

/** Vapour of air by its relative humidity in %, kg/m³. */
export const vapourKgPerM3 = (tempC: number, rh: number): number => (rh / 100) * saturationKgPerM3(tempC);

/** Density of moist air, kg/m³: by its virtual temperature, so that damp air counts as lighter. */
export function densityKgPerM3(tempC: number, vapour: number): number {
  const t = tempC + ZERO_C;
  return (PRESSURE_PA - LIGHTER * vapour * R_VAPOUR * t) / (R_DRY * t);
}

/** Dew point of a vapour density at an air temperature, °C; the lowest it looks for where there is none. */
export function dewPointC(tempC: number, vapour: number): number {
  const pa = vapour * R_VAPOUR * (tempC + ZERO_C);
  let [low, high] = [-80, Math.max(tempC, -80) + 20];
  if (pa <= saturationPa(low)) return low;
  for (let i = 0; i < 50; i++) {
    const mid = (low + high) / 2;
    if (saturationPa(mid) < pa) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}
