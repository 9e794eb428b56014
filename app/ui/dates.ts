const DAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"];
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** A local day as `Sat 16 Jan`. Spelled by hand so that server and browser agree to the letter. */
export function dayWords(minutes: number): string {
  const date = new Date(minutes * 60_000);
  return `${DAYS[date.getUTCDay()]} ${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}`;
}

/** A local time of day as `18:30`. */
export const clockWords = (minutes: number): string =>
  new Date(Math.round(minutes) * 60_000).toISOString().slice(11, 16);
