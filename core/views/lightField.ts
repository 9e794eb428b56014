import { remembering } from "../cache/remembering";
import type { Lights } from "../fixtures/lit";
import type { Lamp, Screen } from "../light/format";
import { readyLamp } from "../light/lamps";
import { ABOVE_ZONES_UVI, ZONES_FROM } from "../light/zones";

/** Lines of equal UV: where the zones begin and end, and three stronger. */
const UV_LINES: readonly number[] = [...ZONES_FROM.value.slice(1), ABOVE_ZONES_UVI.value, 5, 8];
/** Lines of equal radiant heat where there is no UV, W/m². */
const HEAT_LINES: readonly number[] = [50, 100, 200, 400, 800];

/** A field of light over a section, row by row from the base up. */
export interface LightField {
  of: "uvi" | "wPerM2";
  lines: readonly number[];
  columns: number;
  rows: number;
  values: number[];
  /** Strongest on it. */
  most: number;
}

/** Points asked of a section, across and up; fewer while something is dragged. */
interface Grid {
  atMm: number;
  widthMm: number;
  heightMm: number;
  columns: number;
  rows: number;
}
const FINE = { columns: 44, rows: 34 } as const;
const COARSE = { columns: 28, rows: 22 } as const;

/** What one lamp brings to every point of a section; not a number in its own face, where nothing is told. */
const ofLamp = remembering(
  (lamp: Lamp, screens: readonly Screen[], grid: Grid): { uvi: number[]; wPerM2: number[] } => {
    const ready = readyLamp(lamp);
    const [uvi, wPerM2]: [number[], number[]] = [[], []];
    if (!ready.ok) return { uvi, wPerM2 };
    const { at, distanceMm, leastMm } = ready.value;
    for (let j = 0; j < grid.rows; j++)
      for (let i = 0; i < grid.columns; i++) {
        const x = ((i + 0.5) / grid.columns) * grid.widthMm;
        const z = ((j + 0.5) / grid.rows) * grid.heightMm;
        const p = [x, grid.atMm, z] as const;
        const brought = distanceMm(p) < leastMm ? undefined : at(p, "lamp", screens);
        uvi.push(brought?.uvi ?? Number.NaN);
        wPerM2.push(brought?.wPerM2 ?? Number.NaN);
      }
    return { uvi, wPerM2 };
  },
);

/**
 * The light over a section from left to right. What a lamp that stays brings is remembered while another is dragged.
 * @param inside its size, and how far back it is cut, mm
 * @param coarse while something is dragged
 */
export function fieldOf(
  { lamps, screens }: Lights,
  inside: Pick<Grid, "atMm" | "widthMm" | "heightMm">,
  coarse: boolean,
): LightField | undefined {
  const grid = { ...inside, ...(coarse ? COARSE : FINE) };
  const brought = lamps.map((lamp) => ofLamp(lamp, screens, grid));
  const sumOf = (of: LightField["of"]) =>
    Array.from({ length: grid.columns * grid.rows }, (_, n) => {
      const sum = brought.reduce((s, b) => s + (b[of][n] ?? 0), 0);
      return Number.isNaN(sum) ? 0 : sum;
    });
  const { columns, rows } = grid;
  for (const [of, lines] of [
    ["uvi", UV_LINES],
    ["wPerM2", HEAT_LINES],
  ] as const) {
    const values = sumOf(of);
    const most = Math.max(...values);
    if (most > 0) return { of, lines, columns, rows, values, most };
  }
  return undefined;
}
