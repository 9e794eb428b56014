import type { Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import type { Block, Branch, Piece } from "../schema";
import { endSnags } from "./ends";
import { barrierSnags, blockSnags, hideSnags } from "./foot";

/** What is judged of a shape alone: a foot, or two ends. */
const OWN: Record<Piece["shape"], (site: Site, piece: Piece, path: string) => Snag[]> = {
  block: (site, piece, path) => blockSnags(site, piece as Block, path),
  branch: (site, piece, path) => endSnags(site, piece as Branch, path),
};

/** Where a piece stands, what holds it, and what it does there. */
export const pieceSnags = (site: Site, piece: Piece, path: string): Snag[] => [
  ...OWN[piece.shape](site, piece, path),
  ...barrierSnags(site, piece, path),
  ...hideSnags(site, piece, path),
];
