/** Standard gravity, m/s² (NIST SP 811, exact). */
export const GRAVITY = 9.80665;

/** Water at 20 °C, kg/m³ (source: crc-handbook). */
export const WATER_KG_PER_M3 = 998.2;
