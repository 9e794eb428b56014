import type { Stage } from "../../core/ledgers/ledger";

/** The stages in the order decisions bind one another, with the key that jumps there. Keys of stages to come are kept free. */
export const STAGES: readonly { id: Stage; screen: string; key: string; label: string; group: 1 | 2 }[] = [
  { id: "brief", screen: "BriefStage", key: "1", label: "Brief", group: 1 },
  { id: "shell", screen: "ShellStage", key: "2", label: "Shell", group: 1 },
  { id: "ground", screen: "GroundStage", key: "3", label: "Water & ground", group: 1 },
  { id: "front", screen: "FrontStage", key: "4", label: "Front & lid", group: 1 },
  { id: "air", screen: "AirStage", key: "5", label: "Air", group: 1 },
  { id: "seal", screen: "SealStage", key: "7", label: "Seal", group: 1 },
  { id: "background", screen: "BackgroundStage", key: "8", label: "Background", group: 1 },
  { id: "cuts", screen: "CutsStage", key: "9", label: "Cuts", group: 1 },
  { id: "buying", screen: "BuyingStage", key: "b", label: "Buying", group: 2 },
  { id: "diary", screen: "DiaryStage", key: "d", label: "Diary", group: 2 },
];

/** Keys that already mean a stage which is not built yet. */
export const RESERVED_KEYS: Readonly<Record<string, string>> = {
  "6": "Fixtures",
  l: "Bench log",
  v: "Variants",
};
