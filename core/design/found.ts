import type { Fate } from "./basics";

/** What says whether a thing was found, and what becomes of it. */
export interface Originated {
  origin: "made" | "found" | "unknown";
  fate?: Fate;
}

/** Whether a thing is to be made: it was not found, or what was found is replaced. */
export const isMade = ({ origin, fate }: Originated): boolean => origin !== "found" || fate === "replaced";

/** Whether a found thing makes way for a new one, so that the old must come off. */
export const isReplaced = ({ origin, fate }: Originated): boolean => origin === "found" && fate === "replaced";
