import { factKey } from "./facts";

/** Something that must be reached while animals live there, and by which way. */
export interface ServiceEntry {
  id: string;
  label: string;
  way: string;
}

/** Told by whoever puts in what must be seen to. */
export const REACHED = factKey<ServiceEntry[]>("reached");
