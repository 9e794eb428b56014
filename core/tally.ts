import type { BuyLedger } from "./buying/planBuying";
import type { SheetGroup } from "./cuts/sheets";
import { formatLocal } from "./design/localTime";
import type { DiaryLedger } from "./diary/planDiary";
import type { Step } from "./ledgers/ledger";
import { kgAt, type MassFact } from "./ledgers/masses";

/** The line at the foot of every screen. Dates are local, `2026-03-02T09:00`; null where nothing can be said. */
export interface Tally {
  currency: string;
  costLikelyMinor: number;
  costSafeMinor: number;
  unpriced: number;
  sheets: number;
  usedShare: number;
  massDryKg: number;
  massWetKg: number;
  handsOnMinutes: number;
  /** Hours of the day in which everyone's air is within its band, likely and to be safe; null where that is not known. */
  inBand: { likelyHours: number; safeHours: number | null } | null;
  nextWait: { title: string; minutes: number } | null;
  groundInAt: string | null;
  plantsInAt: string | null;
  residentsInAt: string | null;
}

/** Sums the ledgers up. */
export function tallyUp(ledgers: {
  masses: readonly MassFact[];
  steps: readonly Step[];
  groups: SheetGroup[];
  buying: BuyLedger;
  diary: DiaryLedger;
  currency: string;
  /** The air of the day in bands, where that is worked out. */
  inBand: Tally["inBand"];
}): Tally {
  const { masses, steps, groups, buying, diary } = ledgers;
  const sheets = groups.reduce((n, g) => n + g.sheets, 0);
  const waiting = diary.entries.map((e) => steps.find((s) => s.id === e.stepId)!).find((s) => s.waitMinutes > 0);
  const local = (minutes: number | null) => (minutes === null ? null : formatLocal(minutes));
  return {
    currency: ledgers.currency,
    costLikelyMinor: buying.wholeLikelyMinor,
    costSafeMinor: buying.wholeSafeMinor,
    unpriced: buying.unpriced,
    sheets,
    usedShare: sheets === 0 ? 0 : groups.reduce((n, g) => n + g.usedShare * g.sheets, 0) / sheets,
    massDryKg: kgAt(masses, "bare", "doors", "walls"),
    massWetKg: kgAt(masses, "bare", "doors", "walls", "filled"),
    handsOnMinutes: diary.handsOnMinutes,
    inBand: ledgers.inBand,
    nextWait: waiting ? { title: waiting.title, minutes: waiting.waitMinutes } : null,
    groundInAt: local(diary.groundInAt),
    plantsInAt: local(diary.plantsInAt),
    residentsInAt: local(diary.residentsInAt),
  };
}
