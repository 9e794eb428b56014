import { WATER_KG_PER_M3 } from "../units/constants";
import { published } from "./figure";

/** Water at 20 °C, kg/m³. */
export const WATER = {
  value: WATER_KG_PER_M3,
  basis: published("crc-handbook"),
} as const;
