import type { Book } from "../../materials/schema";
import type { GlassPane, OwnPane, Panel, Seam, SecondFloor, Solid, Strip } from "../shell";
import type { Size3 } from "../size";
import { layDam, layFloor } from "./lay";
import type { DamAndFloor } from "./schema";
import type { Shelf } from "./stuff";

/** A dam and a second floor as they will stand, for the shell that has them. */
export interface Standing {
  strips: Strip[];
  seams: Seam[];
  solids: Solid[];
  panels: Panel[];
  ownPanes: OwnPane[];
  glassPanes: GlassPane[];
  secondFloor: SecondFloor | null;
  /** The dam's top, above the inside of the base, mm; 0 without one. */
  topMm: number;
}

/**
 * Sets up what of a dam and a second floor a shell has.
 * @param behindMm how far behind the inside of the front the dam stands, mm
 */
export function standDam(
  { dam, floor }: DamAndFloor,
  shelves: readonly Shelf[],
  book: Book,
  inside: Size3,
  behindMm = 0,
): Standing {
  const lying = floor ? layFloor(floor, shelves, book, inside) : undefined;
  const secondFloor = lying?.secondFloor ?? null;
  const laid = dam ? layDam(dam, shelves, book, inside, secondFloor?.thicknessMm ?? 0, behindMm) : undefined;
  const both = [laid, lying].filter((p) => p !== undefined);
  return {
    strips: laid ? [laid.strip] : [],
    seams: lying?.seams ?? [],
    solids: both.map((p) => p.solid),
    panels: both.flatMap((p) => p.panels),
    ownPanes: both.flatMap((p) => p.ownPanes),
    glassPanes: both.flatMap((p) => p.glassPanes),
    secondFloor,
    topMm: laid ? laid.strip.vMm + laid.strip.heightMm : 0,
  };
}
