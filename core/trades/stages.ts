import { benchStage } from "../bench/stage";
import { buyingStage } from "../buying/stage";
import { diaryStage } from "../diary/stage";
import type { StageInfo } from "../trade/stage";
import { TRADES } from "./list";

const ORDER = { design: 0, after: 1 } as const;

/** Every stage there is, in the order decisions bind one another: those of the trades, then what follows from them. */
export const STAGES: readonly StageInfo[] = [
  ...new Map([...TRADES.map((t) => t.stage), buyingStage, diaryStage, benchStage].map((s) => [s.id, s])).values(),
].sort((a, b) => ORDER[a.group] - ORDER[b.group] || a.key.localeCompare(b.key));
