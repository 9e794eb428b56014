import { ofKind } from "../../log/ofKind";
import type { Log } from "../../log/schema";
import { standing } from "../../log/standing";
import type { PlacedPart } from "../nest/format";
import { type Piece, piecesAfter, samePlace, trimmed } from "./pieces";
import { type CutEvent, isCutEvent, type LaidSheet } from "./schema";

/** A sheet at the saw, as the log leaves it. */
export interface BenchSheet extends LaidSheet {
  /** Places in `cuts` of those made, in the order they were made. */
  cutsMade: number[];
  /** What the sheet is in now, without what went to the rack. */
  pieces: Piece[];
  /** Whether it is only kept as it is drawn, and no saw was near it yet. */
  pinned: boolean;
  /** Whether a part came out wrong since it was laid up: what is left is then to be nested anew. */
  astray: boolean;
}

/** One event of a sheet at the saw; what does not fit the sheet as it is changes nothing. */
function step(
  sheet: BenchSheet,
  event: Exclude<CutEvent, { kind: "sheet-laid" | "sheet-pinned" | "taken-back" }>,
): void {
  switch (event.kind) {
    case "cut-made": {
      const cut = sheet.cuts[event.cut];
      if (!cut || sheet.cutsMade.includes(event.cut)) return;
      sheet.cutsMade.push(event.cut);
      sheet.pieces = piecesAfter(sheet.pieces, [cut], sheet.kerf);
      return;
    }
    case "part-spoiled": {
      const place = { x: event.x, y: event.y };
      sheet.parts = sheet.parts.filter((p) => !samePlace(p, place));
      sheet.pieces = sheet.pieces.flatMap((p) => {
        if (!samePlace(p, place)) return [p];
        const [w, h] = [Math.min(p.w, event.leftW), Math.min(p.h, event.leftH)];
        return w > 0 && h > 0 ? [{ ...place, w, h }] : [];
      });
      sheet.astray = true;
      return;
    }
    case "piece-racked":
      sheet.pieces = sheet.pieces.filter((p) => !samePlace(p, event));
  }
}

/** When the last cut that stands was made; undefined before the first. */
export const lastCutAt = (log: Log): string | undefined => ofKind(log, "cut-made").at(-1)?.at;

/** The sheets at the saw, in the order they were first laid. */
export function sheetsAtSaw(log: Log): BenchSheet[] {
  const sheets = new Map<string, BenchSheet>();
  for (const { event } of standing(log)) {
    if (!isCutEvent(event) || event.kind === "taken-back") continue;
    if (event.kind === "sheet-laid" || event.kind === "sheet-pinned") {
      const { sheet } = event;
      const pieces = sheets.get(sheet.id)?.pieces ?? [trimmed(sheet.stock)];
      const cutsMade = sheet.cuts.slice(0, sheet.made).map((_, i) => i);
      const pinned = event.kind === "sheet-pinned";
      if (pinned && sheet.parts.length === 0 && cutsMade.length === 0) {
        sheets.delete(sheet.id);
        continue;
      }
      sheets.set(sheet.id, {
        ...sheet,
        parts: [...sheet.parts] as PlacedPart[],
        cutsMade,
        pieces,
        pinned,
        astray: false,
      });
    } else {
      const sheet = sheets.get(event.sheet);
      if (sheet) step(sheet, event);
    }
  }
  return [...sheets.values()];
}
