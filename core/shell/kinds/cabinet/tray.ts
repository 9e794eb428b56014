import { FOUND_MATERIALS } from "../../../materials/face";
import type { Sum } from "../../../units/sum";
import type { OwnPane, Seam } from "../../shell";
import type { Size3 } from "../../size";
import type { CabinetShell } from "./schema";

/** Left free round a tray for its silicone and the cabinet's own crookedness, each side [T]. */
const CLEAR_MM = 3;

/** An inner tray: its panes, its seams, and where it stands. */
export interface Tray {
  widthMm: number;
  depthMm: number;
  heightMm: number;
  glassMm: number;
  densityKgPerM3: number;
  panes: OwnPane[];
  seams: Seam[];
}

/** The shelves given up to be cut. */
export const cutShelves = ({ found }: CabinetShell) => found.shelves.filter((s) => s.use === "cutUp");

/** Those that panes may be cut from: for the tray, a dam or a second floor. */
export const reusableShelves = (shell: CabinetShell) =>
  shell.found.shelves.filter(
    (s) =>
      s.use === "cutUp" ||
      [shell.dam, shell.floor].some((of) => of?.source.of === "cutShelf" && of.source.shelf === s.name),
  );

/**
 * A tray cut from the cabinet's shelves: a base as large as cabinet and largest shelf allow, the walls standing on it,
 * long walls over the short ones' ends.
 */
export function layTray(shell: CabinetShell, inside: Size3): Tray | null {
  const shelves = cutShelves(shell);
  if (!shell.tray || shelves.length === 0) return null;
  const glassMm = shelves[0]!.thickness.value;
  const largest = shelves.reduce((a, b) => (a.width.value * a.depth.value >= b.width.value * b.depth.value ? a : b));
  const widthMm = Math.min(inside.widthMm - 2 * CLEAR_MM, largest.width.value);
  const depthMm = Math.min(inside.depthMm - 2 * CLEAR_MM, largest.depth.value);
  const heightMm = shell.tray.height.value;
  const wallMm = heightMm - glassMm;
  const shortMm = depthMm - 2 * glassMm;
  const pane = (
    id: string,
    label: string,
    lengthMm: number,
    widthMm: number,
    qty: number,
    length: Sum,
    width: Sum,
  ): OwnPane => ({
    id: `tray/${id}`,
    label,
    lengthMm,
    widthMm,
    qty,
    working: { length, width },
  });
  const seam = (id: string, label: string, lengthMm: number): Seam => ({
    id: `seam/tray-${id}`,
    label,
    lengthMm,
    wet: true,
    foot: false,
  });
  const high: Sum = [heightMm, " high − ", glassMm, " base"];
  return {
    widthMm,
    depthMm,
    heightMm,
    glassMm,
    densityKgPerM3: FOUND_MATERIALS[shelves[0]!.material].density.value,
    panes: [
      pane(
        "base",
        "Tray base",
        widthMm,
        depthMm,
        1,
        [inside.widthMm, " inside − 2 × ", CLEAR_MM, ", or the shelf"],
        [inside.depthMm, " inside − 2 × ", CLEAR_MM, ", or the shelf"],
      ),
      pane("long", "Tray front and back", widthMm, wallMm, 2, ["as the base"], high),
      pane("short", "Tray ends", shortMm, wallMm, 2, [depthMm, " base − 2 × ", glassMm, " long walls"], high),
    ],
    seams: [
      seam("front", "Tray base to front", widthMm),
      seam("back", "Tray base to back", widthMm),
      seam("left", "Tray base to left end", shortMm),
      seam("right", "Tray base to right end", shortMm),
      ...["front left", "front right", "back left", "back right"].map((corner) =>
        seam(`corner-${corner.replace(" ", "-")}`, `Tray corner, ${corner}`, wallMm),
      ),
    ],
  };
}
