const HALF_DAY = 12;
const pad = (n: number) => String(n).padStart(2, "0");

/** A moment on a clock that knows no zone, in minutes since 1970. */
export type Minutes = number;

/** Whether dates such as 03/04/2026 begin with the day: told by one that can only be the one or the other. */
export type DayFirst = boolean;

const ISO =
  /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})[T ]+(\d{1,2}):(\d{2})(?::\d{2}(?:\.\d+)?)?\s*(am|pm)?(?:Z|[+-]\d{2}:?\d{2})?$/i;
const OTHER = /^(\d{1,2})[-/.](\d{1,2})[-/.](\d{2,4})[,T ]+(\d{1,2}):(\d{2})(?::\d{2}(?:\.\d+)?)?\s*(am|pm)?$/i;

function minutesOf(
  year: number,
  month: number,
  day: number,
  hour: number,
  minute: number,
  half?: string,
): Minutes | null {
  const late = half?.toLowerCase() === "pm";
  const at = half ? (hour % HALF_DAY) + (late ? HALF_DAY : 0) : hour;
  const full = year < 100 ? 2000 + year : year;
  const ms = Date.UTC(full, month - 1, day, at, minute);
  const back = new Date(ms);
  const same = back.getUTCMonth() === month - 1 && back.getUTCDate() === day && back.getUTCHours() === at;
  return same && minute < 60 ? ms / 60_000 : null;
}

/** A time as a gauge writes it, on its own clock; null where it is none. @param dayFirst for dates such as 03/04/2026 */
export function timeOf(text: string, dayFirst: DayFirst): Minutes | null {
  const iso = ISO.exec(text);
  if (iso) {
    const [y, m, d, h, min] = iso.slice(1, 6).map(Number) as [number, number, number, number, number];
    return minutesOf(y, m, d, h, min, iso[6]);
  }
  const other = OTHER.exec(text);
  if (!other) return null;
  const [a, b, y, h, min] = other.slice(1, 6).map(Number) as [number, number, number, number, number];
  // With dots it is the day first wherever it is written so.
  const byDay = dayFirst || text.includes(".");
  return byDay ? minutesOf(y, b, a, h, min, other[6]) : minutesOf(y, a, b, h, min, other[6]);
}

/** Which way round a file's dates are: by one that can only be read one way; `sure` where there is one. */
export function dayFirstOf(texts: readonly string[]): { dayFirst: DayFirst; sure: boolean } {
  let [first, second] = [false, false];
  for (const text of texts) {
    const other = OTHER.exec(text);
    if (!other) continue;
    if (Number(other[1]) > 12) first = true;
    if (Number(other[2]) > 12) second = true;
  }
  const none = !texts.some((t) => OTHER.test(t) && !t.includes("."));
  return { dayFirst: first || !second, sure: none || first !== second };
}

/** A moment as the log writes it: `2026-03-02T09:00`. */
export function localOf(minutes: Minutes): string {
  const d = new Date(minutes * 60_000);
  return `${d.getUTCFullYear()}-${pad(d.getUTCMonth() + 1)}-${pad(d.getUTCDate())}T${pad(d.getUTCHours())}:${pad(d.getUTCMinutes())}`;
}
