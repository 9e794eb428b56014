import { ceil, floor, over, same, under } from "../units/tolerance";
/** Pieces of one size on one face, mm. */
export interface SlipJob {
  /** The face's own width, and the height to be covered. */
  faceWidthMm: number;
  faceHeightMm: number;
  widthMm: number;
  heightMm: number;
  /** Joint wanted between pieces. */
  jointMm: number;
  /** Left free at either side, and at foot and head. */
  edgeMm: number;
  bond: "stack" | "running";
  /** Share of pieces that break or are spoiled, 0 to 1. */
  breakage: number;
  /** How many there are; null when as many are bought as it takes. */
  onHand: number | null;
}

/** A laid-out face. Places are of each piece's lower left corner, mm from the face's. */
export interface SlipLayout {
  columns: number;
  rows: number;
  jointAcrossMm: number;
  jointUpMm: number;
  pieces: { uMm: number; vMm: number; widthMm: number; half: boolean }[];
  whole: number;
  halves: number;
  /** Pieces it takes, a halved one giving both its halves. */
  takes: number;
  /** With breakage. */
  needed: number;
  /** What is over of those on hand; null where none were counted. */
  left: number | null;
}

/** Joints under this cannot be pointed, over that they gape, mm: from memory. */
const JOINT_MM = { least: 1, most: 40 } as const;

/**
 * Equal joints for n pieces in a row: (W − n·w − 2·edge) ÷ (n − 1).
 * @returns the joint, mm; undefined where the pieces do not fit, or one alone leaves nothing to divide by
 */
export function jointFor(roomMm: number, pieceMm: number, n: number): number | undefined {
  if (n < 1 || over(n * pieceMm, roomMm)) return undefined;
  return n === 1 ? 0 : (roomMm - n * pieceMm) / (n - 1);
}

/** The number of pieces in a row whose equal joint comes nearest the one wanted; 0 where not one fits. */
export function countFor(roomMm: number, pieceMm: number, jointMm: number): number {
  const most = floor((roomMm + JOINT_MM.least) / (pieceMm + JOINT_MM.least));
  let best = 0;
  let nearest = Number.POSITIVE_INFINITY;
  for (let n = 1; n <= Math.max(most, Math.floor(roomMm / pieceMm) > 0 ? 1 : 0); n++) {
    const joint = jointFor(roomMm, pieceMm, n);
    // One alone has no joint: what it leaves free is to be as small as may be.
    const off = joint === undefined ? Infinity : n === 1 ? roomMm - pieceMm : Math.abs(joint - jointMm);
    if (under(off, nearest)) {
      nearest = off;
      best = n;
    }
  }
  return best;
}

/**
 * Lays a face out in rows of equal joints. Without a count, at the joint nearest the one wanted; with one, at the joints
 * nearest it that the pieces on hand reach. In a running bond every other row is shifted by half a piece, with a half at
 * either end: (w − joint) ÷ 2.
 * @returns the layout; undefined where not one piece fits, or too few are on hand for any joint that could be pointed
 */
export function layOut(job: SlipJob): SlipLayout | undefined {
  const roomAcross = job.faceWidthMm - 2 * job.edgeMm;
  const roomUp = job.faceHeightMm - 2 * job.edgeMm;
  const usable = job.onHand === null ? Infinity : floor(job.onHand / (1 + job.breakage));
  const grid = chooseGrid(job, roomAcross, roomUp, usable);
  if (!grid) return undefined;
  const { columns, rows, across, up } = grid;
  const pieces: SlipLayout["pieces"] = [];
  const halfMm = (job.widthMm - across) / 2;
  for (let row = 0; row < rows; row++) {
    const vMm = job.edgeMm + row * (job.heightMm + up);
    const shifted = job.bond === "running" && row % 2 === 1 && columns > 1 && halfMm > 0;
    if (!shifted) {
      for (let c = 0; c < columns; c++)
        pieces.push({ uMm: job.edgeMm + c * (job.widthMm + across), vMm, widthMm: job.widthMm, half: false });
      continue;
    }
    pieces.push({ uMm: job.edgeMm, vMm, widthMm: halfMm, half: true });
    for (let c = 0; c < columns - 1; c++)
      pieces.push({
        uMm: job.edgeMm + halfMm + across + c * (job.widthMm + across),
        vMm,
        widthMm: job.widthMm,
        half: false,
      });
    pieces.push({ uMm: job.edgeMm + roomAcross - halfMm, vMm, widthMm: halfMm, half: true });
  }
  const halves = pieces.filter((p) => p.half).length;
  const whole = pieces.length - halves;
  const takes = whole + Math.ceil(halves / 2);
  const needed = ceil(takes * (1 + job.breakage));
  return {
    ...{ columns, rows, jointAcrossMm: across, jointUpMm: up, pieces, whole, halves, takes, needed },
    left: job.onHand === null ? null : job.onHand - needed,
  };
}

/** Columns and rows whose joints come nearest the one wanted, of those that the usable pieces reach. */
function chooseGrid(job: SlipJob, roomAcross: number, roomUp: number, usable: number) {
  const wantedColumns = countFor(roomAcross, job.widthMm, job.jointMm);
  const wantedRows = countFor(roomUp, job.heightMm, job.jointMm);
  let best: { columns: number; rows: number; across: number; up: number; off: number } | undefined;
  for (let columns = 1; columns <= wantedColumns; columns++)
    for (let rows = 1; rows <= wantedRows; rows++) {
      if (columns * rows > usable) continue;
      const across = jointFor(roomAcross, job.widthMm, columns)!;
      const up = jointFor(roomUp, job.heightMm, rows)!;
      // A piece alone has no joint; what it leaves free counts as one.
      const gaps = [
        columns === 1 ? roomAcross - job.widthMm : across,
        rows === 1 ? roomUp - job.heightMm : up,
      ] as const;
      if (Math.max(...gaps) > JOINT_MM.most && !(columns === wantedColumns && rows === wantedRows)) continue;
      const off = Math.abs(gaps[0] - job.jointMm) + Math.abs(gaps[1] - job.jointMm);
      if (!best || under(off, best.off) || (same(off, best.off) && columns * rows > best.columns * best.rows))
        best = { columns, rows, across, up, off };
    }
  return best;
}
