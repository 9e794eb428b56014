import type { Put } from "#core/things/handle";
import { formatLength } from "#core/units/format";
import { useUnits } from "../state/context";

/** How a dragged length is written in the build's own units: whole millimetres, or sixteenths. */
export function usePut(): { put: Put; stepMm: number } {
  const { units } = useUnits();
  const stepMm = units.unit === "in" ? 25.4 / units.denominator : 1;
  return {
    stepMm,
    put: (mm) => {
      const value = Math.round(mm / stepMm) * stepMm;
      return { typed: formatLength(value, units), value, how: "stated" };
    },
  };
}
