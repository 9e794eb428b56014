import type { Port } from "./schema";

/** What passes a port, and how it is closed round it. */
export const PORT_WORDS: Record<Port["use"], { words: string; cover: string }> = {
  cable: { words: "cable port", cover: "grommet round the cable" },
  probe: { words: "probe port", cover: "grommet round the probe" },
  tube: { words: "tube port", cover: "tube, flush inside" },
  drain: { words: "drain", cover: "bulkhead fitting, sealed both sides" },
  nozzle: { words: "mist nozzle", cover: "nozzle's own seal" },
};
