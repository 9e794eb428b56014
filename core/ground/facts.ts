import { factKey } from "../ledgers/facts";
import type { Fill } from "./mass";

/** What the shell is filled with, layer by layer. */
export const FILLS = factKey<Fill[]>("fills");
