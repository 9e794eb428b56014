import type { StageInfo } from "../trade/stage";

export const diaryStage: StageInfo = { id: "diary", key: "d", label: "Diary", group: "after" };
