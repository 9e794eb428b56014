import { meshNeeds, pieceOf } from "../dividers/cut";
import { heldBy } from "../dividers/parts";
import { STUFFS } from "../dividers/stuffs";
import type { Part } from "../ledgers/ledger";
import type { Need } from "../ledgers/needs";
import { findMaterial } from "../materials/find";
import type { Site } from "../shell/site";
import type { ServiceBox } from "./schema";
import { boxHighMm, boxWallMm, cutSides } from "./sizes";

/** A foot screen laps its window by this, mm. From memory. */
const LAP_MM = 15;
/** A cover overhangs its box by this, mm. From memory. */
const OVERHANG_MM = 5;

/** The sides, the cover and the foot screen of a box as they are cut. */
export function boxParts(box: ServiceBox, site: Pick<Site, "book" | "shell" | "saySum">): Part[] {
  if (box.origin === "found") return [];
  const { book, shell, saySum } = site;
  const high = boxHighMm(shell, box);
  const t = boxWallMm(book, box);
  const sides = cutSides(shell, box);
  const own = { of: box.of, material: box.material } as const;
  const across = sides.filter((s) => s === "left" || s === "right").length;
  const cut = sides.flatMap((side) => {
    const runs = side === "front" || side === "back";
    // Front and back stand over the edges of the other two.
    const lengthMm = runs ? box.width.value : box.length.value - t * (sides.length - across);
    const part = pieceOf(book, own, {
      ...{ id: `boxes/${box.id}/${side}`, label: `${box.name}, its ${side}`, qty: 1, lengthMm, widthMm: high },
      working: {
        length: runs
          ? saySum([box.width.value, " outside"])
          : saySum([box.length.value, " outside − the sides it stands between"]),
        width: saySum([high, " high"]),
      },
    });
    return part ? [part] : [];
  });
  const cover =
    box.cover === "none"
      ? undefined
      : pieceOf(book, own, {
          ...{ id: `boxes/${box.id}/cover`, label: `${box.name}, its cover`, qty: 1 },
          ...{ lengthMm: box.width.value + OVERHANG_MM, widthMm: box.length.value + OVERHANG_MM },
          working: {
            length: saySum([box.width.value, " + ", OVERHANG_MM, " overhang"]),
            width: saySum([box.length.value, " + ", OVERHANG_MM, " overhang"]),
          },
        });
  const mesh = box.foot && findMaterial(book, box.foot.mesh, "mesh");
  const screen: Part | undefined =
    mesh && box.foot
      ? {
          ...{ id: `boxes/${box.id}/screen`, label: `${box.name}, its foot screen`, materialId: mesh.id, kind: "mesh" },
          ...{ qty: 1, grainLocked: false, thicknessMm: 0 },
          lengthMm: Math.max(box.width.value, box.foot.height.value + 2 * LAP_MM),
          widthMm: Math.min(box.width.value, box.foot.height.value + 2 * LAP_MM),
          working: {
            length: saySum([box.width.value, " wide"]),
            width: saySum([box.foot.height.value, " + 2 × ", LAP_MM, " lap"]),
          },
        }
      : undefined;
  return [...cut, ...(cover ? [cover] : []), ...(screen ? [screen] : [])];
}

/** Run of glue or sealant that holds it, mm: foot of each side, and each corner. */
export function boxSeamsMm(box: ServiceBox, { shell }: Pick<Site, "shell">): number {
  const sides = cutSides(shell, box);
  const feet = sides.reduce((mm, s) => mm + (s === "front" || s === "back" ? box.width.value : box.length.value), 0);
  return feet + 4 * boxHighMm(shell, box);
}

/** What holds a box, and mesh off the roll. */
export function boxNeeds(box: ServiceBox, site: Site): Need[] {
  if (box.origin === "found") return [];
  const held = heldBy(site, box.held, boxSeamsMm(box, site), `seams of ${box.name.toLowerCase()}`);
  return [held, ...meshNeeds(boxParts(box, site))];
}

/** Whether silicone holds what it is made of. */
export const holdsOn = ({ of }: Pick<ServiceBox, "of">): boolean => STUFFS[of].silicone;
