import type { PackCount } from "../materials/packs";

/** One thing to buy: whole packs, likely and safe. Costs are null while a price is missing. */
export interface BuyLine {
  id: string;
  label: string;
  materialId: string;
  need: string;
  likely: PackCount[];
  safe: PackCount[];
  likelyMinor: number | null;
  safeMinor: number | null;
  /** Odds, 0–1, that the likely count is enough; 1 where nothing is uncertain. */
  odds: number;
  onHand: string;
  /** What was bought for this build and what of it is used, in words; left out while there is none. */
  bought?: string;
  used?: string;
  /** Nothing more is to be bought of it: bought, used, or what it was for is done. */
  over?: true;
  /** Whether what is bought lies on the shelf by the amount, or is cut to size for this build. */
  shelf: boolean;
  figure?: string;
}
