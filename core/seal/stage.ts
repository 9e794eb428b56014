import type { StageInfo } from "../trade/stage";

export const sealStage: StageInfo = { id: "seal", key: "7", label: "Seal", group: "design" };
