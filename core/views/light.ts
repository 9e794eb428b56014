import { fixtureKind } from "../fixtures/kinds/list";
import { liesAt } from "../fixtures/lies";
import { knowsUv, lightingFrom } from "../fixtures/lighting";
import type { Lights } from "../fixtures/lit";
import { inSpace } from "../fixtures/place";
import { cutHardscape } from "../hardscape/cut";
import { litAt } from "../light/light";
import type { Site } from "../shell/site";
import type { Point } from "../shell/space";
import { fieldOf, type LightField } from "./lightField";

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
 * @param dragged while something is: where it was cut before, so that lamps that stay are not asked anew; the light is coarse
 * @param held the fixture it goes through; without one, the first that shines
 */
export function lightSection(
  site: Site,
  lights: Lights | undefined,
  held: string | undefined,
  dragged?: { cutMm: number },
): LightSection {
  const { shell, variant } = site;
  const { widthMm, depthMm, heightMm } = shell.inside;
  const on = variant.fixtures.filter((f) => !fixtureKind(f).inRoom);
  const spaces = on.map((f) => ({ f, space: inSpace(shell, f) }));
  const through = spaces.find(({ f }) => f.id === held) ?? spaces.find(({ f }) => fixtureKind(f).lamp) ?? spaces[0];
  const middle = through ? (through.space.low[1] + through.space.high[1]) / 2 : depthMm / 2;
  const atMm = dragged?.cutMm ?? middle;
  const lighting = lights && lightingFrom(lights);
  const lies = liesAt(site);
  return {
    ...{ atMm, widthMm, heightMm, groundMm: shell.levels.groundMm },
    field: lights && lighting && fieldOf(lights, { atMm, widthMm, heightMm }, dragged !== undefined),
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
