import type { Measure } from "../../design/basics";
import { isPlain, list, type Plain } from "./plain";

/** Version 2: openings have a shape, and a tube is a port like any other rather than the round tub's own. */
export function to2(build: Plain): Plain {
  return {
    ...build,
    version: 2,
    variants: list(build.variants).map((variant) => {
      const { tube, ...shell } = isPlain(variant.shell) ? variant.shell : {};
      const features = list(variant.features).map((feature) => ({
        ...feature,
        ...(feature.kind === "mesh" && { shape: "panel" }),
        ...(feature.kind === "port" && { tube: null }),
      }));
      return { ...variant, shell, features: isPlain(tube) ? [...features, tubePort(tube, shell, features)] : features };
    }),
  };
}

/** The round tub's tube as it was, in the middle of the right-hand quarter of its wall. */
function tubePort({ outer, height, bore, rise, run, bendRadius }: Plain, shell: Plain, others: Plain[]): Plain {
  let n = 1;
  while (others.some((f) => f.id === `tube-${n}`)) n++;
  const { found } = shell as { found?: { rimDiameter?: Measure } };
  const mm = Math.round((Math.PI * (found?.rimDiameter?.value ?? 0)) / 8);
  return {
    id: `tube-${n}`,
    name: "Tube",
    face: "right",
    kind: "port",
    use: "tube",
    u: { typed: `${mm}`, value: mm, how: "stated" },
    v: height,
    bore: outer,
    gap: { typed: "0", value: 0, how: "stated" },
    tube: { bore, rise, run, bendRadius },
  };
}
