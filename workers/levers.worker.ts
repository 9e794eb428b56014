import { expose } from "comlink";
import { type LeverSearch, searching } from "#core/levers/search";
import type { PlanInput } from "#core/plan";

const door = {
  /** Looks for what would bring the air into its band, and tells what is known after each lever. */
  async search(input: PlanInput, tell: (known: LeverSearch) => Promise<void>): Promise<void> {
    for (const known of searching(input)) await tell(known);
  },
};
export type LeversDoor = typeof door;

expose(door);
