import type { Family } from "../materials/face";
import { extent } from "./outline";
import type { Shell, ShellFace } from "./shell";
import { outwards, type Point, toSpace } from "./space";

/** Which way the shell is cut: from front to back in its middle, seen from the right; or side to side, seen from the front. */
export type Cut = "frontBack" | "leftRight";

/** A height in the vertical stack, mm above the inside of the base. */
export interface LevelLine {
  id:
    | "floor"
    | "base"
    | "drain"
    | "ground"
    | "groundFront"
    | "foam"
    | "water"
    | "dam"
    | "doorFoot"
    | "doorHead"
    | "top";
  label: string;
  zMm: number;
}

/** A section: walls as cut, in (across, up) mm, and the vertical stack. */
export interface Section {
  walls: SectionPiece[];
  levels: LevelLine[];
}

/** A piece as cut, and what it is of. */
export interface SectionPiece {
  id: string;
  face: ShellFace["id"];
  of: "wall" | "strip" | "tray" | "door" | "screen" | "lining";
  family: Family;
  points: Point[];
}

/** A wall cut along its middle, inner line and outer line. */
function cutWall(face: ShellFace, axis: 0 | 1): Point[] {
  const { uMm, vMm, widthMm, heightMm } = extent(face.outline);
  const lying = face.id === "base" || face.id === "top";
  // A lying face is cut along the axis looked across; a wall from foot to rim.
  const ends: Point[] =
    lying && axis === 0
      ? [
          [uMm, vMm + heightMm / 2],
          [uMm + widthMm, vMm + heightMm / 2],
        ]
      : [
          [uMm + widthMm / 2, vMm],
          [uMm + widthMm / 2, vMm + heightMm],
        ];
  const inner = ends.map((p) => toSpace(face.frame, p));
  const outer = ends.map((p, i) => {
    const out = outwards(face.frame, p);
    const at = inner[i]!;
    const t = face.material.thicknessMm;
    return [at[0] + out[0] * t, at[1] + out[1] * t, at[2] + out[2] * t] as const;
  });
  return [inner[0]!, inner[1]!, outer[1]!, outer[0]!].map((p): Point => [p[axis], p[2]]);
}

/** Cuts a shell through its middle. */
export function cutShell(shell: Shell, cut: Cut): Section {
  const axis = cut === "frontBack" ? 1 : 0;
  const faces: ShellFace["id"][] =
    cut === "frontBack" ? ["base", "top", "front", "back"] : ["base", "top", "left", "right"];
  const walls = faces
    .map((id) => shell.faces[id])
    .filter((face) => !face.open)
    .map(
      (face): SectionPiece => ({
        ...{ id: face.id, face: face.id, of: "wall", family: face.material.family },
        points: cutWall(face, axis),
      }),
    );
  const strips =
    cut === "frontBack"
      ? shell.strips
          .filter((s) => s.role !== "stile")
          .map(
            (s): SectionPiece => ({
              ...{ id: s.id, face: "front", of: "strip", family: s.material.family },
              points: block(s.backMm ?? 0, s.vMm, s.material.thicknessMm, s.heightMm),
            }),
          )
      : [];
  const pieces = [...walls, ...strips, ...cutTray(shell, cut), ...cutFloor(shell, cut), ...cutFound(shell, cut)];
  return { walls: pieces, levels: levelLines(shell) };
}

/** A rectangle of a section from its lower left corner. */
const block = (across: number, up: number, wide: number, high: number): Point[] => [
  [across, up],
  [across + wide, up],
  [across + wide, up + high],
  [across, up + high],
];

/** The second floor on the base. */
function cutFloor({ secondFloor, inside }: Shell, cut: Cut): SectionPiece[] {
  if (!secondFloor) return [];
  const { thicknessMm, lengthMm, widthMm, family } = secondFloor;
  const [room, across] = cut === "frontBack" ? [inside.depthMm, widthMm] : [inside.widthMm, lengthMm];
  const points = block((room - across) / 2, 0, across, thicknessMm);
  return [{ id: "floor", face: "base", of: "tray", family, points }];
}

/** How thick a screen is drawn, mm: its frame, not its wire. */
const SCREEN_MM = 4;

/** Doors over an open front, screens in the top, and a background that came with the shell. */
function cutFound(shell: Shell, cut: Cut): SectionPiece[] {
  const { doors, faces, gaps, lining, inside } = shell;
  const pieces: SectionPiece[] = [];
  const leaf = doors?.leaves[0];
  if (cut === "frontBack" && doors && leaf && faces.front.open)
    pieces.push({
      ...{ id: "door", face: "front", of: "door", family: "glass" },
      points: block(-doors.thicknessMm, leaf.vMm, doors.thicknessMm, leaf.heightMm),
    });
  for (const { id, face, vent, at } of gaps)
    if (vent && face === "top")
      for (const rect of at)
        pieces.push({
          ...{ id, face, of: "screen", family: "steel" },
          points:
            cut === "frontBack"
              ? block(rect.vMm, inside.heightMm, rect.heightMm, SCREEN_MM)
              : block(rect.uMm, inside.heightMm, rect.widthMm, SCREEN_MM),
        });
  if (lining?.face === "back" && cut === "frontBack")
    pieces.push({
      ...{ id: "lining", face: "back", of: "lining", family: "xps" },
      points: block(inside.depthMm - lining.depthMm, 0, lining.depthMm - lining.gapMm, inside.heightMm),
    });
  return pieces;
}

/** The tray's base and the two walls the section cuts. */
function cutTray({ tray, inside }: Shell, cut: Cut): SectionPiece[] {
  if (!tray) return [];
  const [room, length] = cut === "frontBack" ? [inside.depthMm, tray.depthMm] : [inside.widthMm, tray.widthMm];
  const start = (room - length) / 2;
  const { glassMm, heightMm } = tray;
  const box = (id: string, across: number, up: number, wide: number, high: number): SectionPiece => ({
    ...{ id, face: "base", of: "tray", family: "glass" },
    points: block(across, up, wide, high),
  });
  return [
    box("tray-base", start, 0, length, glassMm),
    box("tray-wall-1", start, glassMm, glassMm, heightMm - glassMm),
    box("tray-wall-2", start + length - glassMm, glassMm, glassMm, heightMm - glassMm),
  ];
}

/** The vertical stack from the floor up; what is not there is left out. */
export function levelLines({ levels, faces, legsMm, openings: [opening], strips }: Shell): LevelLine[] {
  const line = (id: LevelLine["id"], label: string, zMm: number): LevelLine => ({ id, label, zMm });
  const sloped = Math.abs(levels.groundFrontMm - levels.groundMm) > 0.5;
  const hasDam = strips.some((s) => s.role === "dam") || (levels.damTopMm > 0 && levels.damTopMm < levels.topMm);
  return [
    line("floor", "floor", -faces.base.material.thicknessMm - legsMm),
    line("base", "inside of the base", 0),
    ...(levels.drainMm > 0 ? [line("drain", "drainage layer", levels.drainMm)] : []),
    ...(levels.groundMm > 0 ? [line("ground", sloped ? "substrate, back" : "substrate", levels.groundMm)] : []),
    ...(sloped ? [line("groundFront", "substrate, front", levels.groundFrontMm)] : []),
    ...(levels.waterMm > 0 ? [line("water", "water line", levels.waterMm)] : []),
    ...(hasDam ? [line("dam", "dam", levels.damTopMm)] : []),
    ...(opening.face === "front" && levels.openingLowMm > levels.damTopMm
      ? [line("doorFoot", "foot of the doors", levels.openingLowMm)]
      : []),
    ...(opening.face === "front" && levels.openingHighMm < levels.topMm
      ? [line("doorHead", "head of the doors", levels.openingHighMm)]
      : []),
    line("top", opening.face === "top" ? "rim" : "top, inside", levels.topMm),
  ];
}
