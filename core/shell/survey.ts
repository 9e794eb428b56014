/** One thing the survey asks. `arrow` is where the tape runs on the drawing, as `x,y x,y`. */
export interface SurveyField {
  path: string;
  label: string;
  ask: "length" | "plain" | "volume" | "choice" | "tick" | "count" | "sheet" | "board" | "mesh";
  optional?: boolean;
  suffix?: string;
  hint?: string;
  /** What an empty optional field stands for. */
  empty?: string;
  options?: readonly (readonly [string, string])[];
  arrow?: string;
  /** Asked only while another place has this value, or one of these. */
  when?: { path: string; is: unknown };
  /** For counts: the least and the most. */
  min?: number;
  max?: number;
}

/**
 * What the builder is asked, following the tape round the thing, with a small drawing of it: lines as `x,y x,y …`,
 * 0–100 across and 0–75 down.
 */
export interface Survey {
  drawing: readonly string[];
  groups: readonly { title: string; fields: readonly SurveyField[] }[];
  /** What a new build asks first, each a length with an example. */
  first: readonly { path: string; label: string; example: string }[];
}
