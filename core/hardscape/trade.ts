import type { Measure } from "../design/basics";
import { readAt } from "../design/pointer";
import { fact } from "../ledgers/facts";
import { emptyLedger, type TradeLedger } from "../ledgers/ledger";
import { MASS } from "../ledgers/masses";
import { gatherNeeds } from "../ledgers/needs";
import { BULK, type Bulk } from "../passing/facts";
import { SIZE_LIMIT_MM } from "../shell/limits";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { pieceFigures, topFigure } from "./figures";
import { weightOf } from "./mass";
import { pieceSnags } from "./rules/list";
import type { Piece } from "./schema";
import { shapeOf } from "./shapes/list";
import { pieceNeeds, pieceSteps } from "./steps";

/** A piece as it goes in through an opening. */
const bulkOf = (piece: Piece): Bulk => ({
  id: piece.id,
  words: piece.name,
  stage: "ground",
  instead: [],
  sizesMm: shapeOf(piece).sizesMm(piece),
});

/** Wood, cork and stone on the floor and from wall to wall: what they weigh, what bears them, and in what order they go in. */
function planHardscape(site: Site): TradeLedger {
  const pieces = site.variant.hardscape;
  if (pieces.length === 0) return emptyLedger();
  const gathered = gatherNeeds(site.book, "hardscape", pieceNeeds(site, pieces));
  const kg = pieces.reduce((sum, p) => sum + weightOf(p).kg, 0);
  return {
    ...emptyLedger(),
    supplies: gathered.supplies,
    steps: pieceSteps(site, pieces),
    snags: pieces.flatMap((piece, i) => {
      const path = site.at(`/hardscape/${i}`);
      return pieceSnags(site, piece, path);
    }),
    figures: [...pieces.flatMap((p) => [...pieceFigures(p), topFigure(site, p)]), ...gathered.figures],
    facts: [fact(MASS, { when: "filled", kg }), ...pieces.map((piece) => fact(BULK, bulkOf(piece)))],
  };
}

export const hardscapeTrade: Trade = {
  id: "hardscape",
  stage: { id: "ground", key: "3", label: "Water & substrate", group: "design" },
  reads: ["hardscape", "background", "ground", "seal", "shell"],
  needs: [],
  gives: [BULK, MASS],
  check({ hardscape }, { between, add }) {
    hardscape.forEach((piece, i) => {
      const path = `/hardscape/${i}`;
      const size = (at: string, measure: Piece["width"], what: string) =>
        between(`${path}/${at}`, measure, 1, SIZE_LIMIT_MM.high, what);
      size("width", piece.width, "How far it goes across");
      size("length", piece.length, "How far it goes back");
      if (piece.mass && (piece.mass.value <= 0 || piece.mass.value > 500))
        add(`${path}/mass`, `${piece.name} weighs between 0.01 and 500 kg; weigh it on a bathroom scale.`);
      if (piece.hollow) size("hollow/bore", piece.hollow.bore, "Its bore");
      for (const { at, what, leastMm } of shapeOf(piece).sized)
        between(`${path}/${at}`, readAt(piece, `/${at}`) as Measure, leastMm, SIZE_LIMIT_MM.high, what);
    });
  },
  plan: planHardscape,
};
