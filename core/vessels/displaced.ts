import type { Variant } from "../document/schema";
import type { Shell } from "../shell/shell";
import type { Taking } from "../shell/taking";
import { standingOf, vesselRect } from "./sizes";
import { vesselsOf } from "./split";

/** Vessels that are sunk take their room out of the substrate. */
export const vesselsTake = ({ levels }: Pick<Shell, "levels">, { vessels }: Pick<Variant, "vessels">): Taking[] =>
  vesselsOf(vessels).flatMap((vessel): Taking[] => {
    const { footMm, rimMm } = standingOf(vessel, levels.groundMm);
    const rect = vesselRect(vessel);
    const m2 = ((vessel.round ? Math.PI / 4 : 1) * rect.widthMm * rect.heightMm) / 1e6;
    return footMm >= levels.groundMm ? [] : [{ rect, m2, fromMm: Math.max(0, footMm), toMm: rimMm }];
  });
