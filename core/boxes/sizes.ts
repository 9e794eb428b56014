import { sheetMm } from "../dividers/stuffs";
import type { Book } from "../materials/schema";
import { baseOf, floorCorner } from "../shell/base";
import type { Rect } from "../shell/faces";
import type { Shell } from "../shell/shell";
import type { ServiceBox } from "./schema";

/** Within this of a wall, the wall is the box's own side, mm. From memory. */
const TOUCH_MM = 1;

export const SIDES = ["front", "back", "left", "right"] as const;
export type BoxSide = (typeof SIDES)[number];

/** A box's place on the base, outside, mm. */
export const boxRect = ({ u, v, width, length }: ServiceBox): Rect => ({
  ...{ uMm: u.value - width.value / 2, vMm: v.value - length.value / 2 },
  ...{ widthMm: width.value, heightMm: length.value },
});

/** How high it is above the base, mm: typed, or flush under the lid. */
export const boxHighMm = ({ levels }: Pick<Shell, "levels">, { height }: ServiceBox): number =>
  height?.value ?? levels.topMm;

/** Its sides that are cut: those that do not stand against a wall of the shell. */
export function cutSides(shell: Shell, box: ServiceBox): BoxSide[] {
  const { widthMm, depthMm, round } = baseOf(shell);
  const [offU, offV] = floorCorner(shell);
  const rect = boxRect(box);
  const gap: Record<BoxSide, number> = {
    ...{ left: rect.uMm - offU, right: offU + widthMm - rect.uMm - rect.widthMm },
    ...{ front: rect.vMm - offV, back: offV + depthMm - rect.vMm - rect.heightMm },
  };
  // Round shells and walls that lean leave no side to stand against.
  const leans = Math.abs(shell.profile.rimWidthMm - shell.profile.footWidthMm) > TOUCH_MM && !shell.tray;
  return SIDES.filter((side) => round || leans || gap[side] > TOUCH_MM);
}

/** How thick its sides are, mm. */
export const boxWallMm = (book: Book, { of, material }: ServiceBox): number => sheetMm(book, { of, material });

/** What its own sides take of the floor, m². */
export function boxWallsM2(shell: Shell, book: Book, box: ServiceBox): number {
  const t = boxWallMm(book, box);
  const sides = cutSides(shell, box);
  const along = (pair: readonly BoxSide[], mm: number) => sides.filter((s) => pair.includes(s)).length * mm;
  const runMm = along(["front", "back"], box.width.value) + along(["left", "right"], box.length.value);
  return (runMm * t) / 1e6;
}

/** Its inside as water fills it, m². */
export const boxInsideM2 = (shell: Shell, book: Book, box: ServiceBox): number =>
  Math.max(0, (box.width.value * box.length.value) / 1e6 - boxWallsM2(shell, book, box));
