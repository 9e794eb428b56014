import type { StageInfo } from "../trade/stage";

export const buyingStage: StageInfo = { id: "buying", key: "b", label: "Buying", group: "after" };
