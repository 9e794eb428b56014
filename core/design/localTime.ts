/** Minutes since 1970-01-01T00:00 on the workshop's own clock; no time zone, no summer time. */
export type LocalMinutes = number;

/** Reads a local time such as `2026-03-02T09:00`; undefined when it is none, or a day or hour that never comes. */
export function parseLocal(text: string): LocalMinutes | undefined {
  if (!/^\d{4}-\d\d-\d\dT\d\d:\d\d$/.test(text)) return undefined;
  const minutes = Date.parse(`${text}Z`) / 60_000;
  // A 31st of February is read as a day in March.
  return Number.isFinite(minutes) && formatLocal(minutes) === text ? minutes : undefined;
}

/** Writes a local time as `2026-03-02T09:00`. */
export const formatLocal = (minutes: LocalMinutes): string =>
  new Date(Math.round(minutes) * 60_000).toISOString().slice(0, 16);
