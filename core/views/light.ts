import { fixtureKind } from "../fixtures/kinds/list";
import { liesAt } from "../fixtures/lies";
import { knowsUv, type Lights, lightingFrom } from "../fixtures/lighting";
import { inSpace } from "../fixtures/place";
import { cutHardscape } from "../hardscape/cut";
import { type Lighting, litAt } from "../light/light";
import { ABOVE_ZONES_UVI, ZONES_FROM } from "../light/zones";
import type { Site } from "../shell/site";
import type { Point } from "../shell/space";

/** How fine light is asked for over a section, points across and up. */
const GRID = { across: 44, up: 34 } as const;
/** Lines of equal UV: where the zones begin and end, and three stronger. */
export const UV_LINES: readonly number[] = [...ZONES_FROM.value.slice(1), ABOVE_ZONES_UVI.value, 5, 8];
/** Lines of equal radiant heat where there is no UV, W/m². */
export const HEAT_LINES: readonly number[] = [50, 100, 200, 400, 800];

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

/** What a section through the fixtures is drawn of, mm in the shell's own space. */
export interface LightSection {
  /** How far back it is cut. */
  atMm: number;
  widthMm: number;
  heightMm: number;
  groundMm: number;
  field: LightField | undefined;
  pieces: { id: string; points: Point[] }[];
  /** Fixtures that it passes near, as boxes across and up; what shines, with where it does. */
  boxes: { id: string; name: string; from: number; to: number; foot: number; head: number; cut: boolean }[];
  /** Where animals lie; the UV index there, or null where no lamp's is known. */
  lies: { id: string; name: string; x: number; z: number; uvi: number | null; here: boolean }[];
}

/** Something lies near a cut within this, mm. */
const NEAR_MM = 120;

/**
 * The section from left to right through what is in hand, with the light over it.
 * @param lights what lights it; undefined where nothing is put on
 * @param held the fixture it goes through; without one, the first that shines
 */
export function lightSection(site: Site, lights: Lights | undefined, held: string | undefined): LightSection {
  const { shell, variant } = site;
  const { widthMm, depthMm, heightMm } = shell.inside;
  const on = variant.fixtures.filter((f) => !fixtureKind(f).inRoom);
  const spaces = on.map((f) => ({ f, space: inSpace(shell, f) }));
  const through = spaces.find(({ f }) => f.id === held) ?? spaces.find(({ f }) => fixtureKind(f).lamp) ?? spaces[0];
  const atMm = through ? (through.space.low[1] + through.space.high[1]) / 2 : depthMm / 2;
  const lighting = lights && lightingFrom(lights);
  const lies = liesAt(site);
  return {
    ...{ atMm, widthMm, heightMm, groundMm: shell.levels.groundMm },
    field: lighting && fieldOf(site, lighting, atMm),
    pieces: cutHardscape(shell, variant, "leftRight", atMm).map(({ id, points }) => ({ id, points })),
    boxes: spaces.map(({ f, space: { low, high } }) => ({
      ...{ id: f.id, name: f.name, from: low[0], to: high[0], foot: low[2], head: high[2] },
      cut: low[1] <= atMm && atMm <= high[1],
    })),
    lies: lies.map(({ id, name, back }) => ({
      ...{ id, name, x: back[0], z: back[2], here: Math.abs(back[1] - atMm) <= NEAR_MM },
      uvi: lights && lighting && knowsUv(lights) ? litAt(lighting, back, "lamp").uvi : null,
    })),
  };
}

function fieldOf(site: Site, lighting: Lighting, atMm: number): LightField | undefined {
  if (lighting.lamps.length === 0) return undefined;
  const { widthMm, heightMm } = site.shell.inside;
  const at = (i: number, j: number) =>
    [((i + 0.5) / GRID.across) * widthMm, atMm, ((j + 0.5) / GRID.up) * heightMm] as const;
  const lit = Array.from({ length: GRID.across * GRID.up }, (_, n) => {
    const p = at(n % GRID.across, Math.floor(n / GRID.across));
    // In a lamp's own face nothing is told.
    return lighting.lamps.some((l) => l.distanceMm(p) < l.leastMm) ? undefined : litAt(lighting, p, "lamp");
  });
  const hasUv = lit.some((x) => x && x.uvi > 0);
  const of = hasUv ? "uvi" : "wPerM2";
  const values = lit.map((x) => x?.[of] ?? 0);
  const most = Math.max(...values);
  if (!(most > 0)) return undefined;
  return { of, lines: hasUv ? UV_LINES : HEAT_LINES, columns: GRID.across, rows: GRID.up, values, most };
}
