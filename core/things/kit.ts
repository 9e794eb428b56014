import type { Variant } from "../document/schema";
import { PLACE } from "../shell/kinds/panelKit/places";
import type { Delivered, PanelKitShell } from "../shell/kinds/panelKit/schema";
import { capital } from "../units/capital";
import { formatLength } from "../units/format";
import type { ThingKind } from "./thing";

/** The panels of a kit; none of any other shell. */
const panelsOf = ({ shell }: Variant): readonly Delivered[] =>
  shell.kind === "panelKit" ? (shell as PanelKitShell).found.panels : [];

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
    if (variant.shell.kind !== "panelKit") return;
    const { found } = variant.shell as PanelKitShell;
    found.panels = found.panels.filter((p) => p.id !== id);
  },
};
