import { WATER } from "../figures/water";
import type { Facts } from "../ledgers/facts";
import { fact } from "../ledgers/facts";
import { emptyLedger, type TradeLedger } from "../ledgers/ledger";
import { MASS } from "../ledgers/masses";
import { gatherNeeds } from "../ledgers/needs";
import { BULK } from "../passing/facts";
import { SPLIT_MET } from "../seal/facts";
import { SIZE_LIMIT_MM } from "../shell/limits";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { POOLS, SHARED_LITRES } from "./facts";
import { conditionerFigure, poolFigures, vesselFigures } from "./figures";
import { VESSEL_OF } from "./kinds";
import { poolSnags } from "./rules/pool";
import { vesselSnags } from "./rules/vessel";
import type { Vessel } from "./schema";
import { highMm } from "./sizes";
import { vesselsOf } from "./split";
import { vesselNeeds, vesselSteps } from "./steps";
import { vesselLitres } from "./water";

/** What a vessel weighs empty, kg: a box of its stuff as thick as its wall. */
function emptyKg({ width, length, wall, depth, round, of }: Vessel): number {
  const share = round ? Math.PI / 4 : 1;
  const foot = share * width.value * length.value;
  const sides = (round ? Math.PI / 2 : 2) * (width.value + length.value) * depth.value;
  return ((foot + sides) * wall.value * VESSEL_OF[of].kgPerM3) / 1e9;
}

/** Dishes, pails, tubs and pools: what they hold, how long they last, and who gets out of them. */
function planVessels(site: Site, facts: Facts): TradeLedger {
  const { vessels } = site.variant;
  if (vessels.length === 0) return emptyLedger();
  const holds = facts.all(POOLS);
  const own = vesselsOf(vessels);
  const ownL = own.reduce((sum, x) => sum + vesselLitres(x), 0);
  const shared = facts.one(SHARED_LITRES) ?? 0;
  const gathered = gatherNeeds(site.book, "vessels", vesselNeeds(site, shared + ownL));
  const zinc = own.filter((x) => VESSEL_OF[x.of].zinc);
  const kg = own.reduce((sum, x) => sum + emptyKg(x) + (vesselLitres(x) * WATER.value) / 1000, 0);
  return {
    ...emptyLedger(),
    supplies: gathered.supplies,
    steps: vesselSteps(site, shared + ownL),
    snags: vessels.flatMap((x, i) => {
      const path = site.at(`/vessels/${i}`);
      return x.kind === "pool" ? poolSnags(site, x, path) : vesselSnags(site, x, path);
    }),
    figures: [
      ...vessels.flatMap((x) => {
        if (x.kind !== "pool") return vesselFigures(site, x);
        const held = holds.find((h) => h.id === x.id);
        return held ? poolFigures(site, x, held) : [];
      }),
      conditionerFigure(shared, ownL),
      ...gathered.figures,
    ],
    facts: [
      ...(kg > 0 ? [fact(MASS, { when: "filled" as const, kg })] : []),
      ...zinc.map((x) => fact(SPLIT_MET, { split: "zinc" as const, because: `${x.name} is galvanised` })),
      ...own.map((x) =>
        fact(BULK, {
          ...{ id: x.id, words: x.name, stage: "ground", instead: [] },
          sizesMm: [x.width.value, x.length.value, highMm(x)] as const,
        }),
      ),
    ],
  };
}

export const vesselsTrade: Trade = {
  id: "vessels",
  stage: { id: "ground", key: "3", label: "Water & substrate", group: "design" },
  reads: ["vessels", "dividers", "ground", "seal", "shell"],
  needs: [POOLS, SHARED_LITRES],
  gives: [MASS, SPLIT_MET, BULK],
  check({ vessels }, { between, add }) {
    vessels.forEach((x, i) => {
      const path = `/vessels/${i}`;
      const size = (at: "width" | "length", what: string) =>
        between(`${path}/${at}`, x[at], 20, SIZE_LIMIT_MM.high, what);
      size("width", `${x.name}, its width,`);
      size("length", `${x.name}, front to back,`);
      between(`${path}/u`, x.u, 0, SIZE_LIMIT_MM.high, "Its middle");
      between(`${path}/v`, x.v, 0, SIZE_LIMIT_MM.high, "Its middle");
      if (x.ramp.value < 5 || x.ramp.value > 85)
        add(`${path}/ramp`, `A ramp: ${x.ramp.typed} cannot be right. Type between 5 and 85 degrees.`);
      if (x.kind === "pool") return;
      between(`${path}/wall`, x.wall, 0.1, 100, "How thick it is");
      between(`${path}/depth`, x.depth, 1, 1000, "How deep it is");
      between(`${path}/filled`, x.filled, 0, 1000, "How deep it is filled");
      between(`${path}/rim`, x.rim, -1000, 1000, "Its rim");
      if (2 * x.wall.value >= Math.min(x.width.value, x.length.value))
        add(`${path}/wall`, `${x.name}: its walls leave no room inside. Type how thick one wall is.`);
      if (x.awayDays.value < 0 || x.awayDays.value > 365)
        add(`${path}/awayDays`, `${x.awayDays.typed} days away cannot be right. Type between 0 and 365.`);
      if (x.coats && (x.coats.value < 0 || x.coats.value > 10)) add(`${path}/coats`, "Type up to ten coats.");
      if (x.drunk && (x.drunk.value < 0 || x.drunk.value > 20_000))
        add(`${path}/drunk`, `${x.drunk.typed} mL a day cannot be right. Type between 0 and 20000.`);
    });
  },
  plan: (site, { facts }) => planVessels(site, facts),
};
