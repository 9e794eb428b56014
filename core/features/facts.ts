import { factKey } from "../ledgers/facts";

/** A hole that something is led through. */
export interface PortFact {
  id: string;
  name: string;
  boreMm: number;
  /** Where its bore is typed, in the build. */
  borePath: string;
  /** Water goes out by it. */
  drains: boolean;
}

/** Told by the features: every hole that a cable, a hose or water passes, in the order of the design. */
export const PORTS = factKey<PortFact[]>("ports");
