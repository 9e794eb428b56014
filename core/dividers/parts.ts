import { constant, type Known, memory } from "../figures/figure";
import { HOT_GLUE, STICK_MM } from "../ledgers/hotGlue";
import type { Part } from "../ledgers/ledger";
import { type Need, need } from "../ledgers/needs";
import { findMaterial } from "../materials/find";
import { baseOf } from "../shell/base";
import { filletMl } from "../shell/fillet";
import type { Site } from "../shell/site";
import { meshNeeds, pieceOf } from "./cut";
import { runOf } from "./line";
import type { Divider } from "./schema";
import { STUFFS } from "./stuffs";

/** Left at each end for the bed, mm. From memory. */
export const BED_MM: Known = { value: 1.5, low: 1, high: 3, basis: memory };

/** Its three seams, mm: both faces of its foot and of its two ends. */
export function seamsMm(divider: Divider, site: Pick<Site, "shell">): number {
  const run = runOf(divider, baseOf(site.shell));
  return run ? 2 * (run.lengthMm + 2 * divider.height.value) : 0;
}

/** Whether what holds it is silicone; the others are glued hot, their edges keyed. */
export const isSiliconed = ({ layers }: Pick<Divider, "layers">): boolean => layers.every((l) => STUFFS[l.of].silicone);

/** Each layer of a divider as it is cut; none of one that came with the shell, or has no line. */
export function dividerParts(
  divider: Divider,
  { book, shell, saySum }: Pick<Site, "book" | "shell" | "saySum">,
): Part[] {
  const run = runOf(divider, baseOf(shell));
  if (!run || divider.origin === "found") return [];
  const lengthMm = run.lengthMm - 2 * BED_MM.value;
  return divider.layers.flatMap((sheet, i) => {
    const part = pieceOf(book, sheet, {
      ...{ id: `dividers/${divider.id}/${i + 1}`, label: `${divider.name}, ${STUFFS[sheet.of].words}`, qty: 1 },
      ...{ lengthMm, widthMm: divider.height.value },
      working: {
        length: saySum([run.lengthMm, " from wall to wall − 2 × ", BED_MM.value, " bed"]),
        width: saySum([divider.height.value, " high"]),
      },
    });
    return part ? [part] : [];
  });
}

/** Sealant or hot glue along so many millimetres of seam. */
export function heldBy(site: Site, by: "silicone" | "hotGlue", mm: number, why: string): Need {
  if (by === "hotGlue")
    return need(
      HOT_GLUE,
      "piece",
      why,
      [mm / STICK_MM.value, mm / STICK_MM.high!, mm / STICK_MM.low!],
      [constant("a stick runs", STICK_MM, "mm")],
    );
  const { seal } = site.variant;
  const waste = findMaterial(site.book, seal.sealant, "sealant")?.waste;
  const mL = filletMl(seal.leg.value, mm);
  return need(
    seal.sealant,
    "mL",
    why,
    [mL * (1 + (waste?.value ?? 0)), mL * (1 + (waste?.low ?? 0)), mL * (1 + (waste?.high ?? 0))],
    waste ? [constant("waste", waste, "")] : [],
  );
}

/** What a divider takes to hold: sealant in its seams, or hot glue; and mesh off the roll. */
export function dividerNeeds(divider: Divider, site: Site): Need[] {
  const mm = seamsMm(divider, site);
  if (mm <= 0 || divider.origin === "found") return [];
  const why = `seams of ${divider.name.toLowerCase()}`;
  return [
    heldBy(site, isSiliconed(divider) ? "silicone" : "hotGlue", mm, why),
    ...meshNeeds(dividerParts(divider, site)),
  ];
}
