import { shellStage } from "../features/stages";
import { emptyLedger, type TradeLedger } from "../ledgers/ledger";
import { kgAt, MASS, type MassFact } from "../ledgers/masses";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { loadFigure, sagFigure } from "./figures";
import { bentUnder, bracketsAt, leastSag, placesMm, type Shelf, type Standing } from "./order";
import type { Stand } from "./schema";
import { bracketSnag, orderSnag, sagSnag, widthSnag } from "./snags";
import { BOARDS } from "./stuffs";

/** Boxes on one shelf: how it bends, what its brackets bear, and who had better stand where. */
function planStand(site: Site, masses: readonly MassFact[]): TradeLedger {
  const { stand } = site.variant;
  if (!stand) return emptyLedger();
  const shelf = shelfOf(stand);
  const filledKg = kgAt(masses, "bare", "walls", "doors", "filled");
  const own: Standing = { name: "this shell", widthMm: site.shell.outside.widthMm, kg: filledKg };
  const row = rowOf(stand, own);
  const placed = placedMm(stand, shelf, row);
  const now = bentUnder(shelf, row, placed);
  const { order, fromMm } = leastSag(shelf, row);
  const best = order.map((i) => row[i]!);
  const least = bentUnder(shelf, best, fromMm);
  const figures = [sagFigure(site, stand, row, now.sagMm), loadFigure(site, shelf, now.reactionsN)];
  return {
    ...emptyLedger(),
    figures,
    snags: [
      ...orderSnag(site, stand, own, { row, best, fromMm }, now.sagMm, least.sagMm),
      ...sagSnag(site, shelf, Math.min(now.sagMm, least.sagMm)),
      ...bracketSnag(site, stand, Math.max(...now.reactionsN)),
      ...widthSnag(site, stand, row, placed),
    ],
  };
}

const shelfOf = (stand: Stand): Shelf => ({
  lengthMm: stand.length.value,
  depthMm: stand.depth.value,
  thicknessMm: stand.thickness.value,
  elasticMPa: BOARDS[stand.board].elasticGPa.value * 1000,
  creep: BOARDS[stand.board].creep.value,
  bracketsMm: bracketsAt(stand.length.value, stand.brackets.count, stand.brackets.fromEnd.value),
});

/** Everything on the shelf from the left. */
function rowOf({ others, place }: Stand, own: Standing): Standing[] {
  const row = others.map(
    ({ name, width, kg }): Standing => ({ name, widthMm: Math.max(1, width.value), kg: kg.value }),
  );
  row.splice(Math.min(place, row.length), 0, own);
  return row;
}

/** Where each stands by what was typed, mm; spread out evenly where not all are. */
function placedMm({ others, place, at }: Stand, { lengthMm }: Shelf, row: readonly Standing[]): number[] {
  const typed = others.map((o) => o.at?.value);
  typed.splice(Math.min(place, typed.length), 0, at?.value);
  const all = typed.filter((mm) => mm !== undefined);
  return all.length === row.length ? all : placesMm(lengthMm, row);
}

export const standTrade: Trade = {
  id: "stand",
  stage: shellStage,
  reads: ["stand"],
  needs: [MASS],
  gives: [],
  check({ stand }, { between }) {
    if (!stand) return;
    between("/stand/length", stand.length, 200, 6000, "The shelf");
    between("/stand/depth", stand.depth, 50, 1500, "The shelf");
    between("/stand/thickness", stand.thickness, 4, 80, "The board");
    between(
      "/stand/brackets/fromEnd",
      stand.brackets.fromEnd,
      0,
      Math.max(0, stand.length.value / 3),
      "The outermost bracket",
    );
    between("/stand/brackets/carries", stand.brackets.carries, 1, 2000, "A bracket, in kg,");
    between("/stand/at", stand.at ?? null, 0, 6000, "Where it begins");
    stand.others.forEach((box, i) => {
      between(`/stand/others/${i}/at`, box.at ?? null, 0, 6000, "Where a box begins");
      between(`/stand/others/${i}/width`, box.width, 30, 3000, "A box's width");
      between(`/stand/others/${i}/kg`, box.kg, 0, 1000, "A box, in kg,");
    });
  },
  plan: (site, { facts }) => planStand(site, facts.all(MASS)),
};
