import { type Known, memory } from "../figures/figure";
import { set, setMm } from "../ledgers/fix";
import type { Fix } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { over } from "../units/tolerance";
import type { PortFact } from "./facts";

/** A plug passes a hole that is wider by so much, mm. From memory. */
const EASE: Known = { value: 1, low: 0.5, high: 3, basis: memory };

/** How a cable stands to the port that it names. */
export type PlugAtPort =
  | { port: "gone" }
  /** What would let it through, the simplest first; none where it passes. */
  | { port: "there"; boreMm: number; fixes: Fix[] | null };

/**
 * Whether a plug passes the port its cable is led through: no joint belongs inside, so the hole is bored for the plug.
 * @param ports all there are
 * @param cable the port it names, its plug's long way, and where it names the port in the build
 */
export function plugAtPort(
  ports: readonly PortFact[],
  { say }: Pick<Site, "say">,
  { port, plugMm, portPath }: { port: string; plugMm: number | null; portPath: string },
): PlugAtPort {
  const hole = ports.find((p) => p.id === port);
  if (!hole) return { port: "gone" };
  const { boreMm, borePath } = hole;
  if (plugMm === null || !over(plugMm, boreMm)) return { port: "there", boreMm, fixes: null };
  const wider = ports.find((p) => p.boreMm >= plugMm + EASE.value);
  return {
    ...{ port: "there", boreMm },
    fixes: [
      { label: `Bore the port ${say(plugMm + EASE.value)}`, patch: [setMm(borePath, plugMm + EASE.value)] },
      ...(wider ? [{ label: `Lead it through ${wider.name}`, patch: [set(portPath, wider.id)] }] : []),
    ],
  };
}
