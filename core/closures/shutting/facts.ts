import { factKey } from "../../ledgers/facts";
import type { Shutting } from "./shutting";

/** How each door and lid was found after it was last shut. */
export const SHUTTING = factKey<Shutting[]>("shutting");
