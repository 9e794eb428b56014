import type { ClosureLedger } from "../closures/planClosures";
import { featureName } from "../features/feature";
import { PORT_WORDS } from "../features/port/words";
import type { Feature } from "../features/schema";
import { isVent } from "../features/vents";
import type { Service } from "../ground/schema";
import { findMaterial } from "../materials/find";
import type { Site } from "../shell/site";

/** An opening of the shell: what is left open at worst, and what covers it. */
export interface OpeningEntry {
  id: string;
  label: string;
  where: string;
  worstMm: number | null;
  cover: string;
}

/** Something that must be reached while animals live there, and by which way. */
export interface ServiceEntry {
  id: string;
  label: string;
  way: string;
}

function coverOf(site: Site, feature: Feature): string {
  if (feature.kind === "port") return PORT_WORDS[feature.use].cover;
  if (feature.kind === "keepOut") return "";
  if (feature.kind === "pane") return "its pane, bedded in sealant";
  const mesh = feature.mesh === null ? undefined : findMaterial(site.book, feature.mesh, "mesh");
  return mesh?.name ?? "nothing: it stands open";
}

/** Every opening with what covers it; `worstMm` is null while no resident is measured. */
export function openingsRegister(site: Site, { ways, audits }: ClosureLedger): OpeningEntry[] {
  const { closure, features } = site.variant;
  const worst = (id: string) => audits[0]?.ways.find((w) => w.id === id)?.worstMm ?? null;
  return ways.map(({ id, way }): OpeningEntry => {
    const feature = features.find((f) => f.id === id);
    const cover = feature
      ? coverOf(site, feature)
      : id === "between"
        ? closure.kind === "slidingPair" && closure.brushStrip
          ? "brush strip"
          : "nothing: the panes pass one another"
        : id === "lid"
          ? closure.kind === "lid"
            ? `${closure.clips} clips`
            : "its own catches"
          : id === "hardware"
            ? "nothing yet: plug them"
            : closure.kind === "open" || closure.lock === "none"
              ? "nothing holds it shut"
              : closure.lock === "key"
                ? "held by a key lock"
                : "held by a wedge";
    return { id, label: way.name, where: feature ? feature.face : site.shell.opening.face, worstMm: worst(id), cover };
  });
}

/** The way a serviced thing comes out, in words. */
const WAY_OUT: Record<Service["way"], (wide: string, high: string, through: string) => string> = {
  open: (_w, _h, through) => `${through}, in the open`,
  box: (wide, high, through) => `${through}, out of its box, ${wide} × ${high} clear`,
  duct: (wide, high) => `through its duct, ${wide} × ${high} clear`,
  hatch: (wide, high, through) => `${through}, the loose piece off, ${wide} × ${high} clear`,
  outside: () => "from outside; it must come off",
  none: () => "none: it is glued in",
};

/** What must be reached for service, each with its way past everything fixed. */
export function serviceRegister(site: Site): ServiceEntry[] {
  const { shell, variant } = site;
  const { opening } = shell;
  const through = opening.face === "top" ? "from above, lid off" : "through the doors";
  const entry = (id: string, label: string, way: string): ServiceEntry => ({ id, label, way });
  const reach = `${site.say(opening.widthMm)} × ${site.say(opening.heightMm)}`;
  return [
    entry("inside", "Everything inside", `${through}, ${reach} clear`),
    ...variant.service.map((item) =>
      entry(
        `service-${item.id}`,
        item.name,
        WAY_OUT[item.way](site.say(item.wayWidth.value), site.say(item.wayHeight.value), through),
      ),
    ),
    ...variant.features.flatMap((feature): ServiceEntry[] => {
      const name = featureName(feature);
      if (feature.kind === "port")
        return [
          entry(
            feature.id,
            name,
            `outside at the ${feature.face}; leave a hand's room beside it, nothing glued over it inside`,
          ),
        ];
      if (feature.kind === "keepOut" && feature.use !== "window" && feature.use !== "doorSwing")
        return [
          entry(
            feature.id,
            name,
            feature.use === "heatMat"
              ? `outside of the ${feature.face}; it must come off`
              : `${through}; a lamp is changed cold`,
          ),
        ];
      if (isVent(feature) && feature.mesh !== null)
        return [
          entry(feature.id, `Mesh of ${name}`, `${through}; brushed clean, looked at for tears and rust each year`),
        ];
      return [];
    }),
  ];
}
