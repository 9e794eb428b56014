import { createContext } from "react-router";
import type { Result } from "#core/units/result";

/** A device that was let in, and when; ms since 1970. */
export interface LetIn {
  sinceMs: number;
}

/** How the workshop stands open to devices on its network. */
export interface AwayStatus {
  /** Where this machine can be reached from its network, the machine itself last. */
  addresses: string[];
  /** Open until then, on that address; null while it is closed. */
  open: { origin: string; build: string; untilMs: number; devices: LetIn[] } | null;
}

/** A one-time code, and the address that redeems it. */
export interface OneTimeCode {
  code: string;
  url: string;
  goodUntilMs: number;
}

/** Lets devices of the workshop's own network onto one build's bench: only when the builder says so, and for how long. */
export interface Away {
  status: () => AwayStatus;
  /**
   * Listens on an address of this machine, for one build.
   * @returns how it then stands, or why it cannot
   */
  openOn: (address: string, build: string, minutes: number) => Promise<Result<AwayStatus>>;
  /** A code for one more device; undefined while it is closed. */
  newCode: () => OneTimeCode | undefined;
  /** Stops listening; every device is let out. */
  close: () => Promise<void>;
}

/** Whether the request is from a device that was let in from the network. */
export const guestContext = createContext(false);

/** How it is reached by routes; nothing for a device that was let in itself. */
export const awayContext = createContext<Away | null>(null);
