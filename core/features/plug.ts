import { set, setMm } from "../ledgers/fix";
import type { Fix } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { over } from "../units/tolerance";
import { featureKind } from "./index";
import { featureName } from "./name";

/** A plug passes a hole that is wider by so much, mm. From memory. */
const EASE_MM = 1;

/** How a cable stands to the port that it names. */
export type PlugAtPort =
  | { port: "gone" }
  /** What would let it through, the simplest first; none where it passes. */
  | { port: "there"; boreMm: number; fixes: Fix[] | null };

/**
 * Whether a plug passes the port its cable is led through: no joint belongs inside, so the hole is bored for the plug.
 * @param portPath where the cable names its port, in the build
 */
export function plugAtPort(
  { variant, say, at }: Pick<Site, "variant" | "say" | "at">,
  { port, plugMm, portPath }: { port: string; plugMm: number | null; portPath: string },
): PlugAtPort {
  const index = variant.features.findIndex((f) => f.id === port);
  const passes = (i: number) => {
    const feature = variant.features[i];
    return feature && featureKind(feature).passes?.(feature);
  };
  const hole = passes(index);
  if (!hole) return { port: "gone" };
  if (plugMm === null || !over(plugMm, hole.boreMm)) return { port: "there", boreMm: hole.boreMm, fixes: null };
  const wider = variant.features.find((_, i) => (passes(i)?.boreMm ?? 0) >= plugMm + EASE_MM);
  return {
    ...{ port: "there", boreMm: hole.boreMm },
    fixes: [
      {
        label: `Bore the port ${say(plugMm + EASE_MM)}`,
        patch: [setMm(at(`/features/${index}${hole.path}`), plugMm + EASE_MM)],
      },
      ...(wider ? [{ label: `Lead it through ${featureName(wider)}`, patch: [set(portPath, wider.id)] }] : []),
    ],
  };
}
