import { FULL_RH } from "../core/gauge/instrument";
import type { AirRead } from "../core/gauge/schema";
import { type AirColumn, columnOf } from "./airColumns";
import { dayFirstOf, localOf, type Minutes, timeOf } from "./airTimes";
import { numberedRows, type RowError } from "./rows";

/** The readings of one probe of a file, by the hour. */
export type ProbeRead = Pick<AirRead, "place" | "from" | "tempC" | "rh">;

/** What a gauge's file holds. */
export interface AirFile {
  /** One for each probe, and for each shell where a column tells them apart. */
  probes: ProbeRead[];
  errors: RowError[];
  /** What was taken for what the file does not say. */
  told: string[];
}

/** A day is the least that can be shown. */
const LEAST_HOURS = 24;
const MOST_HOURS = 62 * 24;
/** As many readings as a year of minutes has. */
const MOST_ROWS = 530_000;
/** Nothing lives at so many degrees Celsius: such numbers are Fahrenheit. From memory. */
const SURELY_F = 45;
/** A gauge that shows one number for so many hours does not move; a full one may. From memory. */
const STUCK_HOURS = 24;
/** Minutes from one row to the next by which the clock was put back, and beside the usual ones forward. */
const ON_CLOCKS = { back: [-75, -30], forward: [45, 75] } as const;

interface Row {
  line: number;
  at: Minutes;
  who: string;
  cells: readonly string[];
}
interface Sums {
  sum: number;
  count: number;
}

const numberIn = (cell: string | undefined): number | null => {
  const text = (cell ?? "").replace(",", ".").replace(/[°%cf\s]+$/i, "");
  return text === "" || Number.isNaN(Number(text)) ? null : Number(text);
};
const isSunday = (at: Minutes) => new Date(at * 60_000).getUTCDay() === 0;
const hourOfDay = (at: Minutes) => Math.floor(at / 60) % 24;

/** Puts rows in order of time; what runs backwards is told by its line, but for a change of clocks. */
function inOrder(rows: readonly Row[], errors: RowError[], told: string[]): Row[] {
  const falls = rows.filter((r, i) => i > 0 && r.at < rows[i - 1]!.at).length;
  const list = falls > rows.length / 2 ? [...rows].reverse() : [...rows];
  if (list[0] !== rows[0]) told.push("The newest row stands first: they were read from the end.");
  const kept: Row[] = [];
  let shift = 0;
  let usual = 0;
  for (const row of list) {
    const at = row.at + shift;
    const last = kept.at(-1);
    const by = last ? at - last.at : 0;
    const night = last !== undefined && hourOfDay(row.at) <= 3 && isSunday(row.at);
    if (last && night && by >= ON_CLOCKS.back[0] && by <= ON_CLOCKS.back[1]) {
      shift += 60;
      told.push(`Line ${row.line}: the clock goes back an hour. What follows is read on the old one.`);
      kept.push({ ...row, at: at + 60 });
      continue;
    }
    const jump = by - usual;
    if (last && night && usual > 0 && usual <= 30 && jump >= ON_CLOCKS.forward[0] && jump <= ON_CLOCKS.forward[1]) {
      shift -= 60;
      told.push(`Line ${row.line}: the clock goes forward an hour. What follows is read on the old one.`);
      kept.push({ ...row, at: at - 60 });
      continue;
    }
    if (last && by < 0) {
      errors.push({
        line: row.line,
        message: `${localOf(row.at).replace("T", " ")} comes after ${localOf(last.at - shift).replace("T", " ")}: times run backwards. The row is left out.`,
      });
      continue;
    }
    if (last && by > 0) usual = usual === 0 ? by : Math.min(usual, by);
    kept.push({ ...row, at });
  }
  return kept;
}

/** Hourly means of a column over some rows. */
function hourly(
  rows: readonly Row[],
  column: number,
  first: number,
  hours: number,
  read: (x: number, row: Row) => number | null,
) {
  const sums: Sums[] = Array.from({ length: hours }, () => ({ sum: 0, count: 0 }));
  for (const row of rows) {
    const raw = numberIn(row.cells[column]);
    const value = raw === null ? null : read(raw, row);
    const own = sums[Math.floor(row.at / 60) - first];
    if (value === null || !own) continue;
    own.sum += value;
    own.count++;
  }
  return sums.map(({ sum, count }) => (count > 0 ? Math.round((100 * sum) / count) / 100 : null));
}

/** Leaves out what stood still: a whole column, or a stretch of it. */
function movesOnly(
  list: (number | null)[],
  what: string,
  errors: RowError[],
  full = Number.POSITIVE_INFINITY,
): (number | null)[] {
  const known = list.filter((x) => x !== null);
  if (known.length >= LEAST_HOURS && known.every((x) => x === known[0])) {
    errors.push({
      line: 0,
      message: `${what} is ${known[0]} in every row: a gauge that never moves is stuck. It is left out; the rest is kept.`,
    });
    return list.map(() => null);
  }
  const kept = [...list];
  for (let start = 0; start < list.length; ) {
    let end = start + 1;
    while (end < list.length && list[end] === list[start]) end++;
    const value = list[start];
    if (value != null && value < full && end - start >= STUCK_HOURS) {
      errors.push({
        line: 0,
        message: `${what} stands at ${value} for ${end - start} hours: the gauge was stuck. Those hours are left out.`,
      });
      kept.fill(null, start, end);
    }
    start = end;
  }
  return kept;
}

const nothing = (message: string, line = 1): AirFile => ({ probes: [], errors: [{ line, message }], told: [] });

/**
 * Reads what a gauge wrote: a line of headings, columns in any order, °C or °F, one probe or several.
 * @param text CSV; comma, semicolon or tab
 * @returns hourly means for each probe; what was wrong, by line, and what was taken for what the file does not say
 */
export function readAirCsv(text: string): AirFile {
  const [first, ...lines] = numberedRows(text);
  const columns = (first?.cells ?? []).map(columnOf);
  const place = (of: AirColumn["of"]) => columns.findIndex((c) => c?.of === of);
  const values = columns.flatMap((c, i) => (c && "place" in c ? [{ ...c, column: i }] : []));
  const [time, date, clock, who] = [place("time"), place("date"), place("clock"), place("who")];
  const hasTime = time >= 0 || (date >= 0 && clock >= 0) || clock >= 0 || date >= 0;
  if (!first || !hasTime || values.length === 0)
    return nothing(
      `The first line names no column for ${!hasTime ? "the time" : "warmth or damp"}. Nothing was taken. Begin the file with: time,temperature °C,humidity %`,
      first?.line ?? 1,
    );
  const errors: RowError[] = [];
  const told: string[] = [];
  const written = (cells: readonly string[]) =>
    time >= 0
      ? cells[time]!
      : date >= 0 && clock >= 0
        ? `${cells[date]} ${cells[clock]}`
        : cells[Math.max(date, clock)]!;
  if (lines.length > MOST_ROWS) told.push(`Past ${MOST_ROWS} rows nothing more was read.`);
  const rows = lines.slice(0, MOST_ROWS);
  const { dayFirst, sure } = dayFirstOf(rows.map(({ cells }) => written(cells) ?? ""));
  if (!sure) told.push("Dates such as 03/04/2026 are read with the day first.");
  const timed = rows.flatMap(({ line, cells }): Row[] => {
    const at = timeOf(written(cells) ?? "", dayFirst);
    if (at !== null) return [{ line, at, who: who >= 0 ? (cells[who] ?? "") : "", cells }];
    errors.push({
      line,
      message: `“${written(cells) ?? ""}” is no time such as 2026-03-02 09:00. The row is left out.`,
    });
    return [];
  });
  const shells = [...new Set(timed.map((r) => r.who))];
  if (shells.length > 1)
    told.push(
      `The file holds readings of ${shells.length}: ${shells.slice(0, 6).join(", ")}. Keep the one that is of this shell.`,
    );
  const places = [...new Set(values.map((c) => c.place))];
  const probes = shells.flatMap((shell) => {
    const own = inOrder(
      timed.filter((r) => r.who === shell),
      errors,
      told,
    );
    if (own.length === 0) return [];
    const start = Math.floor(own[0]!.at / 60);
    const hours = Math.min(MOST_HOURS, Math.floor(own.at(-1)!.at / 60) - start + 1);
    const named = (at: string) => [shells.length > 1 ? shell : "", at].filter(Boolean).join(", ") || "gauge";
    if (hours < LEAST_HOURS || own.length < LEAST_HOURS) {
      errors.push({
        line: 0,
        message: `${named("")}: ${own.length} ${own.length === 1 ? "row" : "rows"} over ${hours} ${hours === 1 ? "hour" : "hours"}. A day by the hour is the least, a week is good. Nothing of it was taken.`,
      });
      return [];
    }
    return places.map((at): ProbeRead => {
      const of = (kind: "tempC" | "rh") => values.find((c) => c.of === kind && c.place === at);
      const read = (kind: "tempC" | "rh", low: number, high: number, unit: string): (number | null)[] => {
        const column = of(kind);
        if (!column) return Array.from({ length: hours }, () => null);
        const raw = own.map((r) => numberIn(r.cells[column.column])).filter((x) => x !== null);
        const middle = [...raw].sort((a, b) => a - b)[Math.floor(raw.length / 2)] ?? 0;
        const isF = kind === "tempC" && (column.fahrenheit || middle > SURELY_F);
        if (isF && !column.fahrenheit)
          told.push(`${first.cells[column.column]}: nothing lives at ${middle} °C, so it is read as °F.`);
        return hourly(own, column.column, start, hours, (x, row) => {
          const value = isF ? ((x - 32) * 5) / 9 : x;
          if (value >= low && value <= high) return value;
          errors.push({
            line: row.line,
            message: `${x}${isF ? " °F" : unit} cannot be: between ${low} and ${high}${unit} is taken. It is left out.`,
          });
          return null;
        });
      };
      const name = named(at);
      return {
        place: name,
        from: localOf(60 * start),
        tempC: movesOnly(read("tempC", -20, 70, " °C"), `The warmth of ${name}`, errors),
        rh: movesOnly(read("rh", 0, 100, " %"), `The damp of ${name}`, errors, FULL_RH.value),
      };
    });
  });
  return { probes: probes.filter((p) => [...p.tempC, ...p.rh].some((x) => x !== null)), errors, told };
}
