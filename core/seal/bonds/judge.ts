import { memory } from "../../figures/figure";
import { APPLIED, type Applied, SURFACES, type Surface } from "./names";
import { BONDS, type Bond } from "./table";

/**
 * Whether one thing holds on another: the table's first row that names both; honestly unknown where none does.
 * @param put what is applied
 * @param on what it goes on
 */
export function bondOf(put: Applied, on: Surface): Bond {
  const found = BONDS.find((b) => b.put.includes(put) && b.on.includes(on));
  return (
    found ?? {
      row: "",
      put: [put],
      on: [on],
      holding: "unknown",
      reason: `It is not known whether ${APPLIED[put]} holds on ${SURFACES[on]}.`,
      cure: "Try it on scrap for 24 h, wet and dry.",
      basis: memory,
    }
  );
}
