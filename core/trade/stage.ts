/** A stage of a build as it is listed: its key, and whether it is designed there or follows from the design. */
export interface StageInfo {
  id: string;
  key: string;
  label: string;
  group: "design" | "after";
}
