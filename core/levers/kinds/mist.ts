import { statedMm } from "../../design/measure";
import { type Known, memory } from "../../figures/figure";
import { fixtureKind } from "../../fixtures/kinds/list";
import { siteFloor } from "../../ground/site";
import { set } from "../../ledgers/fix";
import { formatNumber } from "../../units/format";
import { type LeverKind, numberLever } from "../lever";

/** More than this on a square metre in a day is a flood, mL. From memory. */
const MOST_ML_PER_M2: Known = { value: 2500, basis: memory };

/** What is misted by hand in a day. Where nozzles mist they are the lever. */
export const mistByHand: LeverKind = (site) => {
  const { ground, fixtures } = site.variant;
  if (fixtures.some((f) => fixtureKind(f).mistsMlADay)) return [];
  const now = ground.misting?.value ?? 0;
  const most = Math.ceil((MOST_ML_PER_M2.value * siteFloor(site).wholeM2) / 10) * 10;
  return [
    numberLever({
      ...{ id: "mist-by-hand", name: "Mist by hand, a day", now, low: 0, high: Math.max(now, most), step: 5 },
      say: (ml) => (ml === 0 ? "none" : `${formatNumber(ml, 0)} mL`),
      patch: (ml) => [set(site.at("/ground/misting"), statedMm(ml))],
    }),
  ];
};

/** What a fixture's own kind lets be set: how often, and for how long it sprays. */
export const fixtureSettings: LeverKind = (site) =>
  site.variant.fixtures.flatMap((fixture, i) =>
    (fixtureKind(fixture).sets?.(fixture) ?? []).map(({ at, what, now, low, high, step, unit }) =>
      numberLever({
        ...{ id: `fixture/${fixture.id}/${at}`, name: `${fixture.name}, ${what}`, now, low, high, step },
        say: (x) => (x === 0 ? "none" : `${formatNumber(x, 0)} ${unit}`),
        patch: (x) => [set(site.at(`/fixtures/${i}/${at}`), statedMm(x))],
      }),
    ),
  );
