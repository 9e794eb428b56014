import type { Measure } from "../design/basics";
import { statedMm } from "../design/measure";
import type { Resident } from "./schema";

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
  needs: { length: null, width: null, height: null },
  reach: null,
  traits: { climbs: false, toePads: false, digs: false, wetSkin: false, eatsGround: false, wantsPrivacy: false },
  bands: { tempC: null, rh: null },
  note: CHECK,
  ...more,
});

/** A guess from memory, by a fifth either way. */
const about = (mm: number): Measure => ({
  ...statedMm(mm),
  how: "guessed",
  low: mm * 0.8,
  high: mm * 1.2,
});
const needs = (length: number, width: number, height: number): Resident["needs"] => ({
  length: about(length),
  width: about(width),
  height: about(height),
});
const traits = (...has: (keyof Resident["traits"])[]): Resident["traits"] => ({
  climbs: has.includes("climbs"),
  toePads: has.includes("toePads"),
  digs: has.includes("digs"),
  wetSkin: has.includes("wetSkin"),
  eatsGround: has.includes("eatsGround"),
  wantsPrivacy: has.includes("wantsPrivacy"),
});
const bands = (tempC: [number, number], rh: [number, number]): Resident["bands"] => ({
  tempC: { low: tempC[0], high: tempC[1] },
  rh: { low: rh[0], high: rh[1] },
});

/** Generic occupants to start from; every figure is from memory and meant to be overwritten. */
export const STARTER_RESIDENTS: readonly Resident[] = [
  starter("rosy-boa", "Rosy boa", "scaled", 14, {
    strong: true,
    groundDepth: statedMm(60),
    needs: needs(900, 450, 300),
    reach: about(400),
    traits: traits("digs", "wantsPrivacy"),
    uvZone: 1,
    basks: { low: 29, high: 33 },
    coolEnd: { low: 22, high: 25 },
    back: about(25),
    bands: bands([22, 32], [30, 50]),
  }),
  starter("mossy-frog", "Mossy frog", "softBodied", 9, {
    groundDepth: statedMm(60),
    needs: needs(600, 450, 500),
    traits: traits("climbs", "toePads", "wetSkin"),
    uvZone: 1,
    back: about(30),
    bands: bands([17, 25], [75, 100]),
  }),
  starter("grass-lizard", "Long-tailed grass lizard", "scaled", 5, {
    groundDepth: statedMm(60),
    needs: needs(600, 300, 450),
    traits: traits("climbs"),
    uvZone: 2,
    basks: { low: 30, high: 35 },
    coolEnd: { low: 22, high: 25 },
    back: about(15),
    bands: bands([20, 31], [55, 80]),
  }),
  starter("fire-salamander", "Fire salamander juvenile", "softBodied", 6, {
    groundDepth: statedMm(50),
    needs: needs(400, 250, 200),
    reach: about(120),
    traits: traits("digs", "wetSkin"),
    back: about(15),
    bands: bands([8, 20], [70, 100]),
  }),
  starter("spiny-mouse", "Spiny mouse", "scaled", 12, {
    groundDepth: statedMm(80),
    needs: needs(800, 400, 400),
    reach: about(500),
    traits: traits("climbs", "digs"),
    back: about(45),
    bands: bands([20, 28], [20, 50]),
  }),
  starter("carpenter-ant", "Carpenter ant", "hardBodied", 2, {
    traits: traits("climbs", "digs"),
    bands: bands([20, 28], [35, 70]),
  }),
  starter("hissing-roach", "Hissing roach nymph", "flattener", 4, {
    groundDepth: statedMm(40),
    needs: needs(400, 250, 250),
    traits: traits("climbs", "digs"),
    bands: bands([22, 31], [45, 75]),
  }),
  starter("stick-insect", "Stick insect nymph", "hardBodied", 3, {
    needs: needs(300, 300, 600),
    traits: traits("climbs"),
    bands: bands([18, 27], [50, 75]),
  }),
];
