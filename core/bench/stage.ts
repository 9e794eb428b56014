import type { StageInfo } from "../trade/stage";

export const benchStage: StageInfo = { id: "bench", key: "l", label: "Bench log", group: "after" };
