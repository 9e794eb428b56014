import { factKey } from "../../ledgers/facts";
import type { WalkStop } from "./walk";

/** Every gap to be tried, and how the last try went. */
export const WALK = factKey<WalkStop[]>("walk");
