import { WAYS } from "../escape/way";
import { fact } from "../ledgers/facts";
import { emptyLedger, gather } from "../ledgers/ledger";
import { REACHED } from "../ledgers/reached";
import { UNCOUNTED } from "../ledgers/uncounted";
import { meshGlue, meshSupplies } from "../shell/found/mesh";
import type { Site } from "../shell/site";
import { throughWords } from "../shell/through";
import type { Trade } from "../trade/trade";
import { PORTS, type PortFact } from "./facts";
import { featureKind } from "./index";
import { featureName } from "./name";
import type { Feature } from "./schema";
import { shellStage } from "./stages";

/** How each feature is reached; the first line of a feature is called by the feature's own id. */
const reachedOf = (site: Site, feature: Feature) =>
  featureKind(feature)
    .reached(feature, { through: throughWords(site.shell) })
    .map(({ label, way }, n) => ({ id: n === 0 ? feature.id : `${feature.id}-${n + 1}`, label, way }));

/** A feature as a hole that something is led through; none where it is none. */
function portOf(feature: Feature, path: string): PortFact[] {
  const { passes, drains } = featureKind(feature);
  const hole = passes?.(feature);
  if (!hole) return [];
  const [boreMm, borePath] = [hole.boreMm, `${path}${hole.path}`];
  return [{ id: feature.id, name: featureName(feature), boreMm, borePath, drains: drains?.(feature) === true }];
}

/** What every feature of the faces takes, does and leaves open. */
export const featuresTrade: Trade = {
  id: "features",
  stage: shellStage,
  reads: ["features", "seal"],
  needs: [],
  gives: [WAYS, REACHED, UNCOUNTED, PORTS],
  check({ features }, checker) {
    features.forEach((feature, i) => {
      const path = `/features/${i}`;
      if (features.findIndex((f) => f.id === feature.id) !== i)
        checker.add(`${path}/id`, "Two features share this id.");
      if (Math.abs(feature.u.value) > 10_000 || Math.abs(feature.v.value) > 10_000)
        checker.add(path, "This feature is many metres off its face. Type where its centre is.");
      featureKind(feature).check(feature, path, checker);
    });
  },
  plan(site) {
    const placed = site.variant.features.map((feature, i) => ({ feature, path: site.at(`/features/${i}`) }));
    const all = gather(placed.map(({ feature, path }) => featureKind(feature).plan(site, feature, path)));
    return gather([
      all,
      {
        ...emptyLedger(),
        supplies: [...meshSupplies(site, all.parts, "air"), ...meshGlue(site, all.parts, "air")],
        facts: [
          fact(
            WAYS,
            placed.flatMap(({ feature, path }) => featureKind(feature).ways(site, feature, path)),
          ),
          fact(
            REACHED,
            placed.flatMap(({ feature }) => reachedOf(site, feature)),
          ),
          fact(
            PORTS,
            placed.flatMap(({ feature, path }) => portOf(feature, path)),
          ),
        ],
      },
    ]);
  },
};
