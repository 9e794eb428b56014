import { emptyLedger, type Step, type TradeLedger } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import { cutStep } from "../cutStep";
import { featureName } from "../feature";
import type { Port } from "./schema";
import { tubeHole } from "./tubeHole";
import { planTubes } from "./tubes";
import { PORT_WORDS } from "./words";

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
