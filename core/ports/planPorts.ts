import type { KeepOut, Port } from "../design/schema";
import { CAUTION, RATES } from "../diary/rates";
import { emptyLedger, type Step, type TradeLedger } from "../ledgers/ledger";
import type { Site } from "../ledgers/site";
import { cutStep } from "../placement/cutStep";
import { featureName } from "../shell/features";
import { tubeHole } from "./tubeHole";
import { planTubes } from "./tubes";

/** What passes a port, and how it is closed round it. */
export const PORT_WORDS: Record<Port["use"], { words: string; cover: string }> = {
  cable: { words: "cable port", cover: "grommet round the cable" },
  probe: { words: "probe port", cover: "grommet round the probe" },
  tube: { words: "tube port", cover: "tube, flush inside" },
  drain: { words: "drain", cover: "bulkhead fitting, sealed both sides" },
  nozzle: { words: "mist nozzle", cover: "nozzle's own seal" },
};

export const KEEP_OUT_WORDS: Record<KeepOut["use"], string> = {
  heatMat: "heat mat: no foam, nothing over it",
  window: "window: mask it before any coat",
  lamp: "lamp clearance",
  doorSwing: "door swing",
};

/** Ports are drilled with the vents, before coats, beads and the water test. */
export function planPorts(site: Site): TradeLedger {
  const ports = site.variant.features.filter((f): f is Port => f.kind === "port");
  return {
    ...emptyLedger(),
    ...planTubes(site),
    steps: ports.map((port): Step => {
      const name = featureName(port);
      const { words, cover } = PORT_WORDS[port.use];
      const own = cutStep(site, port, {
        title: `Drill the ${words}: ${name}`,
        detail: `${holeWords(site, port)} in the ${port.face}; then ${cover}. At most ${site.say(port.gap.value)} may stay open.`,
        stage: "shell",
        handsOnMinutes: RATES.holeSaw.value,
        toHand: ["step drill or hole saw", "backing board"],
        passSign: "Edges deburred; the fitting seats without force.",
      });
      return port.use === "cable" ? { ...own, cautions: [...own.cautions, CAUTION.waterPower] } : own;
    }),
  };
}

/** A round hole, or the oval a slanting tube needs. */
function holeWords({ say }: Site, { bore, tube }: Port): string {
  if (!tube) return `ø${say(bore.value)}`;
  const { longMm } = tubeHole(bore.value, tube.rise.value, tube.run.value);
  return `An oval ${say(bore.value)} wide and ${say(longMm)} high, from two holes filed together,`;
}
