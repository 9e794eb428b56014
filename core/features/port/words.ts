import type { Port } from "./schema";

/** What passes a port, how it is closed round it, and the fitting of the book that does; null where it is not counted. */
export const PORT_WORDS: Record<Port["use"], { words: string; cover: string; fitting: string | null }> = {
  cable: { words: "cable port", cover: "grommet round the cable", fitting: "grommet" },
  probe: { words: "probe port", cover: "grommet round the probe", fitting: "grommet" },
  tube: { words: "tube port", cover: "tube, flush inside", fitting: null },
  drain: { words: "drain", cover: "bulkhead fitting, sealed both sides", fitting: "bulkhead" },
  nozzle: { words: "mist nozzle", cover: "nozzle's own seal", fitting: null },
};
