import { statedMm } from "../design/measure";
import type { Resident } from "../design/schema";

const CHECK = "From memory: check with a keeper's or a vet's reference, and measure your own animal.";

const starter = (
  id: string,
  name: string,
  body: Resident["body"],
  narrowestMm: number,
  more: Partial<Resident>,
): Resident => ({
  id,
  name,
  count: 1,
  body,
  narrowestRigid: {
    ...statedMm(narrowestMm),
    how: "guessed",
    low: narrowestMm * 0.75,
    high: narrowestMm * 1.25,
  },
  refusedGap: null,
  strong: false,
  dangerous: false,
  groundDepth: null,
  note: CHECK,
  ...more,
});

/** Generic occupants to start from; every figure is from memory and meant to be overwritten. */
export const STARTER_RESIDENTS: readonly Resident[] = [
  starter("rosy-boa", "Rosy boa", "scaled", 14, { strong: true, groundDepth: statedMm(60) }),
  starter("mossy-frog", "Mossy frog", "softBodied", 9, { groundDepth: statedMm(60) }),
  starter("grass-lizard", "Long-tailed grass lizard", "scaled", 5, { groundDepth: statedMm(60) }),
  starter("fire-salamander", "Fire salamander juvenile", "softBodied", 6, { groundDepth: statedMm(50) }),
  starter("spiny-mouse", "Spiny mouse", "scaled", 12, { groundDepth: statedMm(80) }),
  starter("carpenter-ant", "Carpenter ant", "hardBodied", 2, {}),
  starter("hissing-roach", "Hissing roach nymph", "flattener", 4, { groundDepth: statedMm(40) }),
];
