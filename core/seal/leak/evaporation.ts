/**
 * Saturation vapour pressure over water, Pa (Magnus form, WMO Guide to Instruments, annex 4.B; coefficients from memory,
 * checked by test against ASHRAE's 2338.8 Pa at 20 °C).
 */
export const saturationPa = (tempC: number): number => 611.2 * Math.exp((17.62 * tempC) / (243.12 + tempC));

/** Water vapour a cubic metre of saturated air holds, kg (ideal gas, 461.5 J/kg·K). */
const saturatedKgPerM3 = (tempC: number): number => saturationPa(tempC) / (461.5 * (tempC + 273.15));

/** Heat to still air from a level surface, W/m²K: 2.5 to 5, the middle (source: air). */
const H_C = 3.5;
/** Of air at room temperature: kg/m³ × J/kg·K. */
const AIR_HEAT = 1.2 * 1006;
/** Lewis number of water vapour in air, about 0.87 (Incropera, from memory). */
const LEWIS = 0.87;

/** How far the estimate may be off either way, as a factor (source: water-test). */
export const ROOM_FACTOR = { low: 0.5, high: 2 } as const;

/**
 * What still water loses to a room, mm a day, by the analogy of heat and mass transfer (Chilton & Colburn 1934, as in
 * Incropera): h_m · (ρ_sat(water) − ρ_v(air)), h_m = h_c ÷ (ρ·c_p·Le^⅔).
 * @param tempC,rh air in the room, °C and %
 * @param waterTempC water's surface, °C
 * @returns never under 0: water gains nothing here
 */
export function evaporationMmPerDay({
  tempC,
  rh,
  waterTempC,
}: {
  tempC: number;
  rh: number;
  waterTempC: number;
}): number {
  const transferMPerS = H_C / (AIR_HEAT * LEWIS ** (2 / 3));
  const kgPerM2s = transferMPerS * (saturatedKgPerM3(waterTempC) - (rh / 100) * saturatedKgPerM3(tempC));
  // A kilogram on a square metre is a millimetre.
  return Math.max(0, kgPerM2s * 86_400);
}
