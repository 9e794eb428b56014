import type { Airway } from "../air/paths";
import { ventWay } from "../air/paths";
import type { Variant } from "../document/schema";
import { ventsOf } from "../features/vents";
import type { Site } from "../shell/site";
import type { DayAsk } from "./ask";
import { openingsOf } from "./openings";

/**
 * The day asked for while a vent is dragged, before the plan has followed: its vents as they are now, all else as planned.
 * @param planned the ask of the plan, and every way of air it counted
 */
export function liveAsk(planned: DayAsk, site: Site, airways: readonly Airway[], variant: Variant): DayAsk {
  if (variant === site.variant) return planned;
  const now = { ...site, variant };
  const vents = new Map(ventsOf(variant).map((f) => [f.id, ventWay(now, f)]));
  const moved = airways.map((a) => vents.get(a.id) ?? a);
  return { ...planned, input: { ...planned.input, openings: openingsOf(now, moved) } };
}
