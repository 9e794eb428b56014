import type { Log } from "../log/schema";
import { standing } from "../log/standing";
import type { AirFit, AirRead } from "./schema";

/** An entry of the log about the air's gauge. */
export interface Logged<E> {
  entry: string;
  at: string;
  event: E;
}

/** What the log holds of the air: all readings, oldest first, and the newest fit whose readings still stand. */
export function airRead(log: Log): { reads: Logged<AirRead>[]; fit: Logged<AirFit> | undefined } {
  const entries = standing(log);
  const reads = entries.flatMap(({ id, at, event }) =>
    event.kind === "air-read" ? [{ entry: id, at, event: event as AirRead }] : [],
  );
  const fits = entries.flatMap(({ id, at, event }) =>
    event.kind === "air-fit" ? [{ entry: id, at, event: event as AirFit }] : [],
  );
  return { reads, fit: fits.findLast(({ event }) => reads.some((r) => r.entry === event.read)) };
}
