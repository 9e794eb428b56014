import { set } from "../../../ledgers/fix";
import type { Snag } from "../../../ledgers/ledger";
import { holeApartMm, holeEdgeMm } from "../../../materials/drilling";
import { DRILLING, FOUND_MATERIALS } from "../../../materials/face";
import { atLeast } from "../../../units/tolerance";
import type { Site } from "../../site";
import type { ClearBoxFound as Found } from "./schema";

/** Holes too near an edge, or one another: what was drilled is not drilled again, it is patched. */
export function holeSnags({ say, at }: Site, found: Found): Snag[] {
  const { holes, holeEdge, holeApart, holePatch, plastic } = found;
  if (holes.count === 0 || holePatch !== "none" || DRILLING[FOUND_MATERIALS[plastic].family] !== "brittle") return [];
  const bore = holes.bore.value;
  const told = (rule: string, title: string, isMm: number | undefined, wantedMm: number, between: string): Snag[] =>
    isMm === undefined || atLeast(isMm, wantedMm)
      ? []
      : [
          {
            ...{ rule, title, subject: "own-holes", severity: "mind", stage: "shell" },
            sentence: `${say(isMm, "down")} ${between} of ${say(bore)}; ${say(wantedMm)} keeps it from cracking.`,
            reason: "A crack starts in the bridge and runs on (common practice, no source): drill none there.",
            fix: { label: "Weld a patch over them", patch: [set(at("/shell/found/holePatch"), "toFit")] },
          },
        ];
  return [
    ...told(
      "clear/hole-near-edge",
      "A hole near an edge",
      holeEdge?.value,
      holeEdgeMm(bore),
      "to the edge from a hole",
    ),
    ...told(
      "clear/holes-too-close",
      "Thin bridges between its holes",
      holeApart?.value,
      holeApartMm(bore),
      "between holes",
    ),
  ];
}
