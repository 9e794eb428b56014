import type { StageInfo } from "../trade/stage";

export const shellStage: StageInfo = { id: "shell", key: "2", label: "Shell", group: "design" };
export const airStage: StageInfo = { id: "air", key: "5", label: "Air", group: "design" };
export const frontStage: StageInfo = { id: "front", key: "4", label: "Front & lid", group: "design" };
