import type { StageInfo } from "../trade/stage";

export const cutsStage: StageInfo = { id: "cuts", key: "9", label: "Cuts", group: "design" };
