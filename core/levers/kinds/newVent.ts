import { freeId } from "../../design/freeId";
import { startsAt } from "../../features/begin";
import { featureKind } from "../../features/index";
import type { Feature } from "../../features/schema";
import { airStage } from "../../features/stages";
import { set } from "../../ledgers/fix";
import type { LeverKind, Setting } from "../lever";

/** Of its size as it is begun. */
const SHARES = [0.25, 0.4, 0.6, 0.8, 1, 1.3, 1.7, 2.2] as const;

/** A vent more, where one is usually begun, from a small one to a large one. */
export const newVent: LeverKind = (site) =>
  startsAt(airStage.id).flatMap(({ make, stem, button }) => {
    const begun = make(site.shell, site.book);
    if (!begun) return [];
    const id = freeId(site.variant.features, stem);
    const feature = { ...begun, id } as Feature;
    const kind = featureKind(feature);
    const { widthMm, heightMm } = kind.size(feature);
    const settings = SHARES.map((share, n): Setting => {
      const changed = structuredClone(feature) as unknown as Record<string, unknown>;
      for (const { path, mm, value } of kind.sized(feature, { widthMm, heightMm: heightMm * share }))
        changed[path.slice(1)] =
          mm === undefined ? value : { typed: `${Math.round(mm)} mm`, value: Math.round(mm), how: "stated" };
      const size = kind.size(changed as unknown as Feature);
      return {
        far: (n + 1) / SHARES.length,
        words: `${site.say(size.widthMm)} × ${site.say(size.heightMm)}`,
        patch: [set(site.at("/features/-"), changed)],
      };
    });
    return [{ id: `new-vent/${stem}`, name: button.replace(/^Add /, "A vent more: "), now: "none", sides: [settings] }];
  });
