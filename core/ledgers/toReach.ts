import { factKey } from "./facts";

/** What must be reached past what is glued: whether a cable or a hose of it is laid in a wall. */
export interface ToReach {
  name: string;
  routed: boolean;
}
/** Told by whoever puts in what must be seen to. */
export const TO_REACH = factKey<ToReach[]>("toReach");
