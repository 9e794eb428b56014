import { boxHighMm, boxRect } from "../boxes/sizes";
import { dividerMesh } from "../dividers/mesh";
import type { Variant } from "../document/schema";
import { fixtureKind } from "../fixtures/kinds/list";
import { inSpace } from "../fixtures/place";
import { pieceMesh } from "../hardscape/mesh";
import type { Family } from "../materials/face";
import type { Book } from "../materials/schema";
import type { Rect } from "../shell/faces";
import type { Shell } from "../shell/shell";
import { boxMesh, type Mesh } from "../shell/wallMesh";
import { standingOf, vesselRect } from "../vessels/sizes";
import { vesselsOf } from "../vessels/split";

/** Something in the room as the model draws it, in the shell's own space. */
export interface InsideSolid {
  id: string;
  family: Family;
  mesh: Mesh;
}

/** Wood and stone, dividers from wall to wall, boxes, vessels to their rims, and the bodies of fixtures. */
export function insideSolids(
  shell: Shell,
  variant: Pick<Variant, "hardscape" | "dividers" | "boxes" | "vessels" | "fixtures">,
  book: Book,
): InsideSolid[] {
  const standing = ({ uMm, vMm, widthMm, heightMm }: Rect, from: number, to: number) =>
    boxMesh({ low: [uMm, vMm, Math.max(0, from)], high: [uMm + widthMm, vMm + heightMm, Math.max(1, to)] });
  return [
    ...variant.hardscape.map(
      (piece): InsideSolid => ({ id: `piece-${piece.id}`, family: "timber", mesh: pieceMesh(shell, piece) }),
    ),
    ...variant.dividers.flatMap((d): InsideSolid[] => {
      const own = dividerMesh(shell, book, d);
      return own ? [{ id: `divider-${d.id}`, ...own }] : [];
    }),
    ...variant.boxes.map(
      (b): InsideSolid => ({ id: `box-${b.id}`, family: b.of, mesh: standing(boxRect(b), 0, boxHighMm(shell, b)) }),
    ),
    ...variant.fixtures.flatMap((f): InsideSolid[] => {
      if (fixtureKind(f).inRoom) return [];
      const { low, high } = inSpace(shell, f);
      return [{ id: `fixture-${f.id}`, family: "steel", mesh: boxMesh({ low, high }) }];
    }),
    ...vesselsOf(variant.vessels).map((x): InsideSolid => {
      const { footMm, rimMm } = standingOf(x, shell.levels.groundMm);
      return { id: `vessel-${x.id}`, family: "steel", mesh: standing(vesselRect(x), footMm, rimMm) };
    }),
  ];
}
