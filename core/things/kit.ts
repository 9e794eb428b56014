import type { Variant } from "../document/schema";
import { PLACE } from "../shell/kinds/panelKit/places";
import type { Delivered } from "../shell/kinds/panelKit/schema";
import { capital } from "../units/capital";
import { formatLength } from "../units/format";
import type { ThingKind } from "./thing";

/** The part of a shell that may hold a list of panels. */
interface MayList {
  found?: { panels?: Delivered[] };
}
const listOf = ({ shell }: Variant) => (shell as unknown as MayList).found;
const panelsOf = (variant: Variant): readonly Delivered[] => listOf(variant)?.panels ?? [];

/** Panels as delivered. */
export const kitPanel: ThingKind = {
  rows: "measured",
  list: ({ site }) =>
    panelsOf(site.variant).map((panel, i) => {
      const say = (mm: number) => formatLength(mm, site.brief.units);
      return {
        ...{ kind: "kitPanel", id: panel.id, name: capital(PLACE[panel.place].words), what: "panel", stage: "shell" },
        paths: [`/shell/found/panels/${i}`],
        says: `${say(panel.length.value)} × ${say(panel.width.value)} × ${say(panel.thickness.value)}`,
      };
    }),
  off: (variant, id) => {
    const found = listOf(variant);
    if (found?.panels) found.panels = found.panels.filter((p) => p.id !== id);
  },
};
