import { formatWithin } from "#core/units/within";
import { Reading } from "../../fields/Reading";
import { useShown, useUnits } from "../../state/context";

/** The way out that is nearest to what it may be, or farthest over it. */
export function LargestWayOut() {
  const { units } = useUnits();
  const tightest = useShown(
    ({ plan }) =>
      plan.audit.audits
        .flatMap((audit) => audit.ways.filter((w) => w.name === audit.largest))
        .sort((a, b) => b.worstMm / b.allowedMm - a.worstMm / a.allowedMm)[0],
  );
  if (!tightest) return null;
  return (
    <Reading
      label="Largest way out"
      value={`${formatWithin(tightest.worstMm, tightest.allowedMm, units).join(" of ")} allowed`}
      tone={tightest.passes ? "ink" : "stop"}
    />
  );
}
