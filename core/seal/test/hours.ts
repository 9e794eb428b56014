/** Hours of a local time, `2026-03-02T09:00`, from any start; no clock change is known to it. */
export const hoursOf = (at: string): number => Date.parse(`${at}:00Z`) / 3_600_000;
