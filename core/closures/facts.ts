import { factKey } from "../ledgers/facts";

/** Doors and panes as one solid at their worst: all that swings or lifts out hangs in front of the edge or stands at it. */
export interface Hung {
  kg: number;
  /** How far in front of the front edge its middle may come, mm. */
  beforeMm: number;
  label: string;
  /** The solid of the bare shell that these are, so that they are not weighed twice. */
  replaces?: string;
}

/** Told by each closure whose mass swings or stands at the front. */
export const HUNG = factKey<Hung>("hung");
