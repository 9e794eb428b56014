import type { Operation } from "fast-json-patch";
import { statedMm } from "../design/measure";

/** Sets a member, whether or not it is there. */
export const set = (path: string, value: unknown): Operation => ({ op: "add", path, value });

/** Takes a member out. */
export const remove = (path: string): Operation => ({ op: "remove", path });

/** Sets a measure to a length in millimetres, rounded to a tenth. */
export const setMm = (path: string, mm: number): Operation => {
  const value = Math.round(mm * 10) / 10;
  return set(path, statedMm(value, `${value} mm`));
};
